package zafu.server.growth;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.grouping.GroupFigures;
import zafu.core.growth.Advice;
import zafu.core.growth.AimLine;
import zafu.core.growth.GroupsApart;
import zafu.core.growth.Point;
import zafu.core.growth.Trend;
import zafu.core.measure.Better;
import zafu.core.measure.Observation;
import zafu.core.roster.StudentId;
import zafu.core.schedule.SchoolWeek;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.growth.GrowthApi.Aim;
import zafu.server.growth.GrowthApi.AimOf;
import zafu.server.growth.GrowthApi.AimsSet;
import zafu.server.growth.GrowthApi.GroupGrowth;
import zafu.server.growth.GrowthApi.GrowthPoint;
import zafu.server.growth.GrowthApi.Period;
import zafu.server.growth.GrowthApi.StudentGrowth;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Values over time with aim, trend and advice. Rule 7. */
@Service
public class Growth {
    private final ClassPermission permission;
    private final Measures measures;
    private final Arrangements arrangements;
    private final Roster roster;
    private final GrowthAimRepository aims;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final Clock clock;

    Growth(
            ClassPermission permission,
            Measures measures,
            Arrangements arrangements,
            Roster roster,
            GrowthAimRepository aims,
            CurrentPerson current,
            AuditTrail audit,
            Clock clock) {
        this.permission = permission;
        this.measures = measures;
        this.arrangements = arrangements;
        this.roster = roster;
        this.aims = aims;
        this.current = current;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    GrowthApi.GrowthShown of(long classId, long measureId, @Nullable Long arrangementId) {
        permission.requireSee(classId);
        Measures.MeasureCard measure = measures.chosen(measureId);
        Map<StudentId, Roster.StudentName> names = roster.byId(classId);
        Map<StudentId, List<Point>> points = points(measureId, names.keySet());
        Map<Long, GrowthAim> goals = aims
                .findByMeasureIdAndStudentIdIn(
                        measureId, names.keySet().stream().map(StudentId::value).toList())
                .stream()
                .collect(Collectors.toMap(each -> each.studentId, each -> each));
        Map<StudentId, StudentGrowth> grown = new LinkedHashMap<>();
        names.forEach(
                (id, name) -> grown.put(id, student(name, points.get(id), goals.get(id.value()), measure.better())));
        List<Arrangements.Gathered> gathered = arrangements.gathered(List.of(classId), arrangementId, names.keySet());
        Map<Long, List<List<Point>>> byGroup = new LinkedHashMap<>();
        gathered.stream()
                .filter(group -> group.id() != null)
                .forEach(group -> byGroup.put(
                        group.id(), group.students().stream().map(points::get).toList()));
        double error = measure.standardError() == null ? 0 : measure.standardError();
        return new GrowthApi.GrowthShown(
                measure,
                gathered.stream().map(group -> group(group, grown, points)).toList(),
                GroupsApart.of(byGroup)
                        .map(each -> new GrowthApi.Apart(each.before(), each.now(), each.way(error)))
                        .orElse(null),
                arrangements.periodsOf(classId).stream()
                        .map(each -> new Period(each.id(), each.name(), each.beginsOn(), each.endsOn()))
                        .toList(),
                permission.mayChange(classId));
    }

    /**
     * What is known of a student on one measure.
     *
     * @param points by date, oldest first; at least one
     * @param goal absent, with its date, where there is no aim
     */
    public record Values(
            Measures.MeasureCard measure, List<Point> points, @Nullable Double goal, @Nullable LocalDate goalDate) {}

    /** By measure in use, without those made from the results of tasks. Permission is the caller's to check. */
    @Transactional(readOnly = true)
    public Map<StudentId, List<Values>> valuesOf(Set<StudentId> students) {
        List<Long> ids = students.stream().map(StudentId::value).toList();
        Map<Long, Map<Long, List<Observation>>> noted = measures.noted(ids);
        Map<StudentId, List<Values>> values = new LinkedHashMap<>();
        students.forEach(student -> values.put(student, new ArrayList<>()));
        measures.bySourceId().forEach((source, measure) -> {
            if (source.startsWith(Measures.OF_A_TASK)) {
                return;
            }
            Map<Long, GrowthAim> goals = aims.findByMeasureIdAndStudentIdIn(measure.id(), ids).stream()
                    .collect(Collectors.toMap(each -> each.studentId, each -> each));
            points(noted, measure.id(), students).forEach((student, points) -> {
                if (!points.isEmpty()) {
                    GrowthAim goal = goals.get(student.value());
                    values.get(student)
                            .add(new Values(
                                    measure,
                                    points,
                                    goal == null ? null : goal.goal,
                                    goal == null ? null : goal.goalDate));
                }
            });
        });
        return values;
    }

    private Map<StudentId, List<Point>> points(long measureId, Set<StudentId> students) {
        return points(measures.noted(students.stream().map(StudentId::value).toList()), measureId, students);
    }

    private static Map<StudentId, List<Point>> points(
            Map<Long, Map<Long, List<Observation>>> noted, long measureId, Set<StudentId> students) {
        Map<StudentId, List<Point>> points = new LinkedHashMap<>();
        for (StudentId student : students) {
            Map<LocalDate, Double> byDate = new TreeMap<>();
            for (Observation each :
                    noted.getOrDefault(student.value(), Map.of()).getOrDefault(measureId, List.of())) {
                OptionalDouble value = each.value();
                if (value.isPresent()) {
                    byDate.put(each.takenOn(), value.getAsDouble());
                }
            }
            points.put(
                    student,
                    byDate.entrySet().stream()
                            .map(each -> new Point(each.getKey(), each.getValue()))
                            .toList());
        }
        return points;
    }

    private static StudentGrowth student(
            Roster.StudentName name, List<Point> points, @Nullable GrowthAim goal, Better better) {
        Trend trend = Trend.of(points);
        boolean aimable = goal != null
                && !points.isEmpty()
                && goal.goalDate.isAfter(points.get(0).date());
        AimLine line = aimable ? AimLine.from(points, goal.goal, goal.goalDate) : null;
        Aim aim = goal == null
                ? null
                : new Aim(
                        goal.goal,
                        goal.goalDate,
                        line == null ? null : line.from(),
                        line == null ? null : line.baseline(),
                        line == null ? null : line.perWeek());
        return new StudentGrowth(
                name.id(),
                name.givenName(),
                name.familyName(),
                points.stream().map(Growth::shown).toList(),
                boxed(trend.perWeek()),
                boxed(trend.medianPerWeek()),
                ends(points, trend),
                aim,
                line == null ? null : Advice.of(points, line, better));
    }

    private static List<GrowthPoint> ends(List<Point> points, Trend trend) {
        if (trend.perWeek().isEmpty()) {
            return List.of();
        }
        LocalDate first = points.get(0).date();
        LocalDate last = points.get(points.size() - 1).date();
        double weeks = ChronoUnit.DAYS.between(first, last) / 7.0;
        return List.of(
                new GrowthPoint(first, trend.at(0).orElseThrow()),
                new GrowthPoint(last, trend.at(weeks).orElseThrow()));
    }

    private static GroupGrowth group(
            Arrangements.Gathered group, Map<StudentId, StudentGrowth> grown, Map<StudentId, List<Point>> points) {
        Map<LocalDate, List<Double>> byWeek = new TreeMap<>();
        group.students().forEach(member -> points.get(member).forEach(point -> byWeek.computeIfAbsent(
                        SchoolWeek.FROM_MONDAY.firstDay(point.date()), week -> new ArrayList<>())
                .add(point.value())));
        return new GroupGrowth(
                group.id(),
                group.name(),
                group.look(),
                group.students().stream().map(grown::get).toList(),
                byWeek.entrySet().stream()
                        .map(each -> new GrowthPoint(
                                each.getKey(),
                                GroupFigures.medianOf(each.getValue().stream()
                                        .mapToDouble(Double::doubleValue)
                                        .sorted()
                                        .toArray())))
                        .toList());
    }

    private static GrowthPoint shown(Point point) {
        return new GrowthPoint(point.date(), point.value());
    }

    private static @Nullable Double boxed(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    @Transactional
    AimsSet setAims(long classId, AimsSet wanted) {
        permission.requireChange(classId);
        Measures.MeasureCard measure = measures.chosen(wanted.measureId());
        List<Long> students = wanted.aims().stream().map(AimOf::studentId).toList();
        if (!students.stream().allMatch(student -> roster.isIn(classId, student))) {
            throw Refusal.notFound("student");
        }
        wanted.aims().forEach(each -> requireUsable(each, measure));
        Map<Long, GrowthAim> before = aims.findByMeasureIdAndStudentIdIn(measure.id(), students).stream()
                .collect(Collectors.toMap(each -> each.studentId, each -> each));
        List<AimOf> was = students.stream()
                .map(id -> {
                    GrowthAim old = before.get(id);
                    return old == null ? new AimOf(id, null, null) : new AimOf(id, old.goal, old.goalDate);
                })
                .toList();
        wanted.aims().forEach(each -> set(classId, measure, each, before.get(each.studentId())));
        return new AimsSet(measure.id(), was);
    }

    private static void requireUsable(AimOf wanted, Measures.MeasureCard measure) {
        if ((wanted.goal() == null) != (wanted.goalDate() == null)) {
            throw Refusal.unusableField("half-an-aim", "goalDate", inWords("growth.a-goal-needs-both-a-score-and-a"));
        }
        if (wanted.goal() != null && (wanted.goal() < measure.lowest() || wanted.goal() > measure.highest())) {
            throw Refusal.unusableField(
                    "off-the-scale",
                    "goal",
                    inWords(
                            "growth.the-scale-of-goes-from-to",
                            "name",
                            measure.name(),
                            "lowest",
                            text(measure.lowest()),
                            "highest",
                            text(measure.highest())));
        }
    }

    private static String text(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private void set(long classId, Measures.MeasureCard measure, AimOf wanted, @Nullable GrowthAim before) {
        if (wanted.goal() == null || wanted.goalDate() == null) {
            if (before != null) {
                aims.delete(before);
            }
        } else {
            GrowthAim aim = before == null ? new GrowthAim() : before;
            aim.studentId = wanted.studentId();
            aim.measureId = measure.id();
            aim.goal = wanted.goal();
            aim.goalDate = wanted.goalDate();
            aim.setBy = current.adult().adultId();
            aim.setAt = clock.instant();
            aims.save(aim);
        }
        audit.note(
                classId,
                "aim.set",
                wanted.studentId(),
                keptWords("growth.by", "name", measure.name(), "goal", wanted.goal(), "day", wanted.goalDate()));
    }
}
