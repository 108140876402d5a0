package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.KeyCorrectionsApi.CorrectedQuestion;
import zafu.server.attempt.KeyCorrectionsApi.KeysCorrected;
import zafu.server.library.Library;
import zafu.server.platform.Refusal;

/**
 * Marks attempts again when a key was corrected after they were handed in. What it would change is said first; it is one step
 * that can be undone; what a person marked stays. Rule 5a.
 */
@Service
class KeyCorrections {
    private static final double SAME = 1e-9;
    private final TaskWork work;
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final MarkingHere here;
    private final CorrectedKeyRepository keys;
    private final TryMarker marker;
    private final MarkingAgain marking;
    private final Library library;
    private final Notes notes;

    KeyCorrections(
            TaskWork work,
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            MarkingHere here,
            CorrectedKeyRepository keys,
            TryMarker marker,
            MarkingAgain marking,
            Library library,
            Notes notes) {
        this.work = work;
        this.attempts = attempts;
        this.answers = answers;
        this.here = here;
        this.keys = keys;
        this.marker = marker;
        this.marking = marking;
        this.library = library;
        this.notes = notes;
    }

    /** Who does it, and when. */
    @Component
    record Notes(CurrentPerson current, AuditTrail audit, Clock clock) {}

    /** An answer by the key that it was marked by, and by the one that is in the library now. */
    private record Twice(Attempt attempt, Library.Asked before, Library.Asked now, AttemptAnswer answer) {}

    @Transactional(readOnly = true)
    KeysCorrected look(long taskId) {
        work.requireToChange(taskId);
        List<Twice> all = changed(taskId);
        Map<Long, List<Twice>> byQuestion = new LinkedHashMap<>();
        all.forEach(each -> byQuestion
                .computeIfAbsent(each.now().id(), id -> new ArrayList<>())
                .add(each));
        AcceptedHere acceptedHere = here.accepted(taskId);
        return new KeysCorrected(byQuestion.values().stream()
                .map(each -> corrected(each, acceptedHere))
                .toList());
    }

    private static CorrectedQuestion corrected(List<Twice> answersToOne, AcceptedHere acceptedHere) {
        Library.Asked now = answersToOne.get(0).now();
        boolean comparable = answersToOne.stream().allMatch(each -> isComparable(each.before(), each.now()));
        int up = 0;
        int down = 0;
        for (Twice each : answersToOne) {
            if (comparable && each.answer().earned != null) {
                OptionalDouble then = TryMarker.earned(now, each.answer(), acceptedHere);
                double change = then.isPresent() ? then.getAsDouble() - each.answer().earned : 0;
                up += change > SAME ? 1 : 0;
                down += change < -SAME ? 1 : 0;
            }
        }
        return new CorrectedQuestion(now.id(), now.prompt(), answersToOne.size(), up, down, comparable);
    }

    /** Answers to another question, or to other options, are no answers to this one. */
    private static boolean isComparable(Library.Asked before, Library.Asked now) {
        return before.kind() == now.kind() && before.body().asksTheSame(now.body());
    }

    /** Answers of handed-in attempts to questions that are marked otherwise now. */
    private List<Twice> changed(long taskId) {
        List<Attempt> handedIn = attempts.findByTaskIdInOrderById(List.of(taskId)).stream()
                .filter(each -> each.handedInAt != null)
                .toList();
        if (handedIn.isEmpty()) {
            return List.of();
        }
        Map<Long, List<AttemptAnswer>> given =
                answers.findByAttemptIdIn(handedIn.stream().map(each -> each.id).toList()).stream()
                        .collect(Collectors.groupingBy(each -> each.attemptId));
        Set<Long> answered = given.values().stream()
                .flatMap(List::stream)
                .map(each -> each.questionId)
                .collect(Collectors.toSet());
        Instant first = handedIn.stream()
                .map(each -> each.handedInAt)
                .min(Instant::compareTo)
                .orElseThrow();
        Set<Long> touched = library.changedSince(answered, first);
        return touched.isEmpty() ? List.of() : changed(handedIn, given, library.questions(touched));
    }

    private List<Twice> changed(
            List<Attempt> handedIn, Map<Long, List<AttemptAnswer>> given, Map<Long, Library.Asked> now) {
        List<Twice> found = new ArrayList<>();
        for (Attempt attempt : handedIn) {
            Map<Long, Library.Asked> before = marker.questionsOf(attempt);
            given.getOrDefault(attempt.id, List.of()).stream()
                    .filter(answer -> now.containsKey(answer.questionId) && before.containsKey(answer.questionId))
                    .map(answer ->
                            new Twice(attempt, before.get(answer.questionId), now.get(answer.questionId), answer))
                    .filter(each -> isMarkedOtherwise(each.before(), each.now()))
                    .forEach(found::add);
        }
        return found;
    }

    private static boolean isMarkedOtherwise(Library.Asked before, Library.Asked now) {
        return before.kind() != now.kind()
                || before.points() != now.points()
                || !before.body().isMarkedLike(now.body());
    }

    /** @return ids by which it is undone */
    @Transactional
    List<Long> again(long taskId, Collection<Long> questionIds) {
        TaskWork.Seen seen = work.requireToChange(taskId);
        Map<Long, CorrectedQuestion> offered = look(taskId).questions().stream()
                .collect(Collectors.toMap(CorrectedQuestion::questionId, each -> each));
        for (long id : questionIds) {
            CorrectedQuestion question = offered.get(id);
            if (question == null) {
                throw Refusal.conflict("nothing-corrected", inWords("attempt.this-question-is-marked-by-its"));
            }
            if (!question.comparable()) {
                throw Refusal.conflict(
                        "asks-something-else",
                        inWords("attempt.asks-something-else-now-so-answers", "prompt", question.prompt()));
            }
        }
        Instant now = notes.clock().instant();
        List<Long> ids = questionIds.stream()
                .map(id -> keys.saveAndFlush(key(taskId, id, now)).id)
                .toList();
        notes.audit()
                .note(
                        seen.classes().get(0),
                        "key.corrected",
                        taskId,
                        keptWords("attempt.questions", "count", questionIds.size()));
        marking.all(taskId, now);
        return ids;
    }

    private CorrectedKey key(long taskId, long questionId, Instant now) {
        CorrectedKey made = new CorrectedKey();
        made.taskId = taskId;
        made.questionId = questionId;
        made.asOf = now;
        made.madeBy = notes.current().adult().adultId();
        return made;
    }

    @Transactional
    void undo(long taskId, Collection<Long> ids) {
        TaskWork.Seen seen = work.requireToChange(taskId);
        keys.findByTaskIdAndUndoneAtIsNullOrderById(taskId).stream()
                .filter(each -> ids.contains(each.id))
                .forEach(each -> each.undoneAt = notes.clock().instant());
        keys.flush();
        notes.audit().note(seen.classes().get(0), "key.correction-undone", taskId, "");
        marking.all(taskId, null);
    }
}
