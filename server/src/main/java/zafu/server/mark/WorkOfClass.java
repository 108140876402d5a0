package zafu.server.mark;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import zafu.core.roster.StudentId;
import zafu.core.work.WorkSoFar;
import zafu.core.work.WorkStanding;
import zafu.server.attempt.SaidOfWork;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.task.Tasks;
import zafu.server.task.Tasks.TaskForClass;

/** Where each piece of a class's work stands, as core says it. Grid, lists, marks, reports and Today ask here. Rule 5a. */
public final class WorkOfClass {
    private final Marks.Work work;
    private final Map<WorkOf, List<TryShown>> attempts;

    public WorkOfClass(Marks.Work work) {
        this.work = work;
        attempts = work.tries().stream()
                .collect(Collectors.groupingBy(each -> new WorkOf(each.taskId(), each.studentId())));
    }

    public Marks.Work work() {
        return work;
    }

    /** The attempts of one student at a task, in the order in which they were begun. */
    public List<TryShown> attempts(WorkOf one) {
        return attempts.getOrDefault(one, List.of());
    }

    public SaidOfWork said(WorkOf one) {
        return work.said().getOrDefault(one, SaidOfWork.NOTHING);
    }

    public WorkStanding<TryShown> standing(TaskForClass task, StudentId student, Instant at) {
        WorkOf one = new WorkOf(task.taskId(), student.value());
        Optional<Tasks.Given> given = Optional.ofNullable(task.given().get(student));
        List<TryShown> own = attempts(one);
        SaidOfWork said = said(one);
        return new WorkSoFar<>(
                        given.isPresent(),
                        given.flatMap(each -> each.terms().opens()),
                        given.flatMap(each -> each.terms().due()),
                        given.flatMap(each -> each.terms().closes()),
                        said.isExcusedAt(at),
                        own,
                        WorkSoFar.attemptsAsked(own, said.lastAskedAgain()),
                        work.settings().of(task.taskId()).counting(),
                        work.settings().missingIsZero())
                .at(at);
    }
}
