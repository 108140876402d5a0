package zafu.core.grouping;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import zafu.core.roster.StudentId;

/**
 * Students whose needs are identical form a group; those without any form one general group, which stands first.
 * Where fewer groups are wanted the two whose time factors are nearest are merged, never the general one. Rule 2,
 * shared needs.
 *
 * @param needs of all who are asked about, for the chosen kind of work
 * @param most how many groups at most; empty for as many as there are
 */
public record SharedNeeds(Map<StudentId, Needs> needs, OptionalInt most) implements GroupingMethod {
    /** Farther from every factor than these are from each other. */
    private static final double UNTIMED = 100;

    public SharedNeeds {
        needs = new TreeMap<>(needs);
    }

    /**
     * What a student needs.
     *
     * @param timeFactor 1 for none
     * @param untimed beats every factor
     * @param supports other than time, by name
     */
    public record Needs(BigDecimal timeFactor, boolean untimed, Set<String> supports) {
        public static final Needs NONE = new Needs(BigDecimal.ONE, false, Set.of());

        public Needs {
            timeFactor = untimed ? BigDecimal.ONE : timeFactor.stripTrailingZeros();
            supports = Set.copyOf(supports);
        }

        private double pace() {
            return untimed ? UNTIMED : timeFactor.doubleValue();
        }

        private boolean isNone() {
            return equals(NONE);
        }
    }

    /** @param pace the largest time factor among the members */
    private record Kind(double pace, List<StudentId> members) {}

    @Override
    public Proposal propose(Rules rules, long seed) {
        if (needs.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        List<List<StudentId>> groups = new ArrayList<>();
        List<StudentId> general = needs.entrySet().stream()
                .filter(each -> each.getValue().isNone())
                .map(Map.Entry::getKey)
                .toList();
        if (!general.isEmpty()) {
            groups.add(general);
        }
        int special = Math.max(1, most.orElse(Integer.MAX_VALUE) - groups.size());
        fewer(kinds(), special).forEach(kind -> groups.add(kind.members));
        return OneSkill.Kinds.propose(groups, List.of(), rules, seed);
    }

    private List<Kind> kinds() {
        Map<Needs, List<StudentId>> byNeeds = new LinkedHashMap<>();
        needs.forEach((student, own) -> {
            if (!own.isNone()) {
                byNeeds.computeIfAbsent(own, key -> new ArrayList<>()).add(student);
            }
        });
        return byNeeds.entrySet().stream()
                .map(each -> new Kind(each.getKey().pace(), each.getValue()))
                .sorted(Comparator.comparingDouble(Kind::pace).thenComparing(kind -> kind.members.get(0)))
                .toList();
    }

    /** By pace, so that the nearest two are neighbours; of equally near ones the slowest are merged last. */
    private static Collection<Kind> fewer(List<Kind> byPace, int wanted) {
        List<Kind> kinds = new ArrayList<>(byPace);
        while (kinds.size() > wanted) {
            int nearest = 0;
            for (int i = 1; i + 1 < kinds.size(); i++) {
                if (gap(kinds, i) < gap(kinds, nearest)) {
                    nearest = i;
                }
            }
            Kind slower = kinds.remove(nearest + 1);
            List<StudentId> both = new ArrayList<>(kinds.get(nearest).members);
            both.addAll(slower.members);
            kinds.set(nearest, new Kind(slower.pace, both));
        }
        return kinds;
    }

    private static double gap(List<Kind> byPace, int i) {
        return byPace.get(i + 1).pace - byPace.get(i).pace;
    }
}
