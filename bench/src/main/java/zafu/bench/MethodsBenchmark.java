package zafu.bench;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
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
import zafu.core.grouping.BandGroups;
import zafu.core.grouping.Choices;
import zafu.core.grouping.Composite;
import zafu.core.grouping.GroupingMethod;
import zafu.core.grouping.Mixed;
import zafu.core.grouping.OneSkill;
import zafu.core.grouping.Profiles;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.RandomDraw;
import zafu.core.grouping.Rules;
import zafu.core.grouping.SameSize;
import zafu.core.grouping.Scored;
import zafu.core.grouping.SharedNeeds;
import zafu.core.grouping.SimilarScores;
import zafu.core.grouping.Sizes;
import zafu.core.grouping.Weighted;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;
import zafu.core.skill.SkillStatus;

/**
 * Every method for a club, a class, four classes and a year. Goals: 30 students under 1 s whatever the method, mixed
 * and profiles with 120 under 5 s, choices of 400 among 20 under 1 s.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1, time = 1)
@Measurement(iterations = 2, time = 1)
@Fork(1)
public class MethodsBenchmark {
    @Param({"12", "30", "120", "400"})
    public int students;

    @Param({
        "similar",
        "similar with rules",
        "bands",
        "same size",
        "composite",
        "profiles",
        "mixed",
        "skill",
        "needs",
        "random",
        "choices"
    })
    public String method;

    private GroupingMethod asked = new RandomDraw(List.of(), 1);
    private Rules rules = Rules.NONE;

    @Setup
    public void fill() {
        Random random = new Random(3);
        List<StudentId> all = new ArrayList<>();
        List<Scored> scored = new ArrayList<>();
        Map<StudentId, Double> one = new HashMap<>();
        Map<StudentId, Double> other = new HashMap<>();
        Map<StudentId, SkillStatus> statuses = new HashMap<>();
        Map<StudentId, SharedNeeds.Needs> needs = new HashMap<>();
        Map<StudentId, List<Integer>> ranked = new HashMap<>();
        Set<StudentId> tagged = new HashSet<>();
        int options = students == 400 ? 20 : 5;
        for (int i = 0; i < students; i++) {
            StudentId student = new StudentId(i);
            all.add(student);
            one.put(student, 200.0 + random.nextInt(800));
            other.put(student, (double) random.nextInt(60));
            scored.add(new Scored(student, one.get(student)));
            statuses.put(student, SkillStatus.values()[random.nextInt(5)]);
            BigDecimal factor = random.nextInt(4) == 0 ? new BigDecimal("1.5") : BigDecimal.ONE;
            needs.put(student, new SharedNeeds.Needs(factor, false, Set.of()));
            ranked.put(student, List.of(random.nextInt(options), random.nextInt(options)));
            if (random.nextInt(5) == 0) {
                tagged.add(student);
            }
        }
        int groups = Math.max(2, Math.min(8, students / 5));
        Sizes sizes = new Sizes(1, students);
        List<Weighted> measures = List.of(new Weighted(2, Better.HIGHER, one), new Weighted(1, Better.HIGHER, other));
        int seats = students / options + 3;
        if (method.equals("similar with rules")) {
            rules = new Rules(
                    Map.of(all.get(0), 1),
                    List.of(Set.of(all.get(1), all.get(2))),
                    List.of(new Rules.Pair(all.get(3), all.get(4)), new Rules.Pair(all.get(0), all.get(5))),
                    List.of());
        }
        asked = switch (method) {
            case "similar", "similar with rules" -> new SimilarScores(scored, groups, sizes);
            case "bands" -> new BandGroups(scored, List.of(400.0, 600.0, 800.0), sizes);
            case "same size" -> new SameSize(scored, groups);
            case "composite" -> new Composite(all, measures, groups, sizes);
            case "profiles" -> new Profiles(all, measures, groups, sizes);
            case "mixed" -> new Mixed(all, measures, List.of(new Mixed.Spread(1, tagged)), groups);
            case "skill" -> new OneSkill(statuses);
            case "needs" -> new SharedNeeds(needs, OptionalInt.empty());
            case "random" -> new RandomDraw(all, groups);
            case "choices" -> new Choices(ranked, Collections.nCopies(options, 0), Collections.nCopies(options, seats));
            default -> throw new IllegalArgumentException(method);
        };
    }

    @Benchmark
    public Proposal propose() {
        return asked.propose(rules, 1);
    }
}
