package zafu.server.arrangement;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.measure.Measures;

/** What {@link GroupListController} takes and gives. */
final class GroupListApi {
    private GroupListApi() {}

    /** @param groups by the name that students know, so that no rank shows */
    record WallList(String subject, LocalDate beginsOn, LocalDate endsOn, List<WallGroup> groups) {}

    /** @param students as called in class, by name */
    record WallGroup(String name, List<String> students) {}

    /** @param groups in the order of the bench */
    record PrivateList(
            String name,
            String subject,
            LocalDate beginsOn,
            LocalDate endsOn,
            String note,
            Measures.MeasureCard measure,
            List<ListedGroup> groups,
            List<String> notPlaced) {}

    /** @param leads names of the adults who lead it */
    record ListedGroup(
            String name,
            @Nullable String studentName,
            List<String> leads,
            String note,
            @Nullable Double median,
            @Nullable Double lowest,
            @Nullable Double highest,
            List<ListedStudent> students) {}

    /** @param timeNeed such as "1.5×"; absent unless it was asked for */
    record ListedStudent(String name, @Nullable Double value, boolean stale, @Nullable String timeNeed) {}
}
