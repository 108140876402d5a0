package zafu.server.calendar;

import java.nio.charset.StandardCharsets;

/**
 * Folds the lines of an iCalendar file after at most 75 octets (RFC 5545, 3.1), never within a letter. The library that
 * writes the file folds after so many letters, and 75 letters of Hindi or Chinese are 225 octets, which some programs cut.
 */
final class FoldedLines {
    private static final int MOST_OCTETS = 75;
    private static final String FOLD = "\r\n ";

    private FoldedLines() {}

    /** @param text lines that end in CR LF, folded anyhow or not at all */
    static String of(String text) {
        StringBuilder folded = new StringBuilder(text.length() + text.length() / MOST_OCTETS * FOLD.length());
        int octets = 0;
        for (int letter : text.replace(FOLD, "").codePoints().toArray()) {
            int own = Character.toString(letter).getBytes(StandardCharsets.UTF_8).length;
            boolean endsLine = letter == '\r' || letter == '\n';
            if (!endsLine && octets + own > MOST_OCTETS) {
                folded.append(FOLD);
                octets = 1;
            }
            folded.appendCodePoint(letter);
            octets = endsLine ? 0 : octets + own;
        }
        return folded.toString();
    }
}
