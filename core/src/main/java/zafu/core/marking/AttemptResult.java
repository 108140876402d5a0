package zafu.core.marking;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zafu.core.skill.SkillId;

/**
 * What an attempt comes to. Rule 5a.
 *
 * @param points empty where nothing of it is marked, which is not the same as none of nothing
 * @param toMark parts that wait for a person
 * @param evidence share of the points of each skill that it asked about, 0 to 1
 */
public record AttemptResult(Optional<Points> points, int toMark, Map<SkillId, Double> evidence) {

    /** The work as a whole, beside its questions. */
    public sealed interface Whole {
        /** Nothing but the questions is marked. */
        record NotMarked() implements Whole {}

        /** A person has yet to mark it. */
        record Waits() implements Whole {}

        /** A person gave it points. */
        record Given(Points points) implements Whole {}
    }

    /** Adds up the questions and the work as a whole. */
    public static AttemptResult of(List<CountedQuestion> questions, Whole whole) {
        Points all = Points.NONE;
        int toMark = whole instanceof Whole.Waits ? 1 : 0;
        Map<SkillId, Points> bySkill = new LinkedHashMap<>();
        for (CountedQuestion each : questions) {
            all = each.counted().map(all::plus).orElse(all);
            toMark += each.waitsForMarking() ? 1 : 0;
            if (each.isEvidence()) {
                bySkill.merge(each.skill().orElseThrow(), each.counted().orElseThrow(), Points::plus);
            }
        }
        if (whole instanceof Whole.Given given) {
            all = all.plus(given.points());
        }
        Map<SkillId, Double> evidence = new LinkedHashMap<>();
        bySkill.forEach((skill, points) -> evidence.put(skill, points.share()));
        return new AttemptResult(all.possible() == 0 ? Optional.empty() : Optional.of(all), toMark, evidence);
    }
}
