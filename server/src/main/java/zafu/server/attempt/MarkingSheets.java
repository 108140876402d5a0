package zafu.server.attempt;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.marking.Rubric;
import zafu.core.roster.StudentId;
import zafu.server.attempt.MarkingApi.Accepted;
import zafu.server.attempt.MarkingApi.MarkedAnswer;
import zafu.server.attempt.MarkingApi.MarkedQuestion;
import zafu.server.attempt.MarkingApi.MarkedWork;
import zafu.server.attempt.MarkingApi.MarkingCriterion;
import zafu.server.library.Library;
import zafu.server.library.Markdown;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks;

/** What a teacher has before them when marking a task. */
@Service
class MarkingSheets {
    private final TaskWork work;
    private final Library library;
    private final MarkingHere here;
    private final HandedWork handed;
    private final SchoolSettings school;

    MarkingSheets(TaskWork work, Library library, MarkingHere here, HandedWork handed, SchoolSettings school) {
        this.work = work;
        this.library = library;
        this.here = here;
        this.handed = handed;
        this.school = school;
    }

    @Transactional(readOnly = true)
    MarkingApi.MarkingSheet of(long taskId, @Nullable Long groupId, boolean namesHidden) {
        TaskWork.Seen seen = work.requireToSee(taskId, groupId);
        Map<StudentId, Attempt> tries = work.lastHandedIn(seen);
        Map<Long, Tasks.Materials> materials = work.materialsOf(tries);
        List<Long> asked = work.asked(seen.task(), tries.values(), materials);
        Map<Long, Library.Asked> questions = library.questions(asked);
        Map<Long, Map<Long, AttemptAnswer>> given = work.answersOf(tries);
        List<MarkedWork> works = new ArrayList<>();
        seen.students().forEach((id, name) -> {
            Attempt mine = tries.get(id);
            if (mine != null) {
                List<Long> own = mine.kept(materials.get(mine.versionId).questions());
                works.add(shown(mine, name, own, given.getOrDefault(mine.id, Map.of()), namesHidden));
            }
        });
        if (namesHidden) {
            // The same order each time, so that nothing jumps; but none that the alphabet gives away.
            Collections.shuffle(works, new Random(taskId));
        }
        AcceptedHere forAll = here.accepted(taskId);
        return new MarkingApi.MarkingSheet(
                taskId,
                seen.task().name(),
                seen.task().way(),
                asked.stream()
                        .map(questions::get)
                        .filter(Objects::nonNull)
                        .map(each -> shown(each, forAll))
                        .toList(),
                works,
                works.stream().mapToInt(MarkedWork::toMark).sum(),
                namesHidden,
                work.mayMark(seen),
                work.mayChange(seen));
    }

    private static MarkedQuestion shown(Library.Asked asked, AcceptedHere forAll) {
        String guidance = asked.body().guidance();
        return new MarkedQuestion(
                asked.sheet(),
                asked.points(),
                guidance == null ? "" : Markdown.inline(Rubric.guidanceBeside(guidance)),
                asked.body().rubric().criteria().stream()
                        .map(each -> new MarkingCriterion(each.name(), each.points()))
                        .toList(),
                forAll.byQuestion().getOrDefault(asked.id(), List.of()).stream()
                        .map(each -> new Accepted(each.given, each.points))
                        .toList());
    }

    private MarkedWork shown(
            Attempt mine,
            Roster.StudentName name,
            List<Long> questions,
            Map<Long, AttemptAnswer> given,
            boolean namesHidden) {
        return new MarkedWork(
                mine.id,
                namesHidden ? null : name.id(),
                namesHidden ? "" : name.givenName(),
                namesHidden ? "" : name.familyName(),
                mine.number,
                school.local(mine.handedInAt),
                mine.returnedAt != null,
                mine.toMark,
                mine.written,
                handed.of(mine.id),
                mine.givenEarned,
                mine.givenPossible,
                mine.earned,
                mine.possible,
                questions.stream().map(id -> shown(id, given.get(id))).toList());
    }

    private static MarkedAnswer shown(long questionId, @Nullable AttemptAnswer answer) {
        return answer == null
                ? new MarkedAnswer(questionId, "", 0.0, false, List.of(), "")
                : new MarkedAnswer(
                        questionId,
                        answer.given,
                        answer.earned,
                        answer.givenPoints != null,
                        answer.criteria(),
                        answer.comment);
    }
}
