package zafu.server.skill;

import static zafu.server.platform.Words.inWords;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.BoundedCsv;
import zafu.server.platform.Bounds;
import zafu.server.platform.Refusal;
import zafu.server.skill.FrameworkRead.SkillRead;

/**
 * Reads skills from a CSV file. Columns by name, in any order: {@code name} must be there; {@code strand}, {@code grade},
 * {@code description}, {@code scheme}, {@code code} and {@code prerequisites} (names or codes, semicolons between them)
 * may be.
 */
final class SkillSheet {
    private SkillSheet() {}

    static FrameworkRead read(byte[] file) {
        String text = new String(file, StandardCharsets.UTF_8).replace("\uFEFF", "");
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setDuplicateHeaderMode(DuplicateHeaderMode.ALLOW_EMPTY)
                .setAllowMissingColumnNames(true)
                .setDelimiter(firstLine(text).contains(";") && !firstLine(text).contains(",") ? ";" : ",")
                .get();
        try (CSVParser rows = BoundedCsv.open(text, format)) {
            if (rows.getHeaderNames().stream().noneMatch("name"::equalsIgnoreCase)) {
                throw Refusal.unusable("no-name-column", inWords("skill.the-file-has-no-column-called-name"));
            }
            return read(rows);
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            throw Refusal.unusable("file-not-readable", inWords("skill.the-file-is-no-table-that-can-be"));
        }
    }

    private static String firstLine(String text) {
        return text.lines().findFirst().orElse("");
    }

    private static FrameworkRead read(CSVParser rows) {
        List<SkillRead> skills = new ArrayList<>();
        List<String> passedOver = new ArrayList<>();
        for (CSVRecord row : rows) {
            if (row.getRecordNumber() > Bounds.TABLE_ROWS) {
                throw Refusal.unusable(
                        "too-many", inWords("skill.the-file-has-more-than-rows", "most", Bounds.TABLE_ROWS));
            }
            long line = row.getRecordNumber() + 1;
            String name = cell(row, "name");
            String grade = cell(row, "grade").toUpperCase(Locale.ROOT);
            if (name.isEmpty()) {
                passedOver.add(inWords("skill.row-has-no-name", "line", line));
            } else if (name.length() > 120) {
                passedOver.add(inWords("skill.row-has-a-name-of-more-than", "line", line));
            } else if (!grade.matches("(K|\\d{1,2})?")) {
                passedOver.add(inWords("skill.row-has-the-grade-which-is-no", "line", line, "grade", grade));
            } else {
                skills.add(skill(row, name, grade));
            }
        }
        return new FrameworkRead(skills, passedOver);
    }

    private static SkillRead skill(CSVRecord row, String name, String grade) {
        List<String> before = Arrays.stream(cell(row, "prerequisites").split(";"))
                .map(String::strip)
                .filter(each -> !each.isEmpty())
                .toList();
        return new SkillRead(
                name,
                name,
                cell(row, "strand"),
                gradeOf(grade),
                cell(row, "description"),
                cell(row, "scheme"),
                cell(row, "code"),
                before);
    }

    private static @Nullable Integer gradeOf(String grade) {
        if (grade.isEmpty()) {
            return null;
        }
        return grade.equals("K") ? 0 : Integer.valueOf(grade);
    }

    private static String cell(CSVRecord row, String column) {
        return row.isMapped(column) && row.isSet(column) ? row.get(column).strip() : "";
    }
}
