package zafu.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import zafu.core.growth.Point;
import zafu.core.roster.StudentId;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.growth.Growth;
import zafu.server.report.Sheet.SheetTable;
import zafu.server.report.WorkInTime.Piece;
import zafu.server.roster.Roster.KnownStudent;

/**
 * Tells a family in plain words, in their language where there are words in it, how their child is getting on. It says
 * nothing of groups, versions, needs or other students.
 */
final class FamilyLetter {
    private final ReportMaterial material;
    private final KnownStudent student;
    private final ReportWords words;
    private final String name;

    FamilyLetter(ReportMaterial material, KnownStudent student) {
        this.material = material;
        this.student = student;
        this.words = material.wordsFor(student);
        this.name = ReportMaterial.called(student);
    }

    Sheet sheet() {
        List<Piece> pieces = material.work().of(id());
        List<SheetTable> tables = new ArrayList<>();
        if (material.wanted().work() && !pieces.isEmpty()) {
            tables.add(work(pieces));
        }
        if (material.wanted().growth()) {
            SheetTable growth = growth();
            if (!growth.rows().isEmpty()) {
                tables.add(growth);
            }
        }
        return new Sheet(
                words.language(),
                false,
                material.school(),
                words.of("letter.title", name),
                words.of("with-class", material.className(), material.period(words)),
                paragraphs(pieces),
                tables,
                material.wanted().ownWords(),
                List.of(
                        words.of("letter.questions"),
                        words.of("letter.regards"),
                        words.of("signed", material.adult(), material.school())));
    }

    private StudentId id() {
        return new StudentId(student.id());
    }

    private List<String> paragraphs(List<Piece> pieces) {
        List<String> said = new ArrayList<>();
        said.add(words.of("letter.greeting", name));
        said.add(words.of("letter.intro", name, words.day(material.from()), words.day(material.to())));
        if (material.wanted().work()) {
            said.add(
                    pieces.isEmpty()
                            ? words.of("letter.nothing")
                            : words.counted("letter.handed-in", pieces.size(), handedIn(pieces), name));
            String missing = pieces.stream()
                    .filter(Piece::missing)
                    .map(each -> each.task().name())
                    .collect(Collectors.joining(", "));
            if (!missing.isEmpty()) {
                said.add(words.of("letter.missing", missing));
            }
        }
        if (material.wanted().mark()) {
            material.marks()
                    .get(id())
                    .mark()
                    .overall()
                    .ifPresent(mark -> said.add(words.of("letter.mark", name, words.percent(mark))));
        }
        return said;
    }

    private static int handedIn(List<Piece> pieces) {
        return (int) pieces.stream().filter(each -> !each.missing()).count();
    }

    private SheetTable work(List<Piece> pieces) {
        return SheetTable.of(
                words.of("letter.work"),
                List.of(
                        words.of("letter.work.name"),
                        words.of("letter.work.handed-in"),
                        words.of("letter.work.result")),
                pieces.stream()
                        .map(each -> List.of(
                                each.task().name(),
                                each.handedInOn() == null ? "" : words.day(each.handedInOn()),
                                result(each)))
                        .toList());
    }

    private String result(Piece piece) {
        if (piece.missing()) {
            return words.of("letter.work.missing");
        }
        TryShown counting = piece.counting();
        if (counting == null) {
            return words.of("letter.work.not-marked");
        }
        if (counting.possible() == null || counting.possible() == 0 || counting.earned() == null) {
            return words.of("letter.work.nothing-to-mark");
        }
        return words.of("result", words.number(counting.earned()), words.number(counting.possible()));
    }

    private SheetTable growth() {
        List<List<String>> rows = new ArrayList<>();
        for (Growth.Values values : material.growth().get(id())) {
            List<Point> points = material.inTime(values.points());
            if (!points.isEmpty()) {
                rows.add(List.of(
                        values.measure().name(),
                        points.size() > 1 ? valueOn(values, points.get(0)) : "",
                        valueOn(values, points.get(points.size() - 1)),
                        aim(values)));
            }
        }
        return SheetTable.of(
                words.of("letter.growth"),
                List.of(
                        words.of("letter.growth.measure"),
                        words.of("letter.growth.first"),
                        words.of("letter.growth.now"),
                        words.of("letter.growth.aim")),
                rows);
    }

    private String valueOn(Growth.Values of, Point point) {
        return words.of("value-on", shown(of, point.value()), words.day(point.date()));
    }

    private String aim(Growth.Values of) {
        return of.goal() == null || of.goalDate() == null
                ? ""
                : words.of("value-by", shown(of, of.goal()), words.day(of.goalDate()));
    }

    private String shown(Growth.Values of, double value) {
        String unit = of.measure().unit();
        return of.measure().shown(value, words.locale()) + (unit.isEmpty() ? "" : " " + unit);
    }
}
