package zafu.server.report;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import zafu.core.roster.StudentId;
import zafu.server.report.Sheet.SheetTable;
import zafu.server.report.WorkInTime.Piece;

/** What came in during a teacher's week, and what the teacher did in it. */
final class OwnWeek {
    private OwnWeek() {}

    /** @param deeds of the adult in this time, as the stable words of the audit trail */
    static Sheet of(ReportMaterial material, List<String> deeds) {
        ReportWords words = material.ownWords();
        List<Piece> pieces = material.students().keySet().stream()
                .sorted((one, other) -> Long.compare(one.value(), other.value()))
                .map((StudentId student) -> material.work().of(student))
                .flatMap(List::stream)
                .toList();
        List<String> said = pieces.isEmpty()
                ? List.of(words.of("week.nothing"))
                : List.of(words.of(
                        "group.handed-in",
                        pieces.stream().filter(each -> !each.missing()).count(),
                        pieces.size()));
        return material.sheet(
                words,
                words.of("week.title"),
                words.of("with-class", material.className(), material.period(words)),
                said,
                List.of(GroupReport.workTable(words, words.of("week.work"), pieces), did(words, deeds)));
    }

    private static SheetTable did(ReportWords words, List<String> deeds) {
        Map<String, Integer> times = new TreeMap<>();
        for (String deed : deeds) {
            String key = "did." + deed.split("\\.")[0];
            times.merge(words.of(words.has(key) ? key : "did.other"), 1, Integer::sum);
        }
        List<List<String>> rows = times.entrySet().stream()
                .map(each -> List.of(each.getKey(), words.number(each.getValue())))
                .toList();
        return SheetTable.of(
                words.of("week.did"),
                List.of(words.of("week.did.what"), words.of("week.did.times")),
                rows.isEmpty() ? List.of(List.of(words.of("week.did.none"), "")) : rows);
    }
}
