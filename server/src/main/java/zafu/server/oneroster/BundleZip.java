package zafu.server.oneroster;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Zips parts of a OneRoster 1.2 CSV bundle with the manifest that names them. */
public final class BundleZip {
    /** The id of the school in bundles that we write. */
    public static final String SCHOOL = "zafu-school";

    private BundleZip() {}

    /** One file of the bundle, its name without the ending. */
    public record Part(String name, List<String> header, List<List<String>> rows) {}

    /** The names of columns with commas between. */
    static List<String> columns(String names) {
        return List.of(names.split(","));
    }

    /** Kinds of work or of measures. */
    public static Part categories(List<List<String>> rows) {
        return new Part("categories", columns("sourcedId,status,dateLastModified,title"), rows);
    }

    /** What is scored. */
    public static Part lineItems(List<List<String>> rows) {
        return new Part(
                "lineItems",
                columns("sourcedId,status,dateLastModified,title,description,assignDate,dueDate,"
                        + "classSourcedId,categorySourcedId,gradingPeriodSourcedId,"
                        + "resultValueMin,resultValueMax,schoolSourcedId"),
                rows);
    }

    /** Scores of students. */
    public static Part results(List<List<String>> rows) {
        return new Part(
                "results",
                columns("sourcedId,status,dateLastModified,lineItemSourcedId,studentSourcedId,"
                        + "scoreStatus,score,scoreDate,comment"),
                rows);
    }

    /** @param parts of which each is complete */
    public static byte[] of(List<Part> parts, Instant now) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            List<List<String>> manifest =
                    new ArrayList<>(List.of(List.of("manifest.version", "1.0"), List.of("oneroster.version", "1.2")));
            for (String name : BundleReader.PARTS) {
                boolean here = parts.stream().anyMatch(part -> part.name.equals(name));
                manifest.add(List.of("file." + name, here ? "bulk" : "absent"));
            }
            manifest.add(List.of("source.systemName", "Zafu"));
            manifest.add(List.of("source.systemCode", "zafu"));
            write(zip, new Part("manifest", List.of("propertyName", "value"), manifest), now);
            for (Part part : parts) {
                write(zip, part, now);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    private static void write(ZipOutputStream zip, Part part, Instant now) throws IOException {
        ZipEntry entry = new ZipEntry(part.name + ".csv");
        entry.setTime(now.toEpochMilli());
        zip.putNextEntry(entry);
        Writer text = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
        CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180);
        printer.printRecord(part.header);
        for (List<String> row : part.rows) {
            printer.printRecord(row);
        }
        printer.flush();
        zip.closeEntry();
    }
}
