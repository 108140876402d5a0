package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import zafu.core.bench.BenchState;
import zafu.core.grouping.CloseToLine;
import zafu.core.grouping.CutPlacement;
import zafu.core.grouping.Scored;
import zafu.core.measure.CountingValue;
import zafu.core.roster.StudentId;

/** The groups of a bench on its score line, on the footing "larger is better". */
final class BenchLine {
    private final BenchState state;
    private final ScoreLines.Line line;

    BenchLine(BenchState state, ScoreLines.Line line) {
        this.state = state;
        this.line = line;
    }

    CountingValue value(StudentId student) {
        return line.values().getOrDefault(student, new CountingValue.NoObservation());
    }

    double[] allValues() {
        return line.values().values().stream()
                .filter(CountingValue.Counts.class::isInstance)
                .mapToDouble(value -> ((CountingValue.Counts) value).value())
                .toArray();
    }

    /** In the unit of the line. */
    List<Double> plainValues(long groupId) {
        return scored(groupId).stream()
                .map(each -> line.better().rising(each.value()))
                .toList();
    }

    private List<Scored> scored(long groupId) {
        return state.membersOf(groupId).stream()
                .map(StudentId::new)
                .filter(student -> value(student) instanceof CountingValue.Counts)
                .map(student ->
                        new Scored(student, line.better().rising(((CountingValue.Counts) value(student)).value())))
                .toList();
    }

    List<BenchView.CutShown> cuts() {
        List<BenchView.CutShown> cuts = new ArrayList<>();
        for (int i = 1; i < state.groups().size(); i++) {
            long lower = state.groups().get(i - 1).id();
            long upper = state.groups().get(i).id();
            CutPlacement.between(better(upper), better(lower))
                    .ifPresent(cut -> cuts.add(
                            new BenchView.CutShown(lower, upper, line.better().rising(cut))));
        }
        return cuts;
    }

    private List<Double> better(long groupId) {
        return scored(groupId).stream().map(Scored::value).toList();
    }

    Set<StudentId> closeToLine() {
        Double error = line.scale().standardError();
        List<List<Scored>> bestFirst = new ArrayList<>();
        state.groups().forEach(group -> bestFirst.add(0, scored(group.id())));
        return error == null ? Set.of() : CloseToLine.of(bestFirst, error);
    }
}
