package zafu.server.progress;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;
import zafu.server.attempt.OutNow;
import zafu.server.attempt.Tries;
import zafu.server.attempt.WorkNotes;
import zafu.server.mark.MarkSettings;
import zafu.server.mark.Marks;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks.TaskForClass;

/** All work of a class, read in as many statements for a hundred tasks as for one. */
@Component
public class ClassWork {
    private final OutNow out;
    private final Tries tries;
    private final WorkNotes notes;
    private final MarkSettings settings;
    private final SchoolSettings school;
    private final Clock clock;

    ClassWork(OutNow out, Tries tries, WorkNotes notes, MarkSettings settings, SchoolSettings school, Clock clock) {
        this.out = out;
        this.tries = tries;
        this.notes = notes;
        this.settings = settings;
        this.school = school;
        this.clock = clock;
    }

    /** Work that students of the class can see. Permission is the caller's to check. */
    public Marks.Work of(long classId) {
        List<TaskForClass> tasks = out.handedOut(classId, school.today());
        List<Long> ids = tasks.stream().map(TaskForClass::taskId).toList();
        return new Marks.Work(settings.of(classId), tasks, tries.shown(ids), notes.said(ids));
    }

    Instant now() {
        return clock.instant();
    }
}
