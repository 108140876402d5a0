package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.need.NeedsForWork;
import zafu.core.roster.StudentId;
import zafu.server.attempt.LiveApi.LiveStudent;
import zafu.server.attempt.LiveApi.Where;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.task.Tasks;

/** Where each student is in a task, and minutes for several at once. */
@Service
class LiveClass {
    /** After so long without an answer somebody may need a hand. */
    private static final Duration STILL = Duration.ofMinutes(3);

    private final TaskWork work;
    private final AttemptRepository attempts;
    private final AttemptAnswerRepository answers;
    private final MyNews news;
    private final TryClocks clocks;
    private final Clock clock;

    LiveClass(
            TaskWork work,
            AttemptRepository attempts,
            AttemptAnswerRepository answers,
            MyNews news,
            TryClocks clocks,
            Clock clock) {
        this.work = work;
        this.attempts = attempts;
        this.answers = answers;
        this.news = news;
        this.clocks = clocks;
        this.clock = clock;
    }

    /** How many answers there are in each try, and when the newest came. */
    private record Given(Map<Long, Long> answered, Map<Long, Instant> newest) {}

    @Transactional(readOnly = true)
    LiveApi.LiveShown of(long taskId, @Nullable Long groupId) {
        TaskWork.Seen seen = work.requireToSee(taskId, groupId);
        Map<StudentId, Attempt> last = new HashMap<>();
        attempts.findByTaskIdInOrderById(List.of(taskId))
                .forEach(each -> last.put(new StudentId(each.studentId), each));
        last.keySet().retainAll(seen.students().keySet());
        Given given = given(last.values().stream().map(each -> each.id).toList());
        List<LiveStudent> students = new ArrayList<>();
        seen.students().forEach((id, name) -> {
            Attempt mine = last.get(id);
            Tasks.Given own = seen.task().given().get(id);
            if (own != null || mine != null) {
                students.add(
                        student(name, mine, own == null ? 0 : own.questions().size(), given));
            }
        });
        return new LiveApi.LiveShown(taskId, seen.task().name(), students, work.mayChange(seen));
    }

    private Given given(List<Long> tries) {
        Map<Long, Long> answered = new HashMap<>();
        answers.countGiven(tries).forEach(row -> answered.put((Long) row[0], (Long) row[1]));
        Map<Long, Instant> newest = new HashMap<>();
        answers.newestOf(tries).forEach(row -> newest.put((Long) row[0], (Instant) row[1]));
        return new Given(answered, newest);
    }

    private LiveStudent student(Roster.StudentName name, @Nullable Attempt mine, int questions, Given given) {
        if (mine == null) {
            return new LiveStudent(
                    name.id(), name.givenName(), name.familyName(), Where.NOT_BEGUN, null, 0, questions, null, null, 0);
        }
        Instant now = clock.instant();
        boolean runs = mine.isRunning() && !mine.isOverAt(now);
        Instant newest = given.newest().getOrDefault(mine.id, mine.startedAt);
        Duration quiet = Duration.between(newest, now);
        Optional<Duration> left = runs ? mine.time().workLeftAt(now) : Optional.empty();
        return new LiveStudent(
                name.id(),
                name.givenName(),
                name.familyName(),
                runs ? whereNow(mine, quiet, now) : Where.HANDED_IN,
                mine.id,
                given.answered().getOrDefault(mine.id, 0L).intValue(),
                mine.percentOfQuestions == null
                        ? questions
                        : NeedsForWork.questionsLeft(questions, mine.percentOfQuestions),
                left.map(Duration::toSeconds).orElse(null),
                runs ? Math.max(0, quiet.toSeconds()) : null,
                mine.addedMinutes);
    }

    private Where whereNow(Attempt mine, Duration quiet, Instant now) {
        if (mine.time().isOnBreakAt(now)) {
            return Where.ON_BREAK;
        }
        if (!news.isHere(mine.studentId)) {
            return Where.NO_CONNECTION;
        }
        return quiet.compareTo(STILL) >= 0 ? Where.STANDS_STILL : Where.WORKING;
    }

    /** Adds minutes to those of these tries that run under time; answers which they are. */
    @Transactional
    List<Long> addMinutes(long taskId, List<Long> tries, int minutes) {
        work.requireToChange(taskId);
        List<Long> given = new ArrayList<>();
        for (Attempt each : attempts.findAllById(tries)) {
            if (each.taskId != taskId) {
                throw Refusal.notFound("try");
            }
            if (each.isRunning() && !each.isOverAt(clock.instant()) && each.minutes != null) {
                clocks.addMinutes(each.id, minutes);
                given.add(each.id);
            }
        }
        if (given.isEmpty()) {
            throw Refusal.conflict("nobody-under-time", inWords("attempt.nobody-of-these-works-under-time"));
        }
        return given;
    }
}
