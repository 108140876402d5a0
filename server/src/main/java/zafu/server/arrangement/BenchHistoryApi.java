package zafu.server.arrangement;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link BenchHistoryController} takes and gives. */
final class BenchHistoryApi {
    private BenchHistoryApi() {}

    /**
     * One step.
     *
     * @param undone whether it does not hold now
     * @param moved those of the class whose groups it changed
     */
    record HistoryStep(
            long id, BenchCommand.Kind kind, Instant at, String by, boolean undone, List<MovedStudent> moved) {}

    /** @param from names of groups; none means not placed */
    record MovedStudent(String givenName, List<String> from, List<String> to) {}

    /**
     * A bench beside an earlier one.
     *
     * @param groups those of now, each with the former group that it goes on from
     */
    record Compared(List<FormerGroup> groups, List<ComparedStudent> students) {}

    /** @param former its name; absent for a new group */
    record FormerGroup(long id, @Nullable String former) {}

    /**
     * @param before names of the former groups; none means not placed
     * @param moved whether the student is not in the groups that go on from those
     */
    record ComparedStudent(long id, List<String> before, boolean moved) {}
}
