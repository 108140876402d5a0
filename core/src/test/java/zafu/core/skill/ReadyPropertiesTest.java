package zafu.core.skill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.roster.StudentId;

/** What holds of every group and every set of skills. */
class ReadyPropertiesTest {
    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    /** Skills whose prerequisites have smaller ids, so that there is no circle. */
    private static List<Skill> skills(Random random) {
        List<Skill> skills = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(9); i++) {
            Set<SkillId> before = new TreeSet<>();
            for (Skill earlier : skills) {
                if (random.nextInt(4) == 0) {
                    before.add(earlier.id());
                }
            }
            skills.add(new Skill(new SkillId(i), "skill " + i, i, before));
        }
        return skills;
    }

    private static Map<StudentId, Set<SkillId>> held(List<Skill> skills, Random random) {
        Map<StudentId, Set<SkillId>> held = new TreeMap<>();
        for (int student = 0; student < 1 + random.nextInt(8); student++) {
            Set<SkillId> own = new TreeSet<>();
            skills.stream().filter(each -> random.nextInt(5) < 2).forEach(each -> own.add(each.id()));
            held.put(new StudentId(student), own);
        }
        return held;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsReadyIsNeededByHalfAndFootedBySeventyPercentAndStandsByNeedTimesFooting(long seed) {
        Random random = new Random(seed);
        List<Skill> skills = skills(random);
        List<ReadyToTeach.InGroup> ready = ReadyToTeach.of(skills, held(skills, random));
        assertThat(ready).allSatisfy(each -> {
            assertThat(each.need()).isGreaterThanOrEqualTo(0.5 - 1e-9);
            assertThat(each.footing()).isGreaterThanOrEqualTo(0.7 - 1e-9);
        });
        for (int i = 1; i < ready.size(); i++) {
            double before = ready.get(i - 1).need() * ready.get(i - 1).footing();
            assertThat(ready.get(i).need() * ready.get(i).footing()).isLessThanOrEqualTo(before + 1e-9);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everySkillIsInOneStateAndAGroupWhoHoldsAllIsReadyForNothing(long seed) {
        Random random = new Random(seed);
        List<Skill> skills = skills(random);
        Map<StudentId, Set<SkillId>> held = held(skills, random);
        Map<SkillId, ReadyToTeach.InGroup> all = ReadyToTeach.all(skills, held);
        assertThat(all.keySet())
                .containsExactlyElementsOf(skills.stream().map(Skill::id).toList());
        long ready = all.values().stream()
                .filter(each -> each.readiness() == ReadyToTeach.Readiness.READY)
                .count();
        assertThat(ReadyToTeach.of(skills, held)).hasSize((int) ready);
        Set<SkillId> everything = new TreeSet<>(skills.stream().map(Skill::id).toList());
        held.replaceAll((student, own) -> everything);
        assertThat(ReadyToTeach.of(skills, held)).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aGraphWithoutACircleHasDepthsThatGrowAndClosingOneIsFound(long seed) {
        Random random = new Random(seed);
        List<Skill> skills = skills(random);
        SkillGraph graph = SkillGraph.of(skills);
        assertThat(graph.cycle()).isEmpty();
        Map<SkillId, Integer> depths = graph.depths();
        skills.forEach(skill -> skill.prerequisites()
                .forEach(before -> assertThat(depths.get(skill.id())).isGreaterThan(depths.get(before))));
        Skill last = skills.get(skills.size() - 1);
        for (SkillId before : graph.allBefore(List.of(last.id()))) {
            List<Skill> closed = new ArrayList<>(skills);
            Skill first = skills.get((int) before.value());
            Set<SkillId> more = new TreeSet<>(first.prerequisites());
            more.add(last.id());
            closed.set((int) before.value(), new Skill(before, first.name(), first.place(), more));
            List<SkillId> circle = SkillGraph.of(closed).cycle().orElseThrow();
            assertThat(circle).doesNotHaveDuplicates().hasSizeGreaterThan(1);
            for (int i = 0; i < circle.size(); i++) {
                SkillId next = circle.get((i + 1) % circle.size());
                assertThat(closed.get((int) circle.get(i).value()).prerequisites())
                        .contains(next);
            }
        }
    }
}
