package zafu.server.plan;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.ClassPermission;
import zafu.server.plan.PlanApi.ShiftWeek;
import zafu.server.plan.PlanApi.ShiftedSession;
import zafu.server.plan.PlanApi.WeekShifted;
import zafu.server.platform.Refusal;
import zafu.server.task.TaskMoves;

/** What is done to a whole week: its tasks and its sessions together. */
@Service
class WeekDeeds {
    private final TaskMoves tasks;
    private final LedSessions sessions;
    private final ClassPermission permission;

    WeekDeeds(TaskMoves tasks, LedSessions sessions, ClassPermission permission) {
        this.tasks = tasks;
        this.sessions = sessions;
        this.permission = permission;
    }

    @Transactional
    WeekShifted move(long classId, ShiftWeek wanted) {
        permission.requireChange(classId);
        requireSomewhere(wanted);
        TaskMoves.Moved moved = tasks.moveWeek(classId, wanted.begins(), wanted.weeks());
        List<ShiftedSession> shifted = sessions.shift(classId, wanted.begins(), wanted.weeks(), false);
        return new WeekShifted(moved.stepId(), moved.done().size(), shifted, moved.left());
    }

    @Transactional
    WeekShifted copy(long classId, ShiftWeek wanted) {
        permission.requireChange(classId);
        requireSomewhere(wanted);
        TaskMoves.Moved copied = tasks.copyWeek(classId, wanted.begins(), wanted.weeks());
        List<ShiftedSession> made = sessions.shift(classId, wanted.begins(), wanted.weeks(), true);
        return new WeekShifted(copied.stepId(), copied.done().size(), made, copied.left());
    }

    private static void requireSomewhere(ShiftWeek wanted) {
        if (wanted.weeks() == 0) {
            throw Refusal.unusableField("no-weeks", "weeks", inWords("plan.by-how-many-weeks-it-must-be-one"));
        }
    }
}
