package zafu.server.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import zafu.core.measure.DecimalMark;
import zafu.core.measure.ScoreText;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.measure.Measures.MeasureCard;

/** Guesses what the columns of a class list are, from their names and from what stands in them. */
final class ColumnGuess {
    private final Sheet sheet;
    private final List<MeasureCard> measures;

    ColumnGuess(Sheet sheet, List<MeasureCard> measures) {
        this.sheet = sheet;
        this.measures = measures;
    }

    List<ColumnUse> guess() {
        List<ColumnUse> uses = new ArrayList<>();
        for (int column = 0; column < sheet.header().size(); column++) {
            uses.add(guess(column));
        }
        return uses;
    }

    private ColumnUse guess(int column) {
        String name = sheet.header().get(column);
        for (Use use : ColumnNames.usesOf(name)) {
            if (fits(use, column)) {
                return ColumnUse.plain(column, use);
            }
        }
        if (isCalledAsAMeasure(column)) {
            return scoreColumn(column);
        }
        if (holdsShares(column)) {
            return ColumnUse.plain(column, Use.SKILL);
        }
        return holdsScores(column) && !name.isEmpty() ? scoreColumn(column) : ColumnUse.plain(column, Use.NOTHING);
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
