package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import zafu.core.measure.DecimalMark;
import zafu.core.measure.ScoreText;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.exchange.ImportQuestion.Choice;
import zafu.server.measure.Measures.MeasureCard;

/**
 * Guesses what the columns of a class list are, from their names and from what stands in them, and says why. A column that
 * may be something else altogether, such as numbers that only count the rows, is asked about.
 */
final class ColumnGuess {
    private static final int DIGITS_OF_AN_ID = 5;
    private static final int ROWS_THAT_SHOW_A_COUNT = 3;
    private final Sheet sheet;
    private final List<MeasureCard> measures;
    private final Map<Integer, Guess> settled;
    private final Asking asking;

    /** @param settled what was chosen already, by column */
    ColumnGuess(Sheet sheet, List<MeasureCard> measures, Map<Integer, Guess> settled, Asking asking) {
        this.sheet = sheet;
        this.measures = measures;
        this.settled = settled;
        this.asking = asking;
    }

    /**
     * What a column is taken for.
     *
     * @param why in a few words
     * @param sure whether nothing else is likely
     */
    record Guess(ColumnUse use, String why, boolean sure) {}

    List<ColumnUse> guess() {
        return guesses().stream().map(Guess::use).toList();
    }

    List<Guess> guesses() {
        List<Guess> guesses = new ArrayList<>();
        for (int column = 0; column < sheet.header().size(); column++) {
            guesses.add(settled.containsKey(column) ? settled.get(column) : guess(column));
        }
        return guesses;
    }

    private Guess guess(int column) {
        String name = sheet.header().get(column);
        for (Use use : ColumnNames.usesOf(name)) {
            if (fits(use, column)) {
                return use == Use.STUDENT_NUMBER && countsTheRows(column)
                        ? asked(column, inWords("exchange.the-numbers-only-count-the-rows"))
                        : new Guess(ColumnUse.plain(column, use), inWords("exchange.by-its-name"), true);
            }
        }
        if (isCalledAsAMeasure(column)) {
            return new Guess(scoreColumn(column), inWords("exchange.called-like-the-measure"), true);
        }
        if (holdsShares(column)) {
            return new Guess(ColumnUse.plain(column, Use.SKILL), inWords("exchange.holds-percentages"), false);
        }
        if (!holdsScores(column) || name.isEmpty()) {
            return new Guess(ColumnUse.plain(column, Use.NOTHING), whyNothing(column), true);
        }
        if (measureNamed(column).isPresent()) {
            return new Guess(scoreColumn(column), inWords("exchange.its-name-begins-like-the-measures"), false);
        }
        if (looksLikeIds(column)) {
            return asked(column, inWords("exchange.they-look-like-numbers-of-students"));
        }
        if (SheetReader.isUnnamed(name)) {
            return asked(column, inWords("exchange.the-file-does-not-say-what-its"));
        }
        if (DateText.read(name, DateText.Order.DAY_FIRST) instanceof DateText.Day) {
            return asked(column, inWords("exchange.the-column-is-called-like-a-day"));
        }
        return new Guess(scoreColumn(column), inWords("exchange.holds-numbers-there-is-no-measure"), false);
    }

    private String whyNothing(int column) {
        return cells(column).stream().allMatch(String::isEmpty) ? "empty" : "words";
    }

    private Guess asked(int column, String why) {
        ColumnUse scores =
                new ColumnUse(column, Use.SCORE, null, sheet.header().get(column), roundedUp(largestIn(column)));
        String answer = asking.ofShape(
                        "column:" + column,
                        inWords(
                                "exchange.what-are-the-numbers-under",
                                "column",
                                sheet.header().get(column)),
                        why,
                        List.of(
                                new Choice(Use.NOTHING.name(), inWords("exchange.nothing-that-is-needed-leave-the")),
                                new Choice(Use.STUDENT_NUMBER.name(), inWords("exchange.the-schools-numbers-of-the")),
                                new Choice(Use.SCORE.name(), inWords("exchange.scores-of-a-new-measure"))))
                .orElse(Use.NOTHING.name());
        return new Guess(
                answer.equals(Use.SCORE.name()) ? scores : ColumnUse.plain(column, Use.valueOf(answer)),
                inWords("exchange.see-the-question-about-it"),
                false);
    }

    /** 1, 2, 3, …: a number for each row, in whatever order they stand now. */
    private boolean countsTheRows(int column) {
        Set<String> cells = new HashSet<>(filled(column));
        return cells.size() >= ROWS_THAT_SHOW_A_COUNT
                && cells.size() == filled(column).size()
                && IntStream.rangeClosed(1, cells.size()).allMatch(count -> cells.contains(String.valueOf(count)));
    }

