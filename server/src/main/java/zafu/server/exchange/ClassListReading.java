package zafu.server.exchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.NumericScale;
import zafu.core.measure.ScoreText;
import zafu.server.exchange.ColumnUse.Use;

/** Reads the rows of a sheet as students with scores, or says of a row what is wrong with it. */
final class ClassListReading {
    private static final Pattern GRADE = Pattern.compile("\\D*(\\d{1,2})\\D*");
    private static final int HIGHEST_GRADE = 13;
    private final Sheet sheet;
    private final List<ColumnUse> uses;
    private final int gradeOtherwise;
    private final Function<ColumnUse, NumericScale> scales;
    private final Map<String, Integer> rowOfName = new HashMap<>();

    /**
     * @param gradeOtherwise for rows, or files, that give no grade
     * @param scales the scale of a column that holds scores
     */
    ClassListReading(Sheet sheet, List<ColumnUse> uses, int gradeOtherwise, Function<ColumnUse, NumericScale> scales) {
        this.sheet = sheet;
        this.uses = List.copyOf(uses);
        this.gradeOtherwise = gradeOtherwise;
        this.scales = scales;
    }

    /**
     * One row, read.
     *
     * @param scores by column, for columns that hold scores; only read where there is no problem
     * @param problem one sentence, absent for a good row
     */
    record ReadRow(
            int number,
            String givenName,
            String familyName,
            int grade,
            Map<Integer, ScoreText> scores,
            @Nullable String problem) {
        String fullName() {
            return (givenName + " " + familyName).strip();
        }
    }

    List<ReadRow> rows() {
        return sheet.rows().stream().map(this::read).toList();
    }

    private ReadRow read(Sheet.Row row) {
        List<String> problems = new ArrayList<>();
        String[] names = names(row);
        int grade = grade(row, problems);
        Map<Integer, ScoreText> scores = new HashMap<>();
        for (ColumnUse use : ColumnUse.scores(uses)) {
            ScoreText score = ScoreText.read(row.cell(use.column()));
            scores.put(use.column(), score);
            faultOf(score, use).ifPresent(problems::add);
        }
        if (row.cells().size() > sheet.header().size()) {
            problems.add(
                    0,
                    "has " + row.cells().size() + " cells, but the file has "
                            + sheet.header().size() + " columns: one separator too many");
        }
        if (names[0].isEmpty()) {
            problems.add(0, "has no name");
        } else {
            nameSeenBefore(names, row).ifPresent(problems::add);
        }
        String problem = problems.isEmpty() ? null : "Row " + row.number() + " " + problems.get(0) + ".";
        return new ReadRow(row.number(), names[0], names[1], grade, scores, problem);
    }

    private String[] names(Sheet.Row row) {
        String given = textOf(row, Use.GIVEN_NAME);
        String family = textOf(row, Use.FAMILY_NAME);
        String full = textOf(row, Use.FULL_NAME);
        if (!given.isEmpty() || full.isEmpty()) {
            return given.isEmpty() ? new String[] {family, ""} : new String[] {given, family};
        }
        int comma = full.indexOf(',');
        if (comma > 0) {
            return new String[] {
                full.substring(comma + 1).strip(), full.substring(0, comma).strip()
            };
        }
        int blank = full.indexOf(' ');
        return blank < 0
                ? new String[] {full, family}
                : new String[] {full.substring(0, blank), full.substring(blank + 1)};
    }

    private Optional<String> nameSeenBefore(String[] names, Sheet.Row row) {
        String key = (names[0] + " " + names[1]).toLowerCase(Locale.ROOT);
        Integer before = rowOfName.putIfAbsent(key, row.number());
        return Optional.ofNullable(before)
                .map(number ->
                        "names " + (names[0] + " " + names[1]).strip() + ", who stands in row " + number + " already");
    }

    private int grade(Sheet.Row row, List<String> problems) {
        String typed = textOf(row, Use.GRADE);
        if (typed.isEmpty()) {
            return gradeOtherwise;
        }
        if (typed.equalsIgnoreCase("k")) {
            return 0;
        }
        Matcher matcher = GRADE.matcher(typed);
        if (matcher.matches() && Integer.parseInt(matcher.group(1)) <= HIGHEST_GRADE) {
            return Integer.parseInt(matcher.group(1));
        }
        problems.add("has \"" + typed + "\" as grade, which is none from 0 to " + HIGHEST_GRADE);
        return gradeOtherwise;
    }

    private Optional<String> faultOf(ScoreText score, ColumnUse use) {
        String column = sheet.header().get(use.column());
        if (score instanceof ScoreText.Unreadable unreadable) {
            return Optional.of("has \"" + unreadable.typed() + "\" under " + column + ", which is no number");
        }
        if (score instanceof ScoreText.Score number) {
            NumericScale scale = scales.apply(use);
            return switch (scale.check(number.value())) {
                case FITS -> Optional.empty();
                case OUT_OF_RANGE ->
                    Optional.of("has " + shown(number.value()) + " under " + column + ", outside "
                            + shown(scale.lowest()) + " to " + shown(scale.highest()));
                case TOO_MANY_DECIMALS ->
                    Optional.of("has " + shown(number.value()) + " under " + column + ", which takes "
                            + (scale.decimals() == 0 ? "whole numbers" : scale.decimals() + " decimals at most"));
            };
        }
        return Optional.empty();
    }

    private String textOf(Sheet.Row row, Use as) {
        return uses.stream()
                .filter(use -> use.as() == as)
                .map(use -> row.cell(use.column()))
                .filter(cell -> !cell.isEmpty())
                .findFirst()
                .orElse("");
    }

    private static String shown(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
