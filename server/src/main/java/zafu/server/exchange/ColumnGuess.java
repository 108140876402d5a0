package zafu.server.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import zafu.core.measure.ScoreText;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.measure.Measures.MeasureCard;

/** Guesses what the columns of a class list are, from their names and from what stands in them. */
final class ColumnGuess {
    private static final Set<String> GIVEN = Set.of("given name", "given", "first name", "first", "forename", "prénom");
    private static final Set<String> FAMILY = Set.of("family name", "family", "last name", "last", "surname", "nom");
    private static final Set<String> FULL = Set.of("name", "student", "student name", "pupil", "full name");
    private static final Set<String> GRADE = Set.of("grade", "year", "gr", "gr.", "class grade", "niveau");
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
        String name = sheet.header().get(column).toLowerCase(Locale.ROOT);
        if (GIVEN.contains(name)) {
            return ColumnUse.plain(column, Use.GIVEN_NAME);
        }
        if (FAMILY.contains(name)) {
            return ColumnUse.plain(column, Use.FAMILY_NAME);
        }
        if (FULL.contains(name)) {
            return ColumnUse.plain(column, Use.FULL_NAME);
        }
        if (GRADE.contains(name)) {
            return ColumnUse.plain(column, Use.GRADE);
        }
        return holdsScores(column) && !name.isEmpty() ? scoreColumn(column) : ColumnUse.plain(column, Use.NOTHING);
    }

    private boolean holdsScores(int column) {
        long numbers = sheet.rows().stream()
                .filter(row -> ScoreText.read(row.cell(column)) instanceof ScoreText.Score)
                .count();
        long words = sheet.rows().stream()
                .filter(row -> ScoreText.read(row.cell(column)) instanceof ScoreText.Unreadable)
                .count();
        return numbers > 0 && words <= numbers / 4;
    }

    private ColumnUse scoreColumn(int column) {
        String name = sheet.header().get(column);
        return measures.stream()
                .filter(measure -> alike(measure.name(), name))
                .findFirst()
                .map(measure -> new ColumnUse(column, Use.SCORE, measure.id(), null, null))
                .orElseGet(() -> new ColumnUse(column, Use.SCORE, null, name, roundedUp(largestIn(column))));
    }

    private static boolean alike(String measure, String column) {
        String a = measure.toLowerCase(Locale.ROOT);
        String b = column.toLowerCase(Locale.ROOT);
        return a.equals(b) || a.startsWith(b + " ") || b.startsWith(a + " ");
    }

    private double largestIn(int column) {
        return sheet.rows().stream()
                .map(row -> ScoreText.read(row.cell(column)))
                .filter(ScoreText.Score.class::isInstance)
                .mapToDouble(score -> ((ScoreText.Score) score).value())
                .max()
                .orElse(1);
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
