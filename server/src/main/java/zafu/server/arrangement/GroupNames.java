package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zafu.core.bench.BenchState;

/** Names and looks for new groups: knots first, then plain numbers. Neither says anything of rank. */
final class GroupNames {
    /** Sets of names that ship with the application, by title. */
    static final Map<String, List<String>> SHIPPED = shipped();

    private static final int LOOKS = 8;

    private GroupNames() {}

    private static Map<String, List<String>> shipped() {
        Map<String, List<String>> sets = new LinkedHashMap<>();
        sets.put(
                "Knots",
                List.of("Sheet Bend", "Reef", "Clove", "Bowline", "Anchor", "Figure Eight", "Cleat", "Halyard"));
        sets.put("Shells", List.of("Whelk", "Cockle", "Limpet", "Periwinkle", "Scallop", "Quahog", "Mussel", "Oyster"));
        sets.put(
                "Winds",
                List.of("Mistral", "Zephyr", "Chinook", "Sirocco", "Föhn", "Monsoon", "Levanter", "Trade Wind"));
        sets.put(
                "Tools", List.of("Compass", "Sextant", "Chisel", "Spindle", "Trowel", "Bellows", "Lathe", "Plumb Bob"));
        return sets;
    }

    static String nextAfter(List<BenchState.Group> groups) {
        return SHIPPED.get("Knots").stream()
                .filter(knot -> groups.stream().noneMatch(group -> group.name().equalsIgnoreCase(knot)))
                .findFirst()
                .orElseGet(() -> firstFreeNumber(groups));
    }

    private static String firstFreeNumber(List<BenchState.Group> groups) {
        for (int number = groups.size() + 1; ; number++) {
            String name = inWords("arrangement.group", "number", number);
            if (groups.stream().noneMatch(group -> group.name().equalsIgnoreCase(name))) {
                return name;
            }
        }
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
