package zafu.core.marking;

import java.util.Optional;
import java.util.OptionalDouble;
import zafu.core.skill.SkillId;

/**
 * One question of an attempt as it was marked. Rule 5a.
 *
 * @param points possible
 * @param earned empty where a person must mark it first
 * @param skill that it is evidence for
 * @param takenOut present where it no longer decides the result
 */
public record CountedQuestion(
        double points, OptionalDouble earned, Optional<SkillId> skill, Optional<TakenOut> takenOut) {

    /** What a person gave stands before what everyone with this answer has, and that before what the question says itself. */
    public static OptionalDouble earned(
            int points, OptionalDouble byHand, OptionalDouble forAll, OptionalDouble share) {
        if (byHand.isPresent()) {
            return byHand;
        }
        if (forAll.isPresent()) {
            return forAll;
        }
        return share.isEmpty() ? share : OptionalDouble.of(Question.earned(points, share.getAsDouble()));
    }

    /** What it adds to a result; empty where it adds nothing, now or for good. */
    Optional<Points> counted() {
        if (takenOut.isPresent()) {
            return switch (takenOut.get()) {
                case FULL_POINTS -> Optional.of(new Points(points, points));
                case NOT_COUNTED -> Optional.empty();
            };
        }
        return earned.isEmpty() ? Optional.empty() : Optional.of(new Points(earned.getAsDouble(), points));
    }

    /** Whether nothing can be said of it before a person has marked it. */
    boolean waitsForMarking() {
        return takenOut.isEmpty() && earned.isEmpty();
    }

    /** A question that was taken out says nothing about a skill. */
    boolean isEvidence() {
        return takenOut.isEmpty() && earned.isPresent() && skill.isPresent() && points > 0;
    }
}
