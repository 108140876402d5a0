package zafu.server.progress;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.mark.Mark;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;
import zafu.server.exchange.OutTable;
import zafu.server.mark.MarkSettings;
import zafu.server.mark.Marks;
import zafu.server.platform.Refusal;
import zafu.server.progress.MarksApi.CategoryShare;
import zafu.server.progress.MarksApi.CategoryStory;
import zafu.server.progress.MarksApi.MarkColumn;
import zafu.server.progress.MarksApi.MarkRow;
import zafu.server.progress.MarksApi.PartStory;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks.TaskForClass;

/** Marks of a class as a sheet, as a story, and as a table that goes out. */
@Service
class MarkSheets {
    private final ClassPermission permission;
    private final ClassWork classWork;
    private final Marks marks;
    private final Arrangements arrangements;
    private final Roster roster;
    private final SchoolSettings school;
    private final AuditTrail audit;

    MarkSheets(
            ClassPermission permission,
            ClassWork classWork,
            Marks marks,
            Arrangements arrangements,
            Roster roster,
            SchoolSettings school,
            AuditTrail audit) {
        this.permission = permission;
        this.classWork = classWork;
        this.marks = marks;
        this.arrangements = arrangements;
        this.roster = roster;
        this.school = school;
        this.audit = audit;
    }

    @Transactional(readOnly = true)
    MarksApi.MarksShown shown(long classId, @Nullable LocalDate asOf) {
        permission.requireSee(classId);
        Marks.Work work = classWork.of(classId);
        Map<StudentId, Roster.StudentName> names = roster.byId(classId);
        Map<StudentId, Marks.StudentMark> sums = marks.of(work, names.keySet(), moment(asOf));
        List<MarkRow> rows = new ArrayList<>();
        names.forEach((id, name) -> {
            Mark mark = sums.get(id).mark();
            rows.add(new MarkRow(
                    name.id(),
                    name.givenName(),
                    name.familyName(),
                    boxed(mark.overall()),
                    mark.categories().values().stream()
                            .map(each -> new CategoryShare(boxed(each.share())))
                            .toList()));
        });
        return new MarksApi.MarksShown(day(asOf), columns(work.settings()), rows);
    }

    private static List<MarkColumn> columns(MarkSettings.Settings settings) {
        double whole = settings.categories().stream()
                .mapToDouble(MarkSettings.NamedCategory::weight)
                .sum();
        return settings.categories().stream()
                .map(each -> new MarkColumn(each.id(), each.name(), whole == 0 ? 0 : each.weight() / whole))
                .toList();
    }

    @Transactional(readOnly = true)
    MarksApi.MarkStory story(long classId, long studentId, @Nullable LocalDate asOf) {
        permission.requireSee(classId);
        StudentId student = new StudentId(studentId);
        Roster.StudentName name = roster.byId(classId).get(student);
        if (name == null) {
            throw Refusal.notFound("student");
        }
        Marks.Work work = classWork.of(classId);
        Marks.StudentMark sum = marks.of(work, List.of(student), moment(asOf)).get(student);
        Map<Long, String> taskNames =
                work.tasks().stream().collect(Collectors.toMap(TaskForClass::taskId, TaskForClass::name));
        Map<Long, List<PartStory>> parts = new LinkedHashMap<>();
        sum.mark().parts().forEach(part -> {
            Marks.Counted counted = sum.counted().get(part.item().id());
            parts.computeIfAbsent(part.item().category(), id -> new ArrayList<>())
                    .add(new PartStory(
                            part.item().id(),
                            taskNames.getOrDefault(part.item().id(), ""),
                            part.why(),
                            part.earned(),
                            part.item().possible(),
                            counted == null ? null : counted.number(),
                            counted == null ? 0 : counted.daysLate(),
                            counted == null ? 0 : counted.percentOff()));
        });
        List<CategoryStory> categories = columns(work.settings()).stream()
                .map(each -> {
                    Mark.CategoryMark of = sum.mark().categories().get(each.id());
                    return new CategoryStory(
                            each.name(),
                            each.share(),
                            of.earned(),
                            of.possible(),
                            parts.getOrDefault(each.id(), List.of()));
                })
                .toList();
        return new MarksApi.MarkStory(
                studentId,
                name.givenName(),
                boxed(sum.mark().overall()),
                day(asOf),
                work.settings().missingIsZero(),
                categories);
    }

