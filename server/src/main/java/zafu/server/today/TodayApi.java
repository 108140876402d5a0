package zafu.server.today;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.arrangement.ArrangementNews;
import zafu.server.link.LinkState;
import zafu.server.task.TaskState;

/** What {@link TodayController} takes and gives. */
final class TodayApi {
    private TodayApi() {}

    /**
     * @param localNow what the school's clocks show
     * @param nextMeeting when the class meets next today, absent where it does not
     * @param drafts that should have opened, open by tomorrow, or are older than three days
     * @param mayChange whether the adult changes the class; conflicts, drafts and broken links are left out otherwise
     * @param conflicts tasks by which two versions claim somebody
     * @param overdue tasks that are due and not handed in by some
     * @param idle names of those with nothing to do this week
     * @param soon what opens or falls due today and tomorrow
     * @param groups what today holds for each group of the arrangement that is looked at
     * @param askToJoin how many wait at the door of the class
     */
    record Today(
            LocalDateTime localNow,
            @Nullable LocalTime nextMeeting,
            boolean mayChange,
            List<ArrangementNews.ForArrangement> arrangements,
            List<Draft> drafts,
            List<TaskConflict> conflicts,
            List<Overdue> overdue,
            List<String> idle,
            List<Soon> soon,
            List<GroupToday> groups,
            List<BrokenLink> brokenLinks,
            int askToJoin,
            @Nullable FirstSteps firstSteps) {}

    /** What a class begins with, and whether it has; absent where all is done or the adult wants to see it no more. */
    record FirstSteps(boolean scores, boolean groups, boolean task) {
        boolean areTaken() {
            return scores && groups && task;
        }
    }

    /** @param usedIn shelves and tasks by name */
    record BrokenLink(long itemId, String title, LinkState state, List<String> usedIn) {}

    /** @param students how many would get it */
    record Draft(long id, String name, @Nullable LocalDateTime opens, LocalDate made, int students) {}

    record TaskConflict(long id, String name, TaskState state, List<String> students) {}

    record Overdue(long id, String name, List<Late> students) {}

    record Late(long id, String givenName) {}

    enum Moment {
        OPENS,
        DUE
    }

    record Soon(long id, String name, Moment moment, LocalDateTime at, int students) {}

    record GroupToday(long groupId, String name, int look, List<Thing> things) {}

    enum ThingKind {
        SESSION,
        OPENS,
        OPEN,
        DUE
    }

    /**
     * @param adult who leads a session
     * @param eased names with their minutes, of those whose time is another; only for who may see needs
     */
    record Thing(
            ThingKind kind,
            @Nullable Long taskId,
            String name,
            @Nullable LocalTime at,
            @Nullable Integer minutes,
            String adult,
            List<String> eased) {}
}
