package zafu.server.attempt;

import java.util.List;
import java.util.Map;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import zafu.server.platform.FileHolder;
import zafu.server.platform.FilesLetGo;
import zafu.server.roster.StudentPart;

/** A student's tries and answers, as part of the student's record. */
@Component
class AttemptPart implements StudentPart, FileHolder {
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final AttemptFileRepository files;
    private final LateAnswerRepository late;
    private final ApplicationEventPublisher events;

    AttemptPart(
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            AttemptFileRepository files,
            LateAnswerRepository late,
            ApplicationEventPublisher events) {
        this.events = events;
        this.attempts = attempts;
        this.answers = answers;
        this.files = files;
        this.late = late;
    }

    @Override
    public String name() {
        return "work";
    }

    @Override
    public Object of(long studentId) {
        return attempts.findByStudentIdOrderById(studentId).stream()
                .map(each -> Map.of(
                        "task", each.taskId,
                        "started", each.startedAt.toString(),
                        "handedIn", String.valueOf(each.handedInAt),
                        "earned", String.valueOf(each.earned),
                        "possible", String.valueOf(each.possible),
                        "written", each.written,
                        "remark", each.remark,
                        "cameLate",
                                late.findByAttemptIdInOrderById(List.of(each.id)).stream()
                                        .map(one -> one.given)
                                        .toList(),
                        "files",
                                files.findByAttemptIdInOrderByAddedAtAscLateAscIdAsc(List.of(each.id)).stream()
                                        .map(file -> file.name)
                                        .toList(),
                        "answers",
                                answers.findByAttemptId(each.id).stream()
                                        .map(answer -> answer.given)
                                        .toList()))
                .toList();
    }

    @Override
    public boolean holds(String hash) {
        return files.existsByHash(hash);
    }

    @Override
    public void erase(long studentId) {
        List<Attempt> own = attempts.findByStudentIdOrderById(studentId);
        own.forEach(each -> answers.deleteAll(answers.findByAttemptId(each.id)));
        answers.flush();
        late.deleteAll(late.findByAttemptIdInOrderById(
                own.stream().map(each -> each.id).toList()));
        late.flush();
        List<AttemptFile> handed = files.findByAttemptIdInOrderByAddedAtAscLateAscIdAsc(
                own.stream().map(each -> each.id).toList());
        files.deleteAll(handed);
        files.flush();
        events.publishEvent(FilesLetGo.of(handed.stream().map(each -> each.hash).toList()));
        attempts.deleteAll(own);
    }
}