    /** Marks that leave the house: of all students or of a group, as they stood at the end of a day. */
    record GoingOut(
            Marks.Work work,
            List<Roster.KnownStudent> students,
            Map<StudentId, Marks.StudentMark> sums,
            LocalDate asOf) {}

    /** Leaves a line that they went out. */
    @Transactional
    GoingOut goingOut(long classId, @Nullable Long groupId, @Nullable LocalDate asOf) {
        permission.requireSee(classId);
        if (!permission.mayHandOutCodes(classId)) {
            throw Refusal.notAllowed(inWords("progress.marks-go-out-to-the-classs"));
        }
        Marks.Work work = classWork.of(classId);
        List<Roster.KnownStudent> students = members(classId, groupId);
        Map<StudentId, Marks.StudentMark> sums = marks.of(
                work, students.stream().map(each -> new StudentId(each.id())).toList(), moment(asOf));
        audit.note(
                classId,
                "marks.given-out",
                classId,
                keptWords("progress.students-as-of", "count", students.size(), "day", day(asOf)));
        return new GoingOut(work, students, sums, day(asOf));
    }

    /** One row a student, one column a task, then the categories and the mark in per cent. */
    static OutTable table(GoingOut out) {
        Marks.Work work = out.work();
        List<String> header = new ArrayList<>(List.of(
                inWords("progress.given-name"),
                inWords("progress.family-name"),
                inWords("progress.student-number"),
                inWords("progress.as-of")));
        work.tasks().forEach(task -> header.add(task.name()));
        boolean named = work.settings().categories().size() > 1;
        if (named) {
            work.settings().categories().forEach(each -> header.add(each.name() + " (%)"));
        }
        header.add(inWords("progress.mark-in-percent"));
        List<List<@Nullable Object>> rows = new ArrayList<>();
        for (Roster.KnownStudent student : out.students()) {
            rows.add(row(student, work, out.sums().get(new StudentId(student.id())), out.asOf(), named));
        }
        return new OutTable(inWords("progress.marks"), header, rows);
    }

    private List<Roster.KnownStudent> members(long classId, @Nullable Long groupId) {
        List<Roster.KnownStudent> all = roster.known(List.of(classId)).stream()
                .filter(each -> !each.archived())
                .toList();
        if (groupId == null) {
            return all;
        }
        Arrangements.GroupWithMembers group = arrangements.seenOfClass(classId).stream()
                .filter(each -> each.id().value() == groupId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("group"));
        return all.stream()
                .filter(each -> group.members().contains(new StudentId(each.id())))
                .toList();
    }

    private static List<@Nullable Object> row(
            Roster.KnownStudent student, Marks.Work work, Marks.StudentMark sum, LocalDate day, boolean named) {
        List<@Nullable Object> row = new ArrayList<>();
        row.add(student.facts().givenName());
        row.add(student.facts().familyName());
        row.add(student.facts().studentNumber());
        row.add(day);
        Map<Long, Mark.Part> parts = sum.mark().parts().stream()
                .collect(Collectors.toMap(part -> part.item().id(), part -> part));
        for (TaskForClass task : work.tasks()) {
            Mark.Part part = parts.get(task.taskId());
            boolean counts = part != null && part.why().counts() && part.item().possible() > 0;
            row.add(counts ? rounded(part.earned()) : null);
        }
        if (named) {
            sum.mark().categories().values().forEach(each -> row.add(percent(each.share())));
        }
        row.add(percent(sum.mark().overall()));
        return row;
    }

    private static @Nullable Object percent(OptionalDouble share) {
        return share.isPresent() ? rounded(share.getAsDouble() * 100) : null;
    }

    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static @Nullable Double boxed(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private LocalDate day(@Nullable LocalDate asOf) {
        return asOf == null ? school.today() : asOf;
    }

    /** The end of the day, or now where that is not over. */
    private Instant moment(@Nullable LocalDate asOf) {
        Instant now = classWork.now();
        if (asOf == null) {
            return now;
        }
        LocalDateTime over = asOf.plusDays(1).atStartOfDay();
        Instant end = Objects.requireNonNull(school.moment(over)).minusMillis(1);
        return end.isBefore(now) ? end : now;
    }
}
