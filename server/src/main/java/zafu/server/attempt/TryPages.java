package zafu.server.attempt;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.marking.Feedback;
import zafu.core.marking.Rubric;
import zafu.core.marking.TakenOut;
import zafu.server.attempt.MyWorkApi.AnswerChecked;
import zafu.server.attempt.MyWorkApi.AtHand;
import zafu.server.attempt.MyWorkApi.CameLate;
import zafu.server.attempt.MyWorkApi.CriterionMet;
import zafu.server.attempt.MyWorkApi.OtherLanguage;
import zafu.server.attempt.MyWorkApi.QuestionPage;
import zafu.server.attempt.MyWorkApi.ResultWaits;
import zafu.server.attempt.MyWorkApi.TryPage;
import zafu.server.library.AnswerText;
import zafu.server.library.Library;
import zafu.server.library.QuestionKind;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;
import zafu.server.platform.Refusal;
import zafu.server.task.Aids;
import zafu.server.task.Tasks;

/** Puts the page of a try together, or the page that a student would be given. */
@Component
class TryPages {
    /** Names the parts of a page that no attempt is behind. */
    private static final String FORESEEN = "foreseen";

    private final AttemptAnswerRepository answers;
    private final HandedWork handed;
    private final Library library;
    private final QuestionsOfAttempt keys;
    private final MarkingHere here;
    private final TryResults results;
    private final OutNow out;
    private final Clock clock;

    TryPages(
            AttemptAnswerRepository answers,
            HandedWork handed,
            Library library,
            QuestionsOfAttempt keys,
            MarkingHere here,
            TryResults results,
            OutNow out,
            Clock clock) {
        this.answers = answers;
        this.handed = handed;
        this.library = library;
        this.keys = keys;
        this.here = here;
        this.results = results;
        this.out = out;
        this.clock = clock;
    }

    TryPage of(Attempt mine, Tasks.Given given) {
        Map<Long, AttemptAnswer> byQuestion = answers.findByAttemptId(mine.id).stream()
                .collect(Collectors.toMap(answer -> answer.questionId, answer -> answer));
        List<Long> asked = mine.kept(given.questions());
        // What was handed in goes on saying what it said then, whatever was changed since without marking it again.
        Map<Long, Library.Asked> questions = keys.of(mine, asked);
        Map<Long, ItemPage> texts = library.pages(given.texts(), mine.handedInAt);
        Tasks.TaskForClass task = out.task(mine.taskId);
        ResultWaits waits = results.waits(mine, task.feedback(), given.terms());
        boolean shows = !mine.isRunning() && waits == null;
        // While it runs no page asks for it.
        Map<Long, TakenOut> takenOut = shows ? here.takenOut(mine.taskId) : Map.of();
        return new TryPage(
                mine.id,
                given.title(),
                task.way(),
                given.instructions(),
                atHand(given.aids()),
                mine.written,
                mine.writtenSaved.number,
                handed.of(mine.id),
                given.texts().stream().map(texts::get).filter(Objects::nonNull).toList(),
                inOtherLanguages(given),
                asked.stream()
                        .map(id -> shown(questions.get(id), byQuestion.get(id), shows, mine, takenOut.get(id)))
                        .toList(),
                mine.number,
                Flags.read(mine.flagged),
                mine.flagsNumber,
                task.feedback() == Feedback.AS_THEY_GO,
                mine.startedAt,
                TryClocks.shown(mine, clock.instant()),
                !mine.isRunning(),
                mine.handedInBy == Attempt.HandedInBy.TIME,
                shows ? mine.earned : null,
                shows ? mine.possible : null,
                waits,
                results.remark(mine),
                results.remarkBy(mine),
                results.cameLate(mine.id));
    }