    /** Whole numbers, no two alike, that count the rows or all have as many digits as numbers of students have. */
    private boolean looksLikeIds(int column) {
        List<String> cells = filled(column);
        boolean longNumbers = cells.stream().allMatch(cell -> cell.matches("\\d{" + DIGITS_OF_AN_ID + ",}"))
                && cells.stream().map(String::length).distinct().count() == 1;
        boolean distinct = cells.stream().distinct().count() == cells.size();
        return distinct && cells.size() >= ROWS_THAT_SHOW_A_COUNT && (longNumbers || countsTheRows(column));
    }

    private List<String> filled(int column) {
        return cells(column).stream().filter(cell -> !cell.isEmpty()).toList();
    }

    /** Words such as "time" or "to" mean a need only where the rest of the list says so. */
    private boolean fits(Use use, int column) {
        if (use == Use.TIME_FACTOR) {
            return sheet.rows().stream()
                    .map(row -> row.cell(column))
                    .allMatch(cell -> cell.matches("(?i)|-|untimed|[1-4]([.,]\\d{1,2})?\\s*[x×]?"));
        }
        boolean partOfANeed = use.name().startsWith("NEED_");
        return !partOfANeed
                || sheet.header().stream()
                        .anyMatch(each -> ColumnNames.usesOf(each).contains(Use.NEED));
    }

    /** "80 %" is a share of something that can be learnt, not a score. */
    private boolean holdsShares(int column) {
        long filled =
                sheet.rows().stream().filter(row -> !row.cell(column).isEmpty()).count();
        long shares = sheet.rows().stream()
                .filter(row -> row.cell(column).matches("\\d{1,3}([.,]\\d+)?\\s?%"))
                .count();
        return filled > 0 && shares * 2 > filled;
    }

    /** Such a column is never passed over, whatever stands in it: each cell that cannot be used is named instead. */
    private boolean isCalledAsAMeasure(int column) {
        String name = sheet.header().get(column);
        return measures.stream().anyMatch(measure -> measure.name().equalsIgnoreCase(name));
    }

    private boolean holdsScores(int column) {
        Optional<MeasureCard> known = measureNamed(column);
        if (known.isPresent() && !known.get().levels().isEmpty()) {
            return true;
        }
        List<ScoreText> cells = cells(column).stream().map(ScoreText::read).toList();
        long numbers = cells.stream()
                .filter(cell -> cell instanceof ScoreText.Score || cell instanceof ScoreText.Unsure)
                .count();
        long words =
                cells.stream().filter(ScoreText.Unreadable.class::isInstance).count();
        return (numbers > 0 || known.isPresent()) && words <= numbers / 4;
    }

    private ColumnUse scoreColumn(int column) {
        String name = sheet.header().get(column);
        return measureNamed(column)
                .map(measure -> new ColumnUse(column, Use.SCORE, measure.id(), null, null))
                .orElseGet(() -> new ColumnUse(column, Use.SCORE, null, name, roundedUp(largestIn(column))));
    }

    private Optional<MeasureCard> measureNamed(int column) {
        String name = sheet.header().get(column);
        return measures.stream().filter(measure -> alike(measure.name(), name)).findFirst();
    }

    private static boolean alike(String measure, String column) {
        String a = measure.toLowerCase(Locale.ROOT);
        String b = column.toLowerCase(Locale.ROOT);
        return a.equals(b) || a.startsWith(b + " ") || b.startsWith(a + " ");
    }

    private double largestIn(int column) {
        DecimalMark mark = DecimalMark.of(cells(column), any -> true);
        return cells(column).stream()
                .map(ScoreText::read)
                .mapToDouble(cell -> largest(cell, mark))
                .max()
                .orElse(1);
    }

    private static double largest(ScoreText cell, DecimalMark mark) {
        if (cell instanceof ScoreText.Unsure unsure) {
            return mark.valueOf(unsure).orElse(unsure.asThousands());
        }
        return cell instanceof ScoreText.Score score ? score.value() : 1;
    }

    private List<String> cells(int column) {
        return sheet.rows().stream().map(row -> row.cell(column)).toList();
    }

    /** The next 10, 20, 50, 100, 200, … at or above a value: a likely top of its scale. */
    private static double roundedUp(double value) {
        double power = 10;
        while (true) {
            for (double step : new double[] {1, 2, 5}) {
                if (step * power >= value) {
                    return step * power;
                }
            }
            power *= 10;
        }
    }
}
