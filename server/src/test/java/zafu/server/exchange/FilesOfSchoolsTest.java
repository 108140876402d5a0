package zafu.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.server.exchange.ClassListReading.ReadRow;
import zafu.server.exchange.SchoolFile.Read;
import zafu.server.measure.TypedScore;
import zafu.server.platform.Refusal;

/** Every file of the table is read as it says there; and whatever one cell of it becomes, nothing is silently wrong. */
class FilesOfSchoolsTest {
    private static final Set<String> NOTHING_MEASURED = Set.of("", "-", "abs", "n/a");
    private static final List<String> ODD_CELLS = List.of(
            "",
            "-",
            "abs",
            "n/a",
            "7",
            "75",
            "7.5",
            "7,5",
            "1,110",
            "1.110",
            "99999",
            "-4",
            "<7",
            "7+",
            "3/4",
            "12 %",
            "A",
            "5O1",
            "7 7",
            "1.2.3",
            "1e3",
            "٧",
            "=1+1",
            "2027-01-27",
            "31.2.2027",
            "3/4/2027",
            "x",
            "\"");

    static List<SchoolFile> files() {
        return SchoolFile.all();
    }

    static Stream<SchoolFile> tables() {
        return files().stream()
                .filter(SchoolFile::isPlainText)
                .filter(file -> file.expected().stream().noneMatch(line -> line.startsWith("!")))
                .filter(file -> !file.text().contains("\"") && !file.text().startsWith("sep="));
    }

    @ParameterizedTest
    @MethodSource("files")
    void aFileIsReadAsTheTableSays(SchoolFile file) {
        String refused = said(file, "! ").stream().findFirst().orElse(null);
        if (refused != null) {
            assertThat(catchThrowableOfType(Refusal.class, file::read)).hasMessageContaining(refused);
            return;
        }
        Read read = file.read();
        List<ReadRow> wrong =
                read.rows().stream().filter(row -> row.problem() != null).toList();
        assertThat(read.rows().stream().filter(row -> row.problem() == null).map(row -> shown(row, read.uses())))
                .containsExactlyElementsOf(rowsExpected(file));
        assertEach(wrong.stream().map(ReadRow::problem).toList(), said(file, "x "));
        assertEach(read.passedOver(), said(file, ". "));
        assertThat(read.asking().open()).extracting(ImportQuestion::key).isEqualTo(said(file, "? "));
    }

    private static List<String> said(SchoolFile file, String sign) {
        return file.expected().stream()
                .filter(line -> line.startsWith(sign))
                .map(line -> line.substring(2))
                .toList();
    }

    private static List<String> rowsExpected(SchoolFile file) {
        return file.expected().stream().filter(line -> line.contains("|")).toList();
    }

    private static void assertEach(List<@Nullable String> sentences, List<String> parts) {
        assertThat(sentences).hasSameSizeAs(parts);
        for (int i = 0; i < parts.size(); i++) {
            assertThat(sentences.get(i)).contains(parts.get(i));
        }
    }

    /** As the table writes a row. */
    private static String shown(ReadRow row, List<ColumnUse> uses) {
        String name = row.givenName() + "|" + row.familyName();
        if (row.hold() != null) {
            return name + (row.hold() == Hold.WAITS ? " wait" : " out");
        }
        List<String> said = new ArrayList<>();
        row.scores().values().stream().map(FilesOfSchoolsTest::shown).forEach(said::add);
        if (row.gradeGiven()) {
            said.add("grade=" + row.grade());
        }
        if (!row.number().isEmpty()) {
            said.add("number=" + row.number());
        }
        if (!ColumnUse.of(ColumnUse.Use.DATE, uses).isEmpty()) {
            said.add("on=" + row.takenOn());
        }
        boolean bare =
                said.isEmpty() && (row.familyName().length() > 0 && row.scores().isEmpty());
        return bare ? name : name + "|" + String.join(" ", said);
    }

    private static String shown(TypedScore score) {
        if (score.value() == null) {
            return "none";
        }
        return score.value() == Math.rint(score.value())
                ? String.valueOf(score.value().longValue())
                : String.valueOf(score.value());
    }

    /** What each row says, by whom it is of, whatever the order. */
    private static Map<String, Set<String>> byPerson(Read read) {
        return read.rows().stream()
                .collect(Collectors.groupingBy(
                        ReadRow::fullName,
                        Collectors.mapping(row -> shown(row, read.uses()), Collectors.toCollection(TreeSet::new))));
    }

    @ParameterizedTest
    @MethodSource("tables")
    void theOrderOfRowsChangesNothing(SchoolFile file) {
        Read read = file.read();
        List<Sheet.Row> rows = new ArrayList<>(read.sheet().rows());
        if (rows.size() != read.rows().size() || read.rows().stream().anyMatch(row -> row.problem() != null)) {
            return;
        }
        Collections.reverse(rows);
        Asking asking = new Asking(file.answers());
        Sheet turned = new Sheet(read.sheet().header(), rows, List.of());
        assertThat(readOf(turned, asking)).isEqualTo(byPerson(read));
    }