    /** Whether an answer that is kept is right. */
    AnswerChecked checked(long tryId, long questionId) {
        AttemptAnswer answer =
                answers.findByAttemptIdAndQuestionId(tryId, questionId).orElseThrow(() -> Refusal.notFound("answer"));
        Library.Asked asked = library.questions(List.of(questionId)).get(questionId);
        OptionalDouble share = asked.question().share(AnswerText.read(asked.kind(), answer.given));
        if (share.isEmpty()) {
            return new AnswerChecked(null, null);
        }
        boolean right = share.getAsDouble() == 1;
        String feedback = Library.feedback(asked, right);
        return new AnswerChecked(right, feedback.isEmpty() ? null : feedback);
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
                0,
                List.of(),
                given.texts().stream().map(texts::get).filter(Objects::nonNull).toList(),
                inOtherLanguages(given),
                asked.stream()
                        .map(questions::get)
                        .map(each -> new QuestionPage(
                                each.id(),
                                each.sheetFor(FORESEEN, aids.choicesLeft()),
                                null,
                                0,
                                null,
                                null,
                                null,
                                null,
                                null))
                        .toList(),
                1,
                List.of(),
                0,
                task.feedback() == Feedback.AS_THEY_GO,
                clock.instant(),
                TryClocks.shown(notBegun(given), clock.instant()),
                false,
                false,
                null,
                null,
                null,
                "",
                null,
                new CameLate(0, 0, 0));
    }

    private List<OtherLanguage> inOtherLanguages(Tasks.Given given) {
        Map<Long, Map<String, Long>> found =
                library.inLanguages(given.texts(), given.aids().languages());
        Map<Long, ItemPage> pages = library.pages(
                found.values().stream().flatMap(each -> each.values().stream()).toList(), null);
        List<OtherLanguage> shown = new ArrayList<>();
        found.forEach((text, byLanguage) -> byLanguage.values().stream()
                .map(pages::get)
                .filter(Objects::nonNull)
                .forEach(page -> shown.add(new OtherLanguage(text, page))));
        return shown;
    }

    /** A clock that has not begun to run says how long there would be. */
    private static Attempt notBegun(Tasks.Given given) {
        Attempt none = new Attempt();
        none.minutes = given.terms().time().minutes().isPresent()
                ? given.terms().time().minutes().getAsInt()
                : null;
        none.breakMinutes = given.aids().breakMinutes();
        return none;
    }

    private static AtHand atHand(Aids aids) {
        return new AtHand(aids.readAloud(), aids.largeText(), aids.tools(), aids.alongside());
    }

    private static QuestionPage shown(
            Library.Asked asked,
            @Nullable AttemptAnswer answer,
            boolean shows,
            Attempt mine,
            @Nullable TakenOut takenOut) {
        Double earned = answer == null ? null : answer.earned;
        boolean waits =
                asked.kind() == QuestionKind.LONG_ANSWER && answer != null && earned == null && takenOut == null;
        String given = answer == null ? null : asked.inNames(mine.partSecret, answer.given);
        long number = answer == null ? 0 : answer.saved.number;
        QuestionSheet sheet = asked.sheetFor(mine.partSecret, mine.choicesLeft);
        String said = answer == null || mine.returnedAt == null || answer.comment.isEmpty() ? null : answer.comment;
        if (!shows || waits) {
            return new QuestionPage(asked.id(), sheet, given, number, null, null, said, null, null);
        }
        double points = earned == null ? 0 : earned;
        String feedback = Library.feedback(asked, points == asked.points());
        return new QuestionPage(
                asked.id(),
                sheet,
                given,
                number,
                points,
                feedback.isEmpty() ? null : feedback,
                said,
                answer == null || mine.returnedAt == null ? null : byCriterion(asked, answer.criteria()),
                takenOut);
    }

    private static @Nullable List<CriterionMet> byCriterion(Library.Asked asked, List<Double> points) {
        Rubric rubric = asked.body().rubric();
        return !rubric.admits(points)
                ? null
                : IntStream.range(0, points.size())
                        .mapToObj(i -> new CriterionMet(
                                rubric.criteria().get(i).name(),
                                points.get(i),
                                rubric.criteria().get(i).points()))
                        .toList();
    }
}
