package zafu.server.fuzz;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Makes zips whose parts can be anything. */
public final class Zips {
    private final Map<String, Part> parts = new LinkedHashMap<>();

    /** A piece of a part, and how often it is said over. */
    private record Part(byte[] piece, int times) {}

    public static Zips with(String name, byte[] part) {
        return new Zips().and(name, part);
    }

    public static Zips with(String name, String part) {
        return new Zips().and(name, part);
    }

    public Zips and(String name, byte[] part) {
        return and(name, part, 1);
    }

    public Zips and(String name, String part) {
        return and(name, part.getBytes(StandardCharsets.UTF_8), 1);
    }

    /** A part that is small while it is packed. */
    public Zips and(String name, byte[] piece, int times) {
        parts.put(name, new Part(piece, times));
        return this;
    }

    public byte[] made() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, Part> each : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                for (int i = 0; i < each.getValue().times(); i++) {
                    zip.write(each.getValue().piece());
                }
                zip.closeEntry();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }
}
