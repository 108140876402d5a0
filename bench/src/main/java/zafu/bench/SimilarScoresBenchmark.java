package zafu.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import zafu.core.grouping.FitCurve;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Scored;
import zafu.core.grouping.SimilarScores;
import zafu.core.grouping.Sizes;
import zafu.core.roster.StudentId;

/** Groups of similar scores for a class and for a whole year. Goals: 30 students under 1 ms, 400 under 50 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SimilarScoresBenchmark {
    @Param({"30", "400"})
    public int students;

    private List<Scored> scored = List.of();
    private double[] values = {};
    private Sizes sizes = new Sizes(1, 1);

    @Setup
    public void fill() {
        Random random = new Random(3);
        List<Scored> made = new ArrayList<>();
        for (int i = 0; i < students; i++) {
            made.add(new Scored(new StudentId(i), 200 + random.nextInt(800)));
        }
        scored = made;
        values = made.stream().mapToDouble(Scored::value).toArray();
        sizes = new Sizes(1, students);
    }

    @Benchmark
    public Proposal eightGroups() {
        return new SimilarScores(scored, 8, sizes).propose();
    }

    /** The fit for every number of groups from 1 to 8, as the bench asks for it with every view. */
    @Benchmark
    public FitCurve fitOfOneToEightGroups() {
        return FitCurve.of(values, sizes);
    }
}
