package zafu.server.attempt;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.server.attempt.MyWorkController.AtHand;
import zafu.server.attempt.MyWorkController.QuestionPage;
import zafu.server.attempt.MyWorkController.TryPage;
import zafu.server.library.Library;
import zafu.server.library.QuestionKind;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.task.Aids;
import zafu.server.task.Tasks;

/** Puts the page of a try together, or the page that a student would be given. */
@Component
class TryPages {
    private final AttemptAnswerRepository answers;
    private final HandedWork handed;
    private final Library library;
    private final Tasks tasks;
    private final Clock clock;

    TryPages(AttemptAnswerRepository answers, HandedWork handed, Library library, Tasks tasks, Clock clock) {
        this.answers = answers;
        this.handed = handed;
        this.library = library;
        this.tasks = tasks;
        this.clock = clock;
    }

    TryPage of(Attempt mine, Tasks.Given given) {
        Map<Long, AttemptAnswer> byQuestion = answers.findByAttemptId(mine.id).stream()
                .collect(Collectors.toMap(answer -> answer.questionId, answer -> answer));
        List<Long> asked = mine.kept(given.questions());
        // What was handed in goes on saying what it said then, whatever was corrected since.
        Map<Long, Library.Asked> questions = library.questions(asked, mine.handedInAt);
        Map<Long, ItemPage> texts = library.pages(given.texts(), mine.handedInAt);
        boolean handedIn = !mine.isRunning();
        return new TryPage(
                mine.id,
                given.title(),
                tasks.wayOf(mine.taskId),
                given.instructions(),
                atHand(given.aids()),
                mine.written,
                handed.of(mine.id),
                given.texts().stream().map(texts::get).filter(Objects::nonNull).toList(),
                asked.stream()
                        .map(id -> shown(questions.get(id), byQuestion.get(id), handedIn, mine.choicesLeft))
                        .toList(),
                mine.minutes,
                mine.startedAt,
                mine.endsAt,
                clock.instant(),
                handedIn,
                mine.handedInBy == Attempt.HandedInBy.TIME,
                mine.earned,
                mine.possible);
    }

    /** Without a try: id 0, nothing answered, the time that would be allowed. */
    TryPage foreseen(Tasks.TaskForClass task, Tasks.Given given) {
        Aids aids = given.aids();
        List<Long> asked = Aids.kept(given.questions(), aids.percentOfQuestions());
        Map<Long, Library.Asked> questions = library.questions(asked);
        Map<Long, ItemPage> texts = library.pages(given.texts(), null);
        return new TryPage(
                0,
                given.title(),
                task.way(),
                given.instructions(),
                atHand(aids),
                "",
                List.of(),
                given.texts().stream().map(texts::get).filter(Objects::nonNull).toList(),
                asked.stream()
                        .map(id -> shown(questions.get(id), null, false, aids.choicesLeft()))
                        .toList(),
                given.terms().time().minutes().isPresent()
                        ? given.terms().time().minutes().getAsInt()
                        : null,
                clock.instant(),
                null,
                clock.instant(),
                false,
                false,
                null,
                null);
    }

    private static AtHand atHand(Aids aids) {
        return new AtHand(aids.readAloud(), aids.largeText(), aids.tools(), aids.alongside());
    }

    private static QuestionPage shown(
            Library.Asked asked, @Nullable AttemptAnswer answer, boolean handedIn, @Nullable Integer choices) {
        Integer earned = answer == null ? null : answer.earned;
        boolean waits = asked.kind() == QuestionKind.LONG_ANSWER && answer != null && earned == null;
        String given = answer == null ? null : answer.given;
        if (!handedIn || waits) {
            return new QuestionPage(asked.id(), asked.sheet(choices), given, null, null);
        }
        int points = earned == null ? 0 : earned;
        String feedback = Library.feedback(asked, points == asked.points());
        return new QuestionPage(asked.id(), asked.sheet(choices), given, points, feedback.isEmpty() ? null : feedback);
    }
}
