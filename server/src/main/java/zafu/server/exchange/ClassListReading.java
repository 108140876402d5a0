package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.ScoreText;
import zafu.core.need.Accommodation;
import zafu.core.need.NeedInWords;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.measure.TypedScore;

/** Reads the rows of a sheet as students with scores, needs and skills, or says of a row what is wrong with it. */
final class ClassListReading {
    private static final Pattern GRADE = Pattern.compile("\\D*(\\d{1,2})\\D*");
    private static final int HIGHEST_GRADE = 13;
    private static final int LONGEST_NAME = 120;
    private static final Pattern FORMULA_FAULT = Pattern.compile("#(VALUE!|REF!|N/A|DIV/0!|NAME\\?|NUM!|NULL!)");
    private final Sheet sheet;
    private final List<ColumnUse> uses;
    private final int gradeOtherwise;
    private final Map<Use, List<Integer>> places = new EnumMap<>(Use.class);
    private final Sheet students;
    private final ScoreCells scores;
    private final DayCells days;
    private final NeedCells needs;
    private final Map<String, Integer> rowOfPerson = new HashMap<>();
    private final Map<String, String> nameOfNumber = new HashMap<>();

    /**
     * @param gradeOtherwise for rows, or files, that give no grade
     * @param dayOtherwise for rows, or files, that give no day
     * @param scales the measure of a column that holds scores
     * @param vocabulary what words for needs mean
     * @param asking gathers what is not sure, and knows what was answered
     */
    ClassListReading(
            Sheet sheet,
            List<ColumnUse> uses,
            int gradeOtherwise,
            LocalDate dayOtherwise,
            Function<ColumnUse, MeasureCard> scales,
            Function<String, Optional<NeedInWords>> vocabulary,
            Asking asking) {
        this.sheet = sheet;
        this.uses = List.copyOf(uses);
        this.gradeOtherwise = gradeOtherwise;
        this.uses.forEach(
                use -> places.computeIfAbsent(use.as(), as -> new ArrayList<>()).add(use.column()));
        this.students = students();
        this.scores = new ScoreCells(students, this.uses, scales, asking);
        this.days = new DayCells(students, this.uses, dayOtherwise, asking);
        this.needs = new NeedCells(sheet, this.uses, vocabulary, asking);
    }

    /**
     * One row, read.
     *
     * @param number the school's number of the student, blank for none
     * @param other what other columns say of the student, by use; blanks are left out
     * @param gradeGiven whether the row itself gives the grade
     * @param scores by column, for columns that hold scores; only read where there is no problem
     * @param skills the share right by column
     * @param problem one sentence, absent for a good row
     * @param hold why a row without a problem is not taken; absent for a good row
     */
    record ReadRow(
            int row,
            String givenName,
            String familyName,
            String number,
            Map<Use, String> other,
            int grade,
            boolean gradeGiven,
            LocalDate takenOn,
            Map<Integer, TypedScore> scores,
            Map<Integer, Double> skills,
            List<Accommodation> needs,
            @Nullable String problem,
            @Nullable Hold hold) {
        boolean isGood() {
            return problem == null && hold == null;
        }

        String fullName() {
            return (givenName + " " + familyName).strip();
        }

        ReadRow held(Hold why) {
            return with(number, why);
        }

        ReadRow withoutNumber() {
            return with("", hold);
        }

        private ReadRow with(String otherNumber, @Nullable Hold otherHold) {
            return new ReadRow(
                    row,
                    givenName,
                    familyName,
                    otherNumber,
                    other,
                    grade,
                    gradeGiven,
                    takenOn,
                    scores,
                    skills,
                    needs,
                    problem,
                    otherHold);
        }
    }

    /** The rows that are students', without those that add up the others. */
    private Sheet students() {
        return new Sheet(
                sheet.header(),
                sheet.rows().stream()
                        .filter(row -> !TableShape.isSum(wholeName(row)))
                        .toList(),
                List.of());
    }

    List<ReadRow> rows() {
        return students.rows().stream().map(this::read).toList();
    }

