package zafu.server.arrangement;

import java.util.List;

/** Names and looks for new groups: knots first, then plain numbers. Neither says anything of rank. */
final class GroupNames {
    private static final List<String> KNOTS =
            List.of("Sheet Bend", "Reef", "Clove", "Bowline", "Anchor", "Figure Eight", "Cleat", "Halyard");
    private static final int LOOKS = 8;

    private GroupNames() {}

    static String nextAfter(List<BenchState.Group> groups) {
        return KNOTS.stream()
                .filter(knot -> groups.stream().noneMatch(group -> group.name().equalsIgnoreCase(knot)))
                .findFirst()
                .orElseGet(() -> "Group " + (groups.size() + 1));
    }

    /** A look that no group has yet, beginning at a different one for each arrangement. */
    static int nextLook(long arrangementId, List<BenchState.Group> groups) {
        for (int i = 0; i < LOOKS; i++) {
            int look = (int) ((arrangementId * 3 + i * 5L) % LOOKS);
            if (groups.stream().noneMatch(group -> group.look() == look)) {
                return look;
            }
        }
        return groups.size() % LOOKS;
    }
}
