package zafu.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import zafu.core.schedule.Terms;
import zafu.core.schedule.TimeLimit;

/** What the vectors of where work stands leave open. */
class WorkSoFarTest {
    private static final Instant NOW = Instant.parse("2027-02-09T12:10:00Z");
    private static final Instant EARLIER = NOW.minusSeconds(60);
    private static final Instant LATER = NOW.plusSeconds(60);

    private record Try(Instant beganAt, Optional<Instant> endedAt, OptionalDouble markedShare)
            implements AttemptAtWork {}

    private static final Try RUNNING = new Try(EARLIER, Optional.empty(), OptionalDouble.empty());

    private static Terms.ForStudent terms(Optional<Instant> due, Optional<Instant> closes) {
        return new Terms.ForStudent(new TimeLimit.NoLimit(), Optional.empty(), due, closes, 1, 0, Set.of());
    }

    private static Set<Where> those(Predicate<Where> which) {
        return Arrays.stream(Where.values())
                .filter(which)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Where.class)));
    }

    @Test
    void eachPlaceIsToDoOrHandedInOrMissingOrNoneOfThese() {
        assertThat(those(Where::isToDo)).containsExactly(Where.OPEN, Where.WORKING, Where.TO_DO_AGAIN, Where.OVERDUE);
        assertThat(those(Where::isHandedIn)).containsExactly(Where.HANDED_IN, Where.MARKED);
        assertThat(those(Where::isMissing)).containsExactly(Where.OVERDUE, Where.MISSED);
    }

    @Test
    void anotherAttemptIsAskedForByWhoAskedSinceTheLastOneBegan() {
        assertThat(WorkSoFar.attemptsAsked(List.of(), Optional.empty())).isZero();
        assertThat(WorkSoFar.attemptsAsked(List.of(), Optional.of(EARLIER))).isEqualTo(1);
        assertThat(WorkSoFar.attemptsAsked(List.of(RUNNING), Optional.of(EARLIER)))
                .as("asked at the very moment")
                .isEqualTo(2);
        assertThat(WorkSoFar.attemptsAsked(List.of(RUNNING), Optional.of(EARLIER.minusSeconds(1))))
                .isEqualTo(1);
    }

    @Test
    void withoutAMarkItIsStillSaidWhereWorkStands() {
        Terms.ForStudent overdue = terms(Optional.of(EARLIER), Optional.of(LATER));
        assertThat(WorkSoFar.where(overdue, false, List.of(), Optional.empty(), NOW))
                .isEqualTo(Where.OVERDUE);
        assertThat(WorkSoFar.where(overdue, true, List.of(), Optional.empty(), NOW))
                .isEqualTo(Where.EXCUSED);
        assertThat(WorkSoFar.where(overdue, false, List.of(RUNNING), Optional.empty(), NOW))
                .isEqualTo(Where.WORKING);
        assertThat(WorkSoFar.where(overdue, false, List.of(), Optional.empty(), LATER))
                .isEqualTo(Where.MISSED);
    }

    @Test
    void whatBeganOrEndedLaterIsNotSeenYet() {
        Try later = new Try(LATER, Optional.empty(), OptionalDouble.empty());
        Try endsLater = new Try(EARLIER, Optional.of(LATER), OptionalDouble.of(1));
        Terms.ForStudent open = terms(Optional.empty(), Optional.empty());
        assertThat(WorkSoFar.where(open, false, List.of(later), Optional.empty(), NOW))
                .isEqualTo(Where.OPEN);
        assertThat(WorkSoFar.where(open, false, List.of(endsLater), Optional.empty(), NOW))
                .isEqualTo(Where.WORKING);
        assertThat(WorkSoFar.where(open, false, List.of(endsLater), Optional.empty(), LATER))
                .isEqualTo(Where.MARKED);
    }
}