    /** What answers said of words for needs that the school had not used before. */
    Map<String, NeedInWords> learntNeeds() {
        return needs.learnt();
    }

    /** A sentence for each row that is no student's: above the names of the columns, or adding up the others. */
    List<String> passedOver() {
        List<String> said = new ArrayList<>(sheet.passedOver());
        sheet.rows().stream()
                .filter(row -> TableShape.isSum(wholeName(row)))
                .forEach(row -> said.add(
                        inWords("exchange.row-is-called-it-adds-up-the", "row", row.number(), "name", wholeName(row))));
        return said;
    }

    private String wholeName(Sheet.Row row) {
        String[] names = names(row);
        return (names[0] + " " + names[1]).strip();
    }

    private ReadRow read(Sheet.Row row) {
        List<String> problems = new ArrayList<>();
        String[] names = names(row);
        String number = textOf(row, Use.STUDENT_NUMBER);
        int grade = grade(row, problems);
        DayCells.Cell day = days.read(row, problems);
        Map<Integer, ScoreCells.Cell> cells = scores.read(row, problems);
        Map<Integer, Double> skills = skills(row, problems);
        NeedCells.Cell granted = needs.read(row, problems);
        if (row.cells().size() > sheet.header().size()) {
            problems.add(
                    0,
                    inWords(
                            "exchange.has-cells-but-the-file-has-columns",
                            "count",
                            row.cells().size(),
                            "columns",
                            sheet.header().size()));
        }
        if (names[0].isEmpty()) {
            problems.add(0, inWords("exchange.has-no-name"));
        } else if (FORMULA_FAULT.matcher(names[0]).matches()) {
            problems.add(0, inWords("exchange.has-for-a-name-a-formula-in-the", "name", names[0]));
        } else if (names[0].length() > LONGEST_NAME || names[1].length() > LONGEST_NAME) {
            problems.add(0, inWords("exchange.has-a-name-of-more-than-letters", "most", LONGEST_NAME));
        } else {
            seenBefore(names, number, day.day(), row).ifPresent(problems::add);
        }
        String problem =
                problems.isEmpty() ? null : inWords("exchange.row", "row", row.number(), "problem", problems.get(0));
        return new ReadRow(
                row.number(),
                names[0],
                names[1],
                number,
                other(row),
                grade,
                !textOf(row, Use.GRADE).isEmpty(),
                day.day(),
                scoresOf(cells),
                skills,
                granted.needs(),
                problem,
                holdOf(day, granted, cells));
    }

    private static Map<Integer, TypedScore> scoresOf(Map<Integer, ScoreCells.Cell> cells) {
        Map<Integer, TypedScore> scores = new LinkedHashMap<>();
        cells.forEach((column, cell) -> scores.put(column, cell.score()));
        return scores;
    }

    private static @Nullable Hold holdOf(
            DayCells.Cell day, NeedCells.Cell granted, Map<Integer, ScoreCells.Cell> cells) {
        List<Hold> holds = Stream.concat(
                        Stream.of(day.hold(), granted.hold()).filter(Objects::nonNull),
                        cells.values().stream().map(ScoreCells.Cell::hold).filter(Objects::nonNull))
                .toList();
        return holds.contains(Hold.LEFT_OUT) ? Hold.LEFT_OUT : holds.isEmpty() ? null : Hold.WAITS;
    }

    private String[] names(Sheet.Row row) {
        String given = textOf(row, Use.GIVEN_NAME);
        String family = textOf(row, Use.FAMILY_NAME);
        String full = textOf(row, Use.FULL_NAME);
        if (!given.isEmpty() || full.isEmpty()) {
            return given.isEmpty() ? new String[] {family, ""} : new String[] {given, family};
        }
        return splitName(full, family);
    }

    /** "Umi Ilves" and "Ilves, Umi". */
    static String[] splitName(String full, String familyOtherwise) {
        int comma = full.indexOf(',');
        if (comma > 0) {
            return new String[] {
                full.substring(comma + 1).strip(), full.substring(0, comma).strip()
            };
        }
        int blank = full.indexOf(' ');
        return blank < 0
                ? new String[] {full, familyOtherwise}
                : new String[] {full.substring(0, blank), full.substring(blank + 1)};
    }

