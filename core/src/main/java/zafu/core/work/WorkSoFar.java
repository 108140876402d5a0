package zafu.core.work;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import zafu.core.schedule.Terms;

/**
 * All that decides where one student's work at one task stands. Rule 5a: nobody else decides it.
 *
 * @param given whether the student is given a version of the task
 * @param opens from when it can be worked on, as are {@code due} and {@code closes} as they hold for the student
 * @param excused whether it need not be done
 * @param attempts in the order in which they were begun; at most one is under way
 * @param attemptsAsked how many the student is asked for: more than were handed in where it is to be done again
 * @param counting which of several marked attempts counts
 * @param missingIsZero whether work that is past due and not handed in counts as nothing earned
 */
public record WorkSoFar<A extends AttemptAtWork>(
        boolean given,
        Optional<Instant> opens,
        Optional<Instant> due,
        Optional<Instant> closes,
        boolean excused,
        List<A> attempts,
        int attemptsAsked,
        CountingTry counting,
        boolean missingIsZero) {

    public WorkSoFar {
        attempts = List.copyOf(attempts);
    }

    /**
     * How many attempts a student is asked for, by when a teacher last asked for another one.
     *
     * @param askedAgainAt empty where nobody did
     */
    public static int attemptsAsked(List<? extends AttemptAtWork> attempts, Optional<Instant> askedAgainAt) {
        Instant begun = attempts.isEmpty()
                ? Instant.MIN
                : attempts.get(attempts.size() - 1).beganAt();
        return attempts.size()
                + (askedAgainAt.filter(asked -> !asked.isBefore(begun)).isPresent() ? 1 : 0);
    }

    /**
     * Where work that a student is given stands, for who does not ask which attempt counts and what it does to the mark: that
     * part of the answer does not depend on the rest.
     *
     * @param terms as they hold for the student
     * @param askedAgainAt when a teacher last asked for another attempt
     */
    public static <A extends AttemptAtWork> Where where(
            Terms.ForStudent terms, boolean excused, List<A> attempts, Optional<Instant> askedAgainAt, Instant now) {
        return new WorkSoFar<>(
                        true,
                        terms.opens(),
                        terms.due(),
                        terms.closes(),
                        excused,
                        attempts,
                        attemptsAsked(attempts, askedAgainAt),
                        CountingTry.LAST,
                        false)
                .at(now)
                .where();
    }

    /** The answer at a moment; what was begun or handed in after it is left out. */
    public WorkStanding<A> at(Instant now) {
        List<A> begun =
                attempts.stream().filter(each -> !each.beganAt().isAfter(now)).toList();
        List<A> handedIn =
                begun.stream().filter(each -> isBy(now, each.endedAt())).toList();
        Optional<A> result = counting.of(
                handedIn.stream().filter(each -> each.markedShare().isPresent()).toList(),
                each -> each.markedShare().orElseThrow());
        Where where = where(begun, handedIn, now);
        return new WorkStanding<>(where, result, isLate(handedIn, result), inMark(where, handedIn, result));
    }

    private static boolean isBy(Instant now, Optional<Instant> moment) {
        return moment.filter(each -> !each.isAfter(now)).isPresent();
    }

    private Where where(List<A> begun, List<A> handedIn, Instant now) {
        if (!given && begun.isEmpty()) {
            return Where.NOT_GIVEN;
        }
        if (excused) {
            return Where.EXCUSED;
        }
        if (handedIn.size() < begun.size()) {
            return Where.WORKING;
        }
        return handedIn.isEmpty() ? notBegun(now) : handedIn(handedIn, now);
    }

    private Where notBegun(Instant now) {
        if (opens.filter(now::isBefore).isPresent()) {
            return Where.NOT_OPEN_YET;
        }
        if (isClosed(now)) {
            return Where.MISSED;
        }
        return due.filter(now::isAfter).isPresent() ? Where.OVERDUE : Where.OPEN;
    }

    private Where handedIn(List<A> handedIn, Instant now) {
        if (given && handedIn.size() < attemptsAsked && !isClosed(now)) {
            return Where.TO_DO_AGAIN;
        }
        A last = handedIn.get(handedIn.size() - 1);
        return last.markedShare().isPresent() ? Where.MARKED : Where.HANDED_IN;
    }

    private boolean isClosed(Instant now) {
        return closes.filter(moment -> !now.isBefore(moment)).isPresent();
    }

    /** Of the attempt that counts or, while none is marked, of the last that was handed in. */
    private boolean isLate(List<A> handedIn, Optional<A> result) {
        Optional<A> last = handedIn.isEmpty() ? Optional.empty() : Optional.of(handedIn.get(handedIn.size() - 1));
        return result.or(() -> last)
                .flatMap(AttemptAtWork::endedAt)
                .filter(ended -> due.filter(ended::isAfter).isPresent())
                .isPresent();
    }

    private InMark inMark(Where where, List<A> handedIn, Optional<A> result) {
        if (where == Where.NOT_GIVEN || where == Where.EXCUSED) {
            return InMark.NOT;
        }
        if (result.isPresent()) {
            return InMark.RESULT;
        }
        boolean nought = missingIsZero && handedIn.isEmpty() && where.isMissing();
        return nought ? InMark.NOUGHT : InMark.NOT;
    }
}
