package zafu.server.platform;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.apache.tika.Tika;

/**
 * Files that people bring, checked by what is in them, whatever they call themselves. Pictures are turned the right way up,
 * made no larger than a screen needs, and lose what a camera wrote into them, the place for instance.
 */
public final class CheckedFiles {
    /** Pixels of the longer side that a picture keeps. */
    static final int LONGEST_SIDE = 2000;

    /** More than this is no photograph but an attempt to fill the memory. */
    private static final long MOST_PIXELS = 100_000_000L;

    private static final int LONGEST_NAME = 200;
    private static final Tika TIKA = new Tika();

    /** What is taken, by the type found in the content. */
    private static final List<String> TAKEN = List.of(
            "image/jpeg",
            "image/png",
            "image/gif",
            "image/webp",
            "application/pdf",
            "text/plain",
            "text/csv",
            "application/rtf",
            "application/vnd.openxmlformats-officedocument.wordprocessingml.document",
            "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
            "application/vnd.openxmlformats-officedocument.presentationml.presentation",
            "application/vnd.oasis.opendocument.text",
            "application/vnd.oasis.opendocument.spreadsheet",
            "application/vnd.oasis.opendocument.presentation",
            "audio/mpeg",
            "audio/mp4",
            "audio/ogg",
            "audio/vorbis",
            "audio/opus",
            "audio/vnd.wave",
            "audio/x-wav",
            "video/mp4",
            "video/webm",
            "video/quicktime");

    private CheckedFiles() {}

    public record Checked(String name, String mediaType, byte[] content) {}

    /** Refuses what is empty, of a kind that is not taken, or a picture that cannot be read. */
    public static Checked check(String name, byte[] content) {
        String called = name.length() > LONGEST_NAME ? name.substring(name.length() - LONGEST_NAME) : name;
        if (content.length == 0) {
            throw Refusal.unusable("file-empty", "\"" + called + "\" is empty.");
        }
        // The name only tells apart what looks alike inside, as documents in the same wrapping do.
        String type = TIKA.detect(content, called.toLowerCase(Locale.ROOT));
        String within = TIKA.detect(content);
        String named = TIKA.detect(called.toLowerCase(Locale.ROOT));
        boolean saysOtherwise = TAKEN.contains(named) && !named.equals(type) && !sound(named, type);
        if (!TAKEN.contains(type) || saysOtherwise || disagree(type, within)) {
            throw Refusal.unusable(
                    "file-kind",
                    "\"" + called
                            + "\" cannot be taken. Pictures, PDF, text, office documents, sound and film can be.");
        }
        return type.equals("image/jpeg") || type.equals("image/png")
                ? picture(called, type, content)
                : new Checked(called, type, content);
    }

    /** Recordings are named in many ways for what is the same within. */
    private static boolean sound(String named, String type) {
        return named.startsWith("audio/") && type.startsWith("audio/")
                || named.startsWith("video/") && type.startsWith("video/");
    }

    /** A page or a program that calls itself a text is still a page or a program. */
    private static boolean disagree(String byName, String within) {
        boolean wrapped = within.equals("application/zip")
                || within.startsWith("application/x-tika")
                || within.equals("application/octet-stream");
        boolean textual = byName.startsWith("text/") && within.equals("text/plain");
        return !(wrapped || textual || within.equals(byName) || TAKEN.contains(within));
    }

    private static Checked picture(String name, String type, byte[] content) {
        try {
            requireReasonable(name, content);
            BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(content))
                    .scale(1)
                    .useExifOrientation(true)
                    .asBufferedImage();
            boolean large = Math.max(upright.getWidth(), upright.getHeight()) > LONGEST_SIDE;
            ByteArrayOutputStream written = new ByteArrayOutputStream();
            Thumbnails.Builder<BufferedImage> builder = Thumbnails.of(upright);
            (large ? builder.size(LONGEST_SIDE, LONGEST_SIDE) : builder.scale(1))
                    .outputFormat(type.equals("image/png") ? "png" : "jpg")
                    .outputQuality(0.85)
                    .toOutputStream(written);
            return new Checked(name, type, written.toByteArray());
        } catch (IOException | RuntimeException unreadable) {
            if (unreadable instanceof Refusal refusal) {
                throw refusal;
            }
            throw Refusal.unusable("picture-unreadable", "\"" + name + "\" is a picture that cannot be read.");
        }
    }

    private static void requireReasonable(String name, byte[] content) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new IOException("no reader");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw Refusal.tooLarge("\"" + name + "\" has more than 100 million pixels.");
                }
            } finally {
                reader.dispose();
            }
        }
    }
}
