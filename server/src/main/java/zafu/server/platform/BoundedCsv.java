package zafu.server.platform;

import static zafu.server.platform.Words.inWords;

import java.io.FilterReader;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** Opens a text with commas that a stranger wrote: a line that goes on and on would otherwise become a million cells. */
public final class BoundedCsv {
    private BoundedCsv() {}

    /**
     * @throws IOException where not even its header can be read
     * @throws Refusal here, or while records are read, for a line longer than {@link Bounds#LINE_LETTERS}
     */
    public static CSVParser open(String text, CSVFormat format) throws IOException {
        return CSVParser.parse(new Lines(new StringReader(text)), format);
    }

    private static final class Lines extends FilterReader {
        private long line = 1;
        private int letters;

        Lines(Reader in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            int letter = super.read();
            count(letter);
            return letter;
        }

        @Override
        public int read(char[] into, int from, int most) throws IOException {
            int read = super.read(into, from, most);
            for (int i = 0; i < read; i++) {
                count(into[from + i]);
            }
            return read;
        }

        private void count(int letter) {
            if (letter == '\n' || letter == '\r') {
                line += letter == '\n' ? 1 : 0;
                letters = 0;
            } else if (++letters > Bounds.LINE_LETTERS) {
                throw Refusal.unusable(
                        "line-too-long",
                        inWords(
                                "platform.line-is-longer-than-letters-that",
                                "line",
                                line,
                                "most",
                                Bounds.LINE_LETTERS));
            }
        }
    }
}
