package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import zafu.server.exchange.TextDecoder;
import zafu.server.platform.BoundedCsv;
import zafu.server.platform.Refusal;

/** A bundle's manifest: names and values. */
final class ManifestText {
    private ManifestText() {}

    static Map<String, String> read(byte[] bytes) {
        Map<String, String> found = new LinkedHashMap<>();
        CSVFormat format =
                CSVFormat.DEFAULT.builder().setTrim(true).setLenientEof(true).get();
        try (CSVParser parser = BoundedCsv.open(TextDecoder.decode(bytes), format)) {
            for (CSVRecord record : parser) {
                if (record.size() >= 2) {
                    found.put(record.get(0), record.get(1));
                }
            }
        } catch (IOException | UncheckedIOException unreadable) {
            throw Refusal.unusable("bundle-manifest", inWords("oneroster.manifest-csv-cannot-be-read-as-csv"));
        }
        return found;
    }
}
