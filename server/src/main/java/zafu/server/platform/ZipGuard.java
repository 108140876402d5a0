package zafu.server.platform;

import static zafu.server.platform.Words.inWords;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/**
 * Opens a zip that a stranger may have made: entries are counted while they are unpacked, so that a small file which
 * swells to a huge one is given up early; names that lead out of the zip and XML with entities of its own are refused.
 */
public final class ZipGuard {
    private static final int HEAD = 4_096;

    private ZipGuard() {}

    public static boolean isZip(byte[] bytes) {
        return bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3 && bytes[3] == 4;
    }

    /** The entries that are wanted, by name; every entry is looked at, wanted or not. */
    public static Map<String, byte[]> unpack(byte[] zip, Predicate<String> wanted) {
        Path copy = null;
        try {
            // The directory at a zip's end is what other programs go by; it can only be read from a file.
            copy = Files.createTempFile("zafu", ".zip");
            Files.write(copy, zip);
            try (ZipFile file = new ZipFile(copy.toFile(), StandardCharsets.UTF_8)) {
                return unpack(file, wanted);
            }
        } catch (ZipException | IllegalArgumentException broken) {
            throw refused(inWords("platform.the-file-is-damaged-it-cannot-be-unpacked"));
        } catch (IOException broken) {
            throw refused(inWords("platform.the-file-is-damaged-it-ends-too"));
        } finally {
            delete(copy);
        }
    }

    private static void delete(@Nullable Path copy) {
        try {
            if (copy != null) {
                Files.deleteIfExists(copy);
            }
        } catch (IOException kept) {
            throw new UncheckedIOException(kept);
        }
    }

    private static Map<String, byte[]> unpack(ZipFile file, Predicate<String> wanted) throws IOException {
        if (file.size() > Bounds.ZIP_PARTS) {
            throw refused(inWords("platform.the-file-holds-more-than-parts-it", "most", Bounds.ZIP_PARTS));
        }
        Map<String, byte[]> found = new LinkedHashMap<>();
        Swelling swelling = new Swelling();
        for (ZipEntry entry : Collections.list(file.entries())) {
            String name = entry.getName();
            requireHarmlessName(name);
            try (InputStream in = file.getInputStream(entry)) {
                byte[] head = in.readNBytes(HEAD);
                requireHarmlessXml(name, head);
                if (!wanted.test(name)) {
                    swelling.passOver(head, in);
                } else if (found.put(name, swelling.keep(name, head, in)) != null) {
                    throw refused(inWords("platform.the-file-holds-two-parts-called", "name", name));
                }
            }
        }
        return found;
    }

    /** Counts what comes out of a zip while it comes out. */
    private static final class Swelling {
        private long unpacked;
        private long kept;

        void passOver(byte[] head, InputStream in) throws IOException {
            count(head.length);
            byte[] buffer = new byte[16 * 1024];
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                count(read);
            }
        }

        byte[] keep(String name, byte[] head, InputStream in) throws IOException {
            int most = (int) Math.min(Bounds.ZIP_PART_BYTES, Bounds.ZIP_BYTES_KEPT - kept) - head.length;
            byte[] rest = in.readNBytes(Math.max(0, most));
            if (in.read() >= 0) {
                throw refused(inWords(
                        "platform.the-files-part-is-larger-than-zafu",
                        "name",
                        name,
                        "most",
                        megabytes(Bounds.ZIP_PART_BYTES),
                        "together",
                        megabytes(Bounds.ZIP_BYTES_KEPT)));
            }
            count((long) head.length + rest.length);
            kept += (long) head.length + rest.length;
            byte[] all = Arrays.copyOf(head, head.length + rest.length);
            System.arraycopy(rest, 0, all, head.length, rest.length);
            return all;
        }

        private void count(long bytes) {
            unpacked += bytes;
            if (unpacked > Bounds.ZIP_BYTES) {
                throw refused(
                        inWords("platform.the-file-swells-to-more-than-when", "most", megabytes(Bounds.ZIP_BYTES)));
            }
        }

        private static String megabytes(long bytes) {
            return (bytes >> 20) + " MB";
        }
    }

    private static void requireHarmlessName(String name) {
        boolean leadsOut = name.startsWith("/")
                || name.contains("\\")
                || name.matches("^[A-Za-z]:.*")
                || Arrays.asList(name.split("/")).contains("..");
        if (leadsOut) {
            throw refused(inWords("platform.the-file-holds-a-part-called-which", "name", name));
        }
    }

    private static void requireHarmlessXml(String name, byte[] bytes) {
        if (name.endsWith(".xml") || name.endsWith(".rels")) {
            String head = new String(bytes, 0, Math.min(bytes.length, HEAD), StandardCharsets.ISO_8859_1);
            if (head.contains("<!DOCTYPE") || head.contains("<!ENTITY")) {
                throw refused(inWords("platform.the-files-part-defines-entities-of", "name", name));
            }
        }
    }

    private static Refusal refused(String sentence) {
        return Refusal.unusable("file-not-safe", sentence);
    }
}