    @ParameterizedTest
    @MethodSource("tables")
    void theOrderOfColumnsChangesNothing(SchoolFile file) {
        Read read = file.read();
        int width = read.sheet().header().size();
        if (!file.answers().isEmpty()
                || read.sheet().rows().stream().anyMatch(row -> row.cells().size() > width)) {
            return;
        }
        List<Integer> order = new ArrayList<>(IntStream.range(0, width).boxed().toList());
        Collections.reverse(order);
        Sheet turned = new Sheet(
                order.stream().map(read.sheet().header()::get).toList(),
                read.sheet().rows().stream()
                        .map(row -> new Sheet.Row(
                                row.number(), order.stream().map(row::cell).toList()))
                        .toList(),
                List.of());
        Map<String, Set<String>> expected = byPerson(read);
        Map<String, Set<String>> got = readOf(turned, Asking.nobody());
        assertThat(got.keySet()).isEqualTo(expected.keySet());
        if (ColumnUse.scores(read.uses()).size() < 2) {
            assertThat(got).isEqualTo(expected);
        }
    }

    private static Map<String, Set<String>> readOf(Sheet sheet, Asking asking) {
        return byPerson(SchoolFile.readOf(sheet, asking));
    }

    /**
     * One cell becomes something else. What is read of its row then is what stands there, or it is asked, or it is named
     * as a problem; and what is read of the other rows is what was read before, or their column is asked about.
     */
    @ParameterizedTest
    @MethodSource("tables")
    void whateverOneCellBecomesNothingIsSilentlyWrong(SchoolFile file) {
        if (!file.answers().isEmpty()) {
            return;
        }
        Read before = file.read();
        Random random = new Random(file.name().hashCode());
        for (int i = 0; i < 40; i++) {
            List<Sheet.Row> rows = new ArrayList<>(before.sheet().rows());
            int place = random.nextInt(rows.size());
            int column = random.nextInt(before.sheet().header().size());
            String cell = ODD_CELLS.get(random.nextInt(ODD_CELLS.size()));
            List<String> cells = new ArrayList<>(rows.get(place).cells());
            while (cells.size() <= column) {
                cells.add("");
            }
            cells.set(column, cell);
            rows.set(place, new Sheet.Row(rows.get(place).number(), cells));
            Sheet changed = new Sheet(before.sheet().header(), rows, List.of());
            Read after = SchoolFile.readOf(changed, new Asking(file.answers()));
            String what = "row " + rows.get(place).number() + ", column " + (column + 1) + " becomes \"" + cell + "\"";
            assertNothingSilent(before, after, rows.get(place).number(), column, cell, what);
        }
    }

    private static void assertNothingSilent(Read before, Read after, int number, int column, String cell, String what) {
        if (!before.uses().equals(after.uses())
                || before.asking().asked().size() != after.asking().asked().size()) {
            assertColumnsAreExplained(after, what);
            return;
        }
        for (ReadRow row : after.rows()) {
            if (row.row() == number) {
                assertReadAsItStands(row, after.uses().get(column), cell, what);
            } else {
                ReadRow was = before.rows().stream()
                        .filter(each -> each.row() == row.row())
                        .findFirst()
                        .orElseThrow();
                if (row.isGood() && was.isGood()) {
                    assertThat(shown(row, after.uses())).as(what).isEqualTo(shown(was, before.uses()));
                }
            }
        }
    }

    /** Where the whole column is read otherwise now, its other cells still are what stands in them. */
    private static void assertColumnsAreExplained(Read after, String what) {
        for (ColumnUse use : ColumnUse.scores(after.uses())) {
            for (ReadRow row : after.rows()) {
                Sheet.Row typed = after.sheet().rows().stream()
                        .filter(each -> each.number() == row.row())
                        .findFirst()
                        .orElseThrow();
                assertReadAsItStands(row, use, typed.cell(use.column()), what);
            }
        }
    }

    private static void assertReadAsItStands(ReadRow row, ColumnUse use, String cell, String what) {
        if (!row.isGood()) {
            return;
        }
        if (use.as() == ColumnUse.Use.SCORE && Objects.equals(use.measureId(), 4L)) {
            assertThat(row.scores().get(use.column()).value() == null
                            || Set.of("ties", "splices", "braids").contains(cell.toLowerCase()))
                    .as(what)
                    .isTrue();
        } else if (use.as() == ColumnUse.Use.SCORE) {
            Double value = row.scores().get(use.column()).value();
            OptionalDouble plain = plain(cell);
            assertThat(value == null
                            || plain.isPresent() && Math.abs(plain.getAsDouble() - value) < 1e-9
                            || cell.matches("[<>]?\\s*[\\d.,' /%+]+.*"))
                    .as(what + ", read as " + value)
                    .isTrue();
            if (plain.isPresent() && !cell.matches(".*\\d[.,]\\d{3}")) {
                assertThat(value).as(what).isEqualTo(plain.getAsDouble());
            }
            if (value == null && !NOTHING_MEASURED.contains(cell)) {
                assertThat(row.scores().get(use.column()).typed())
                        .as(what + " is kept as it stands")
                        .isIn(cell, "");
            }
        } else if (use.as() == ColumnUse.Use.DATE && cell.matches("\\d{4}-\\d\\d-\\d\\d")) {
            assertThat(row.takenOn()).as(what).isIn(LocalDate.parse(cell), SchoolFile.DAY);
        }
    }

    /** A number as anybody reads it. */
    private static OptionalDouble plain(String cell) {
        return cell.matches("[+-]?\\d+([.,]\\d+)?")
                ? OptionalDouble.of(Double.parseDouble(cell.replace(',', '.')))
                : OptionalDouble.empty();
    }
}
