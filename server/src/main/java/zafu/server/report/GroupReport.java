package zafu.server.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import zafu.core.grouping.GroupFigures;
import zafu.core.growth.Point;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.growth.Growth;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.report.Sheet.SheetTable;
import zafu.server.report.WorkInTime.Piece;
import zafu.server.roster.Roster.KnownStudent;

/** How one group is doing, for the adults who teach it. */
final class GroupReport {
    private final ReportMaterial material;
    private final GroupWithMembers group;
    private final List<KnownStudent> members;
    private final ReportWords words;
    private final Map<StudentId, List<Piece>> pieces = new LinkedHashMap<>();

    GroupReport(ReportMaterial material, GroupWithMembers group) {
        this.material = material;
        this.group = group;
        this.words = material.ownWords();
        this.members = material.students().values().stream()
                .filter(each -> group.members().contains(new StudentId(each.id())))
                .toList();
        members.forEach(each -> {
            StudentId id = new StudentId(each.id());
            pieces.put(id, material.work().of(id));
        });
    }

    Sheet sheet() {
        List<SheetTable> tables = new ArrayList<>();
        tables.add(students());
        if (material.wanted().work()) {
            tables.add(work());
        }
        return material.sheet(
                words,
                words.of("group.title", group.name()),
                words.of("with-class", group.arrangementName(), material.period(words)),
                paragraphs(),
                tables);
    }

    private List<String> paragraphs() {
        List<Piece> all = pieces.values().stream().flatMap(List::stream).toList();
        List<String> said = new ArrayList<>();
        said.add(words.counted("group.members", members.size()));
        if (!all.isEmpty()) {
            said.add(words.of("group.handed-in", handedIn(all), all.size()));
        }
        double[] marks = members.stream()
                .map(each -> markOf(new StudentId(each.id())))
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .sorted()
                .toArray();
        if (material.wanted().mark() && marks.length > 0) {
            said.add(words.of("group.mark", words.percent(GroupFigures.medianOf(marks))));
        }
        return said;
    }

    private static long handedIn(List<Piece> pieces) {
        return pieces.stream().filter(each -> !each.missing()).count();
    }

    private OptionalDouble markOf(StudentId student) {
        return material.marks().get(student).mark().overall();
    }

    private SheetTable students() {
        Optional<MeasureCard> measure = material.wanted().growth() ? mostMeasured() : Optional.empty();
        List<String> columns = new ArrayList<>(
                List.of(words.of("group.student"), words.of("letter.work.handed-in"), words.of("group.missing")));
        if (material.wanted().mark()) {
            columns.add(words.of("group.overall"));
        }
        measure.ifPresent(each -> columns.add(words.of("group.growth", each.name())));
        return SheetTable.of(
                words.of("group.students"),
                columns,
                members.stream().map(each -> row(each, measure)).toList());
    }

    private List<String> row(KnownStudent student, Optional<MeasureCard> measure) {
        StudentId id = new StudentId(student.id());
        List<Piece> own = pieces.get(id);
        List<String> row = new ArrayList<>();
        row.add(ReportMaterial.fullName(student));
        row.add(words.of("result", handedIn(own), own.size()));
        row.add(own.stream()
                .filter(Piece::missing)
                .map(each -> each.task().name())
                .collect(Collectors.joining(", ")));
        if (material.wanted().mark()) {
            OptionalDouble mark = markOf(id);
            row.add(mark.isPresent() ? words.percent(mark.getAsDouble()) : "");
        }
        measure.ifPresent(each -> row.add(growth(id, each)));
        return row;
    }

    private String growth(StudentId student, MeasureCard measure) {
        List<Point> points = material.growth().get(student).stream()
                .filter(each -> each.measure().id() == measure.id())
                .map(each -> material.inTime(each.points()))
                .findFirst()
                .orElse(List.of());
        if (points.isEmpty()) {
            return "";
        }
        String last = measure.shown(points.get(points.size() - 1).value(), words.locale());
        return points.size() == 1 ? last : measure.shown(points.get(0).value(), words.locale()) + " \u2192 " + last;
    }

    /** The measure with most values of the group in this time; of equal ones the older. */
    private Optional<MeasureCard> mostMeasured() {
        Map<MeasureCard, Integer> values = new LinkedHashMap<>();
        for (KnownStudent member : members) {
            for (Growth.Values each : material.growth().get(new StudentId(member.id()))) {
                values.merge(each.measure(), material.inTime(each.points()).size(), Integer::sum);
            }
        }
        return values.entrySet().stream()
                .filter(each -> each.getValue() > 0)
                .max(Map.Entry.<MeasureCard, Integer>comparingByValue()
                        .thenComparing(each -> -each.getKey().id()))
                .map(Map.Entry::getKey);
    }

    private SheetTable work() {
        return workTable(
                words,
                words.of("group.work"),
                pieces.values().stream().flatMap(List::stream).toList());
    }

    /** Pieces of several students, task by task. */
    static SheetTable workTable(ReportWords words, String heading, List<Piece> pieces) {
        Map<Long, List<Piece>> byTask = pieces.stream()
                .collect(Collectors.groupingBy(each -> each.task().taskId(), LinkedHashMap::new, Collectors.toList()));
        return SheetTable.of(
                heading,
                List.of(
                        words.of("letter.work.name"),
                        words.of("group.due"),
                        words.of("letter.work.handed-in"),
                        words.of("group.median")),
                byTask.values().stream().map(each -> taskRow(words, each)).toList());
    }

    private static List<String> taskRow(ReportWords words, List<Piece> pieces) {
        Optional<LocalDate> due =
                pieces.stream().map(Piece::due).filter(Objects::nonNull).min(Comparator.naturalOrder());
        double[] shares = pieces.stream()
                .map(Piece::counting)
                .filter(each -> each != null && each.possible() != null && each.possible() > 0)
                .map(TryShown::share)
                .flatMapToDouble(DoubleStream::of)
                .sorted()
                .toArray();
        return List.of(
                pieces.get(0).task().name(),
                due.map(words::day).orElse(""),
                words.of("result", handedIn(pieces), pieces.size()),
                shares.length == 0 ? "" : words.percent(GroupFigures.medianOf(shares)));
    }
}
