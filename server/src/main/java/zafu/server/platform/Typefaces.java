package zafu.server.platform;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/** The typefaces that ship with the application, and which letters they have. Those before are taken first. */
enum Typefaces {
    LATIN("atkinson-latin", true),
    MORE_LATIN("atkinson-latin-ext", true),
    /** Greek, Cyrillic, Hebrew, Arabic, and signs. */
    WIDE("dejavu", false),
    DEVANAGARI("noto-devanagari", false),
    CHINESE("noto-chinese-simplified", false),
    JAPANESE("noto-japanese", false),
    OLD_CHINESE("noto-chinese-traditional", false),
    KOREAN("noto-korean", false);

    /** Read when first asked: most papers need no more than the first. */
    private static final Map<Typefaces, Font> READ = new EnumMap<>(Typefaces.class);

    private final String family;
    private final boolean hasBold;

    Typefaces(String family, boolean hasBold) {
        this.family = family;
        this.hasBold = hasBold;
    }

    String family() {
        return family;
    }

    boolean hasBold() {
        return hasBold;
    }

    InputStream open(boolean bold) {
        String name = "/fonts/" + family + (hasBold ? bold ? "-700" : "-400" : "") + ".ttf";
        InputStream in = Typefaces.class.getResourceAsStream(name);
        if (in == null) {
            throw new IllegalStateException("the application has no font " + name);
        }
        return in;
    }

    private boolean has(int letter) {
        Font font;
        synchronized (READ) {
            font = READ.computeIfAbsent(this, Typefaces::read);
        }
        return font.canDisplay(letter);
    }

    private static Font read(Typefaces face) {
        try (InputStream in = face.open(false)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException | FontFormatException broken) {
            throw new IllegalStateException("font " + face.family + " cannot be read", broken);
        }
    }

    /** Those that a text needs, in their order; the first is always there. */
    static Set<Typefaces> neededFor(String text) {
        Set<Typefaces> needed = EnumSet.of(LATIN);
        text.codePoints().distinct().filter(Typefaces::isSeen).forEach(letter -> {
            for (Typefaces face : values()) {
                if (face.has(letter)) {
                    needed.add(face);
                    return;
                }
            }
        });
        return needed;
    }

    /** Whether there is a face for each letter of a text. */
    static boolean haveAll(String text) {
        return text.codePoints().noneMatch(each -> isSeen(each) && isLacking(each));
    }

    private static boolean isLacking(int letter) {
        for (Typefaces face : values()) {
            if (face.has(letter)) {
                return false;
            }
        }
        return true;
    }

    /** Spaces and signs that only steer how letters join need no face. */
    private static boolean isSeen(int letter) {
        int kind = Character.getType(letter);
        return kind != Character.FORMAT && kind != Character.CONTROL && !Character.isWhitespace(letter);
    }
}
