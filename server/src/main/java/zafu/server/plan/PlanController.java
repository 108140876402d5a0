package zafu.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.ClassTimesController.Meeting;
import zafu.server.task.TaskState;
import zafu.server.task.Way;

/** The week of a class by group. Local times are on the school's clocks. */
@RestController
class PlanController {
    private final WeekReader reader;
    private final WeekDeeds deeds;
    private final LedSessions sessions;

    PlanController(WeekReader reader, WeekDeeds deeds, LedSessions sessions) {
        this.reader = reader;
        this.deeds = deeds;
        this.sessions = sessions;
    }

    /**
     * @param monday the first day of the week
     * @param minutesPerDay from how many minutes on a day is too full
     * @param rows everyone first, then the groups in their order, then those in none where work is given to them
     * @param undated tasks without any day, which wait to be put on one
     */
    record Week(
            LocalDate monday,
            LocalDate today,
            int minutesPerDay,
            List<DayOfWeekShown> days,
            List<Meeting> meetings,
            List<WeekRow> rows,
            List<WeekBar> undated,
            boolean mayChange) {}

    /** @param longest the fullest group of the day with its minutes; absent on a day without work */
    record DayOfWeekShown(
            LocalDate day,
            boolean teaching,
            String closedBecause,
            LocalDateTime opensAt,
            @Nullable FullestGroup longest) {}

    /** @param groupId absent for everyone, and for those in no group */
    record FullestGroup(@Nullable Long groupId, String name, int minutes, boolean tooFull) {}

    enum RowKind {
        EVERYONE,
        GROUP,
        NOT_PLACED
    }

    /** @param minutes per day of the week, of the member who has most */
    record WeekRow(
            RowKind kind,
            @Nullable Long groupId,
            String name,
            @Nullable Integer look,
            int members,
            List<WeekBar> bars,
            List<SessionShown> sessions,
            List<Integer> minutes) {}

    /**
     * A version on its days.
     *
     * @param fromDay the first column that it covers, from 0; {@code toDay} the last
     * @param before whether it began before this week; {@code after} whether it goes on after it
     * @param of how many of the row have it; {@code handedIn} of these
     */
    record WeekBar(
            long taskId,
            long versionId,
            String name,
            String versionName,
            TaskState state,
            Way way,
            boolean doneFirst,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable Integer minutes,
            int fromDay,
            int toDay,
            boolean before,
            boolean after,
            int of,
            int handedIn,
            int conflicts) {}

    /**
     * @param mine whether the adult who looks leads it
     * @param clashes in words, empty for none
     */
    record SessionShown(
            long id,
            long version,
            LocalDateTime begins,
            int minutes,
            long adultId,
            String adult,
            boolean mine,
            String title,
            @Nullable Long itemId,
            List<Long> groups,
            List<String> clashes) {}

    /**
     * @param version as it was read, 0 for a new one
     * @param adultId who leads it, absent for whoever plans it
     * @param groups empty for the whole class
     */
    record SessionEdit(
            long version,
            @NotNull LocalDateTime begins,
            @Min(5) @Max(240) int minutes,
            @Nullable Long adultId,
            @NotNull @Size(max = 200) String title,
            @Nullable Long itemId,
            @NotNull @Size(max = 20) List<Long> groups) {}

    /** @param weeks by how many, back with a minus */
    record ShiftWeek(@NotNull LocalDate monday, @Min(-52) @Max(52) int weeks) {}

    /**
     * @param stepId by which the tasks are taken back as one, absent where there are none
     * @param sessions those that are new or moved, with when they began before
     * @param left tasks that stay because a student has begun them
     */
    record WeekShifted(@Nullable Long stepId, int tasks, List<ShiftedSession> sessions, List<String> left) {}

    record ShiftedSession(long id, LocalDateTime before) {}

    record SessionBegins(@NotNull LocalDateTime begins) {}

    @GetMapping("/api/classes/{classId}/week")
    Week week(
            @PathVariable long classId,
            @RequestParam(required = false) @Nullable LocalDate day,
            @RequestParam(required = false) @Nullable Long arrangementId) {
        return reader.week(classId, day, arrangementId);
    }

    @PostMapping("/api/classes/{classId}/week/moved")
    WeekShifted move(@PathVariable long classId, @Valid @RequestBody ShiftWeek wanted) {
        return deeds.move(classId, wanted);
    }

    @PostMapping("/api/classes/{classId}/week/copied")
    WeekShifted copy(@PathVariable long classId, @Valid @RequestBody ShiftWeek wanted) {
        return deeds.copy(classId, wanted);
    }

    @PostMapping("/api/classes/{classId}/sessions")
    SessionShown addSession(@PathVariable long classId, @Valid @RequestBody SessionEdit wanted) {
        return sessions.keep(classId, null, wanted);
    }

    @PutMapping("/api/classes/{classId}/sessions/{sessionId}")
    SessionShown changeSession(
            @PathVariable long classId, @PathVariable long sessionId, @Valid @RequestBody SessionEdit wanted) {
        return sessions.keep(classId, sessionId, wanted);
    }

    @DeleteMapping("/api/sessions/{sessionId}")
    void removeSession(@PathVariable long sessionId) {
        sessions.remove(sessionId, true);
    }

    @PostMapping("/api/sessions/{sessionId}/begins")
    void moveSession(@PathVariable long sessionId, @Valid @RequestBody SessionBegins wanted) {
        sessions.move(sessionId, wanted.begins());
    }

    @PostMapping("/api/sessions/{sessionId}/bring-back")
    void bringBack(@PathVariable long sessionId) {
        sessions.remove(sessionId, false);
    }
}
