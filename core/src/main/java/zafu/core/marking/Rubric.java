package zafu.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a person looks for in an answer, one criterion after the other. It stands in what the author writes on how to mark:
 * each line {@code What is looked for: points} is a criterion, all else is guidance. Rule 6.
 */
public record Rubric(List<Criterion> criteria) {
    private static final int MOST = 12;
    private static final Pattern LINE = Pattern.compile("\\s*(?:[-*]\\s+)?(\\S.{0,119}?)\\s*:\\s*(\\d{1,2})\\s*");

    /** @param points that it is worth, a whole number from 1 */
    public record Criterion(String name, int points) {}

    public Rubric {
        criteria = List.copyOf(criteria);
    }

    /** The criteria in a text, in its order and at most twelve; none where no line is one. */
    public static Rubric in(String guidance) {
        List<Criterion> found = new ArrayList<>();
        for (String line : guidance.split("\\R")) {
            Matcher matcher = LINE.matcher(line);
            if (matcher.matches() && Integer.parseInt(matcher.group(2)) > 0 && found.size() < MOST) {
                found.add(new Criterion(matcher.group(1), Integer.parseInt(matcher.group(2))));
            }
        }
        return new Rubric(found);
    }

    /** The text without the lines that are criteria. */
    public static String guidanceBeside(String guidance) {
        return String.join(
                "\n",
                guidance.lines().filter(line -> in(line).criteria.isEmpty()).toList());
    }

    /** Whether there are as many points as criteria, and none is under nothing or over what its criterion is worth. */
    public boolean admits(List<Double> points) {
        if (criteria.isEmpty() || points.size() != criteria.size()) {
            return false;
        }
        for (int i = 0; i < criteria.size(); i++) {
            if (points.get(i) < 0 || points.get(i) > criteria.get(i).points()) {
                return false;
            }
        }
        return true;
    }

    /**
     * What points for each criterion come to of a question: their share of all that the criteria are worth.
     *
     * @param possible points of the question
     * @throws IllegalArgumentException where the points do not fit the criteria
     */
    public double earned(List<Double> points, double possible) {
        if (!admits(points)) {
            throw new IllegalArgumentException("points that do not fit the criteria: " + points);
        }
        double all = criteria.stream().mapToInt(Criterion::points).sum();
        return possible * points.stream().mapToDouble(Double::doubleValue).sum() / all;
    }
}