    /** A student may stand in several rows only where each is of another day, or brings another need. */
    private Optional<String> seenBefore(String[] names, String number, LocalDate takenOn, Sheet.Row row) {
        String name = (names[0] + " " + names[1]).strip();
        if (!number.isEmpty()) {
            String before = nameOfNumber.putIfAbsent(number, name);
            if (before != null && !before.equalsIgnoreCase(name)) {
                return Optional.of(inWords(
                        "exchange.gives-the-number-which-has-already",
                        "name",
                        name,
                        "number",
                        number,
                        "before",
                        before));
            }
        }
        if (needs.isLong()) {
            return Optional.empty();
        }
        String key = number.toLowerCase(Locale.ROOT) + "|" + name.toLowerCase(Locale.ROOT) + "|"
                + (days.isGiven() ? takenOn : "");
        Integer before = rowOfPerson.putIfAbsent(key, row.number());
        return Optional.ofNullable(before)
                .map(earlier -> inWords("exchange.names-who-stands-in-row-already", "name", name, "earlier", earlier));
    }

    private int grade(Sheet.Row row, List<String> problems) {
        String typed = textOf(row, Use.GRADE);
        if (typed.isEmpty()) {
            return gradeOtherwise;
        }
        if (typed.equalsIgnoreCase("k") || typed.equalsIgnoreCase("kg")) {
            return 0;
        }
        Matcher matcher = GRADE.matcher(typed);
        if (matcher.matches() && Integer.parseInt(matcher.group(1)) <= HIGHEST_GRADE) {
            return Integer.parseInt(matcher.group(1));
        }
        problems.add(inWords("exchange.has-as-grade-which-is-none-from-to", "typed", typed, "most", HIGHEST_GRADE));
        return gradeOtherwise;
    }

    /** A share right is written "80 %", "0.8" or, on a column of whole numbers, "80". */
    private Map<Integer, Double> skills(Sheet.Row row, List<String> problems) {
        Map<Integer, Double> skills = new LinkedHashMap<>();
        for (ColumnUse use : ColumnUse.of(Use.SKILL, uses)) {
            String typed = row.cell(use.column());
            ScoreText read = shareIn(typed);
            if (read instanceof ScoreText.Score score) {
                boolean percent = typed.contains("%") || score.value() > 1;
                double fraction = percent ? score.value() / 100 : score.value();
                if (fraction >= 0 && fraction <= 1) {
                    skills.put(use.column(), fraction);
                    continue;
                }
            }
            if (!(read instanceof ScoreText.NotAssessed)) {
                problems.add(inWords(
                        "exchange.has-under-which-is-no-share-from",
                        "typed",
                        typed,
                        "column",
                        sheet.header().get(use.column())));
            }
        }
        return skills;
    }

    /** No share is a thousand or more, so a mark in one stands before decimals. */
    private static ScoreText shareIn(String typed) {
        ScoreText read = ScoreText.read(typed.replace("%", "").strip());
        return read instanceof ScoreText.Unsure unsure ? new ScoreText.Score(unsure.asDecimal()) : read;
    }

    private Map<Use, String> other(Sheet.Row row) {
        Map<Use, String> other = new LinkedHashMap<>();
        for (Use use : List.of(Use.PREFERRED_NAME, Use.HOME_CLASS, Use.LANGUAGE, Use.TAGS)) {
            String text = textOf(row, use);
            if (!text.isEmpty()) {
                other.put(use, text);
            }
        }
        return other;
    }

    /** Tags with semicolons or commas between. */
    static List<String> tags(String cell) {
        return Arrays.stream(cell.split("[;,]"))
                .map(String::strip)
                .filter(tag -> !tag.isEmpty())
                .distinct()
                .toList();
    }

    private String textOf(Sheet.Row row, Use as) {
        return places.getOrDefault(as, List.of()).stream()
                .map(row::cell)
                .filter(cell -> !cell.isEmpty())
                .findFirst()
                .orElse("");
    }
}
