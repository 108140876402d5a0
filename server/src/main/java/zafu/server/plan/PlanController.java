package zafu.server.plan;

import jakarta.validation.Valid;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.plan.PlanApi.SessionBegins;
import zafu.server.plan.PlanApi.SessionEdit;
import zafu.server.plan.PlanApi.SessionShown;
import zafu.server.plan.PlanApi.ShiftWeek;
import zafu.server.plan.PlanApi.Week;
import zafu.server.plan.PlanApi.WeekShifted;

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
