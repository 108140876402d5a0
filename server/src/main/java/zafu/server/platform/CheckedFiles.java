package zafu.server.platform;

import static zafu.server.platform.Words.inWords;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import org.apache.tika.Tika;

/**
 * Files that people bring, checked by what is in them, whatever they call themselves. Pictures are turned the right way up,
 * made no larger than a screen needs, and lose what a camera wrote into them, the place for instance.
 */
public final class CheckedFiles {
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

    /**
     * Refuses what is empty, of a kind that is not taken, or a picture that cannot be read. Pictures wait for
     * their turn, so this is not to be called while others wait for the caller, as in a transaction.
     */
    public static Checked check(String name, byte[] content) {
        String called = lastPart(name);
        if (content.length == 0) {
            throw Refusal.unusable("file-empty", inWords("everyone.is-empty", "name", called));
        }
        // The name only tells apart what looks alike inside, as documents in the same wrapping do.
        String type = TIKA.detect(content, called.toLowerCase(Locale.ROOT));
        String within = TIKA.detect(content);
        String named = TIKA.detect(called.toLowerCase(Locale.ROOT));
        boolean saysOtherwise = TAKEN.contains(named) && !named.equals(type) && !sound(named, type);
        if (!TAKEN.contains(type) || saysOtherwise || disagree(type, within)) {
            throw Refusal.unusable("file-kind", inWords("everyone.cannot-be-taken-pictures-pdf-text", "name", called));
        }
        return type.equals("image/jpeg") || type.equals("image/png")
                ? picture(called, type, content)
                : new Checked(called, type, content);
    }

    /** Some browsers send the way to a file with its name; whoever keeps it elsewhere must not be led there. */
    public static String lastPart(String name) {
        String last = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
        return last.length() > LONGEST_NAME ? last.substring(last.length() - LONGEST_NAME) : last;
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
            return new Checked(name, type, Pictures.made(name, type.equals("image/png") ? "png" : "jpg", content));
        } catch (IOException | RuntimeException unreadable) {
            if (unreadable instanceof Refusal refusal) {
                throw refusal;
            }
            throw Refusal.unusable(
                    "picture-unreadable", inWords("everyone.is-a-picture-that-cannot-be-read", "name", name));
        }
    }
}
