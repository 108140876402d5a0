package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;

/** What else there was for a student: each claim is held against the method's own cost of the changed groups. */
class NextBestTest {
    private static Map<StudentId, Double> values(Random chance, int n) {
        Map<StudentId, Double> values = new HashMap<>();
        for (int i = 0; i < n; i++) {
            values.put(new StudentId(i), (double) chance.nextInt(60));
        }
        return values;
    }

    private static List<List<StudentId>> changed(List<List<StudentId>> groups, NextBest next) {
        List<List<StudentId>> changed = new ArrayList<>();
        groups.forEach(group -> changed.add(new ArrayList<>(group)));
        changed.get(next.group()).remove(next.student());
        changed.get(next.next()).add(next.student());
        next.inExchange().ifPresent(other -> {
            changed.get(next.next()).remove(other);
            changed.get(next.group()).add(other);
        });
        return changed;
    }

    /** The cost that a method gives to exactly these groups: everybody locked where they are. */
    private static double costOf(GroupingMethod method, List<List<StudentId>> groups) {
        Map<StudentId, Integer> locked = new HashMap<>();
        for (int g = 0; g < groups.size(); g++) {
            for (StudentId student : groups.get(g)) {
                locked.put(student, g);
            }
        }
        Proposal proposal = method.propose(new Rules(locked, List.of(), List.of(), List.of()), 1);
        return ((Proposal.Groups) proposal).cost();
    }

    private static void eachClaimIsTrue(GroupingMethod method, Proposal.Groups made, List<NextBest> claims) {
        for (NextBest next : claims) {
            double cost = costOf(method, changed(made.groups(), next));
            assertThat((cost - made.cost()) / made.cost()).isCloseTo(next.rise(), within(1e-6));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void inMixedGroupsNobodyHasABetterPlace(int seed) {
        Random chance = new Random(seed);
        Map<StudentId, Double> one = values(chance, 13);
        List<Weighted> measures =
                List.of(new Weighted(1, Better.HIGHER, one), new Weighted(2, Better.LOWER, values(chance, 13)));
        List<Mixed.Spread> tags = List.of(new Mixed.Spread(1, Set.of(new StudentId(1), new StudentId(4))));
        Mixed mixed = new Mixed(one.keySet(), measures, tags, 3);
        Proposal.Groups made = (Proposal.Groups) mixed.propose(Rules.NONE, seed);
        List<NextBest> claims = mixed.nextBest(made);
        assertThat(claims).hasSize(13).allSatisfy(next -> assertThat(next.rise())
                .isNotNegative());
        eachClaimIsTrue(mixed, made, claims);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void inProfilesARuleShowsAsABetterPlaceThatIsNotFree(int seed) {
        Random chance = new Random(seed);
        Map<StudentId, Double> one = values(chance, 12);
        List<Weighted> measures =
                List.of(new Weighted(1, Better.HIGHER, one), new Weighted(1, Better.HIGHER, values(chance, 12)));
        Profiles profiles = new Profiles(one.keySet(), measures, 3, new Sizes(2, 6));
        Proposal.Groups free = (Proposal.Groups) profiles.propose(Rules.NONE, seed);
        assertThat(profiles.nextBest(free))
                .allSatisfy(next -> assertThat(next.rise()).isNotNegative());
        StudentId first = free.groups().get(0).get(0);
        StudentId other = free.groups().get(0).get(1);
        Rules apart = new Rules(Map.of(), List.of(), List.of(new Rules.Pair(first, other)), List.of());
        Proposal.Groups made = (Proposal.Groups) profiles.propose(apart, seed);
        eachClaimIsTrue(profiles, made, profiles.nextBest(made));
    }

    @Test
    void whereAllAreAlikeThereIsNothingToRaise() {
        Map<StudentId, Double> same = new HashMap<>();
        for (int i = 0; i < 4; i++) {
            same.put(new StudentId(i), 7.0);
        }
        Mixed mixed = new Mixed(same.keySet(), List.of(new Weighted(1, Better.HIGHER, same)), List.of(), 2);
        List<NextBest> next = mixed.nextBest((Proposal.Groups) mixed.propose(Rules.NONE, 0));
        assertThat(next).hasSize(4).allSatisfy(each -> {
            assertThat(each.rise()).isInfinite();
            assertThat(each.inExchange()).isNotEqualTo(Optional.of(each.student()));
        });
    }
}
