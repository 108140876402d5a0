package zafu.server.attempt;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.schedule.DayParts;
import zafu.core.schedule.SchoolCalendar;
import zafu.core.schedule.Terms;
import zafu.core.targeting.DoneFirst;
import zafu.core.work.Where;
import zafu.core.work.WorkSoFar;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.MyWorkApi.CameLate;
import zafu.server.attempt.MyWorkApi.Card;
import zafu.server.attempt.MyWorkApi.EarlierTry;
import zafu.server.attempt.MyWorkApi.ResultWaits;
import zafu.server.attempt.MyWorkApi.When;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Aids;
import zafu.server.task.Tasks;
import zafu.server.task.Way;

/** What a student has to do, is doing and has done, over all their classes. */
@Service
class MyWorkService {
    private final CurrentPerson current;
    private final Roster roster;
    private final OutNow outNow;
    private final TryResults results;
    private final AttemptRepository attempts;
    private final WorkNotes notes;
    private final AttemptAnswerRepository answers;
    private final SchoolSettings school;
    private final Clock clock;

    MyWorkService(
            CurrentPerson current,
            Roster roster,
            OutNow outNow,
            TryResults results,
            AttemptRepository attempts,
            WorkNotes notes,
            AttemptAnswerRepository answers,
            SchoolSettings school,
            Clock clock) {
        this.current = current;
        this.roster = roster;
        this.outNow = outNow;
        this.results = results;
        this.attempts = attempts;
        this.notes = notes;
        this.answers = answers;
        this.school = school;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    MyWorkApi.MyWork mine() {
        return mine(null);
    }

    /** @param asIfOut a task that is shown as if it were assigned; absent for none */
    @Transactional(readOnly = true)
    MyWorkApi.MyWork mine(Tasks.@Nullable TaskForClass asIfOut) {
        StudentId student = new StudentId(current.studentId());
        return of(student, roster.classesOf(student.value()), clock.instant(), asIfOut);
    }

    /** A task as it stands for the student. */
    private record Own(Tasks.TaskForClass task, Tasks.Given given, List<Attempt> tries, SaidOfWork said) {
        /** The newest of a kind that was said since the student began last. */
        Optional<SaidOfWork.Said> saidSince(WorkNotes.Kind kind) {
            Attempt last = last();
            return said.since(last == null ? Instant.EPOCH : last.startedAt, kind);
        }

        @Nullable
        Attempt last() {
            return tries.isEmpty() ? null : tries.get(tries.size() - 1);
        }

        /** Where it stands; which attempt counts, and what it does to a mark, is not the student's page to say. Rule 5a. */
        Where where(Instant now) {
            return WorkSoFar.where(given.terms(), said.isExcused(), tries, said.lastAskedAgain(), now);
        }

        DoneFirst.Work inOrder(Instant now) {
            boolean open = given.terms().isOpenAt(now) && !given.terms().isClosedAt(now);
            boolean handedIn = said.isExcused() || tries.stream().anyMatch(each -> !each.isRunning());
            return new DoneFirst.Work(task.taskId(), task.doneFirst(), open, handedIn);
        }
    }

    /**
     * What a student has to do at a moment.
     *
     * @param classes whose tasks are shown
     * @param asIfOut a task that is shown as if it were assigned
     */
    private MyWorkApi.MyWork of(
            StudentId student, List<Long> classes, Instant now, Tasks.@Nullable TaskForClass asIfOut) {
        Map<Long, Own> own = ownTasks(student, classes, now, asIfOut);
        List<DoneFirst.Work> standings =
                own.values().stream().map(each -> each.inOrder(now)).toList();
        Now today = new Now(now, school.calendar(), school.zone(), school.dayParts());
        List<Card> cards = new ArrayList<>();
        own.values().forEach(each -> {
            String first = DoneFirst.holdingBack(each.inOrder(now), standings)
                    .map(id -> own.get(id).given().title())
                    .orElse(null);
            cards.add(card(each, today, first));
        });
        cards.sort(Comparator.comparing(Card::when)
                .thenComparing(card -> card.after() != null)
                .thenComparing(Card::due, Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(Card::taskId));
        return new MyWorkApi.MyWork(
                roster.student(student.value()).givenName(), school.local(now), cards, doneThisWeek(own, now));
    }

    /** The title of what has to be done before this task, if anything. */
    Optional<String> heldBackBy(StudentId student, long taskId) {
        Instant now = clock.instant();
        List<Long> classes = roster.classesOf(student.value());
        LocalDate day = LocalDate.ofInstant(now, school.zone());
        boolean anyFirst = classes.stream()
                .flatMap(each -> outNow.handedOut(each, day).stream())
                .anyMatch(each -> each.doneFirst() && each.given().containsKey(student));
        if (!anyFirst) {
            return Optional.empty();
        }
        Map<Long, Own> own = ownTasks(student, classes, now, null);
        Own task = own.get(taskId);
        if (task == null) {
            return Optional.empty();
        }
        return DoneFirst.holdingBack(
                        task.inOrder(now),
                        own.values().stream().map(each -> each.inOrder(now)).toList())
                .map(id -> own.get(id).given().title());
    }

    private Map<Long, Own> ownTasks(
            StudentId student, List<Long> classes, Instant now, Tasks.@Nullable TaskForClass asIfOut) {
        Map<Long, List<Attempt>> byTask = attempts.findByStudentIdOrderById(student.value()).stream()
                .collect(Collectors.groupingBy(each -> each.taskId));
        Map<WorkNotes.WorkOf, SaidOfWork> said = notes.saidOf(student.value());
        LocalDate day = LocalDate.ofInstant(now, school.zone());
        List<Tasks.TaskForClass> out = new ArrayList<>();
        classes.forEach(classId -> out.addAll(outNow.handedOut(classId, day)));
        if (asIfOut != null) {
            out.add(asIfOut);
        }
        Map<Long, Own> own = new LinkedHashMap<>();
        for (Tasks.TaskForClass task : out) {
            Tasks.Given given = task.given().get(student);
            if (given != null) {
                long id = task.taskId();
                own.putIfAbsent(
                        id,
                        new Own(
                                task,
                                given,
                                byTask.getOrDefault(id, List.of()),
                                said.getOrDefault(new WorkNotes.WorkOf(id, student.value()), SaidOfWork.NOTHING)));
            }
        }
        return own;
    }

    private Card card(Own own, Now now, @Nullable String after) {
        Tasks.Given given = own.given();
        Terms.ForStudent terms = given.terms();
        Attempt last = own.last();
        boolean running = last != null && last.isRunning();
        boolean triesLeft = own.tries().size() < terms.tries() && !terms.isClosedAt(now.moment());
        boolean onScreen = own.task().way() != Way.OFF_SCREEN;
        ResultWaits waits = last == null ? null : results.waits(last, own.task().feedback(), terms);
        LocalDateTime opens = school.local(terms.opens().orElse(null));
        LocalDateTime due = school.local(terms.due().orElse(null));
        boolean shows = last != null && waits == null;
        Where where = own.where(now.moment());
        boolean again = where == Where.TO_DO_AGAIN;
        return new Card(
                own.task().taskId(),
                given.title(),
                when(where, running && !last.isOverAt(now.moment()), terms, now, after != null),
                own.task().way(),
                onScreen ? "" : given.instructions(),
                Aids.kept(given.questions(), given.aids().percentOfQuestions()).size(),
                !given.texts().isEmpty(),
                terms.time().minutes().isPresent() ? terms.time().minutes().getAsInt() : null,
                opens,
                due,
                nameOf(now.parts(), opens),
                nameOf(now.parts(), due),
                given.aids().breakMinutes(),
                last == null ? null : last.id,
                running ? answers.findByAttemptId(last.id).size() : 0,
                shows ? last.earned : null,
                shows ? last.possible : null,
                onScreen && last != null && !running && triesLeft,
                waits,
                own.tries().stream()
                        .filter(each -> each != last)
                        .map(each -> earlier(each, own))
                        .toList(),
                last == null || running ? new CameLate(0, 0, 0) : results.cameLate(last.id),
                last == null ? "" : results.remark(last),
                last == null ? null : results.remarkBy(last),
                last == null ? after : null,
                again,
                own.said().isExcused(),
                own.saidSince(WorkNotes.Kind.REMINDED)
                        .map(each -> results.nameOf(each.adultId()))
                        .orElse(null),
                shows && last.correctedAt != null);
    }

    private EarlierTry earlier(Attempt each, Own own) {
        boolean shows = results.waits(each, own.task().feedback(), own.given().terms()) == null;
        return new EarlierTry(each.id, each.number, shows ? each.earned : null, shows ? each.possible : null);
    }

    private static DayParts.@Nullable Name nameOf(DayParts parts, @Nullable LocalDateTime local) {
        return local == null ? null : parts.nameOf(local.toLocalTime()).orElse(null);
    }

    /** What holds for all cards of one look. */
    private record Now(Instant moment, SchoolCalendar calendar, ZoneId zone, DayParts parts) {}

    /** Work that was excused while it was under way may still be handed in. */
    private static When when(Where where, boolean running, Terms.ForStudent terms, Now now, boolean heldBack) {
        return switch (where) {
            case NOT_GIVEN, HANDED_IN, MARKED -> When.DONE;
            case EXCUSED -> running ? When.GOING_ON : When.DONE;
            case WORKING -> running ? When.GOING_ON : When.DONE;
            case NOT_OPEN_YET -> When.LATER;
            case MISSED -> When.MISSED;
            case OPEN, OVERDUE, TO_DO_AGAIN ->
                heldBack || terms.isThereTimeAt(now.moment(), now.calendar(), now.zone()) ? When.NEXT : When.NOW;
        };
    }

    private int doneThisWeek(Map<Long, Own> own, Instant now) {
        LocalDate begins = school.week().firstDay(LocalDate.ofInstant(now, school.zone()));
        Instant since = begins.atStartOfDay(school.zone()).toInstant();
        return (int) own.values().stream()
                .filter(each -> each.tries().stream()
                        .anyMatch(one -> one.handedInAt != null && !one.handedInAt.isBefore(since)))
                .count();
    }
}
