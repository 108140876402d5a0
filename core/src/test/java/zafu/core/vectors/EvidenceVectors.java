package zafu.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tools.jackson.databind.JsonNode;
import zafu.core.grouping.Certainty;
import zafu.core.grouping.Evidence;
import zafu.core.grouping.FewestMoves;
import zafu.core.grouping.MoveByEvidence;
import zafu.core.grouping.Sizes;

/** How sure places are, and who should move. Rule 2. */
final class EvidenceVectors {
    private EvidenceVectors() {}

    private static List<Double> numbers(Fields fields, String name) {
        return fields.get(name).valueStream().map(JsonNode::asDouble).toList();
    }

    private static void assertClose(double actual, double expected) {
        assertThat(Math.abs(actual - expected))
                .as("%s, expected %s", actual, expected)
                .isLessThanOrEqualTo(1e-9 * Math.max(1, Math.abs(expected)));
    }

    static void certainty(Fields given, Fields expect) {
        Certainty certainty = new Certainty(numbers(given, "cutsHighestFirst"));
        List<Certainty.Measured> students = given.objects("students").stream()
                .map(each -> new Certainty.Measured(
                        each.get("value").asDouble(), each.get("error").asDouble()))
                .toList();
        List<JsonNode> shares = expect.get("shares").valueStream().toList();
        for (int i = 0; i < students.size(); i++) {
            List<Double> found = certainty.shares(students.get(i));
            List<Double> wanted =
                    shares.get(i).valueStream().map(JsonNode::asDouble).toList();
            assertThat(found).hasSameSizeAs(wanted);
            for (int group = 0; group < wanted.size(); group++) {
                assertClose(found.get(group), wanted.get(group));
            }
        }
        assertClose(certainty.steadiness(students), expect.get("steadiness").asDouble());
    }

    static void movesByEvidence(Fields given, Fields expect) {
        List<Double> cuts = numbers(given, "cutsHighestFirst");
        List<Fields> students = given.objects("students");
        List<Fields> advice = expect.objects("advice");
        assertThat(advice).hasSameSizeAs(students);
        for (int i = 0; i < students.size(); i++) {
            List<Evidence.Dated> values = students.get(i).objects("values").stream()
                    .map(each -> new Evidence.Dated(
                            each.get("value").asDouble(),
                            each.get("error").asDouble(),
                            each.get("weeksBeforeNewest").asDouble()))
                    .toList();
            MoveByEvidence says = MoveByEvidence.of(cuts, students.get(i).number("group"), new Evidence(values));
            Fields wanted = advice.get(i);
            assertThat(says.advice().name().toLowerCase(Locale.ROOT).replace('_', ' '))
                    .isEqualTo(wanted.get("advice").asString());
            assertThat(says.to()).isEqualTo(wanted.number("to"));
            assertThat(says.oneMoreDecides()).isEqualTo(wanted.flag("oneMoreDecides"));
            assertClose(says.probability(), wanted.get("probability").asDouble());
        }
    }

    static void fewestMoves(Fields given, Fields expect) {
        List<OptionalInt> now = given.get("groupNow")
                .valueStream()
                .map(each -> each.isNull() ? OptionalInt.empty() : OptionalInt.of(each.asInt()))
                .toList();
        FewestMoves moves = new FewestMoves(
                numbers(given, "valuesHighestFirst"),
                now,
                given.number("groups"),
                new Sizes(given.number("smallest"), given.number("largest")));
        List<OptionalDouble> found = moves.leastSpreadByMoves();
        List<JsonNode> wanted =
                new ArrayList<>(expect.get("leastSpreadByMoves").valueStream().toList());
        assertThat(found).hasSameSizeAs(wanted);
        for (int i = 0; i < wanted.size(); i++) {
            assertThat(found.get(i).isPresent())
                    .as("%d moves", i)
                    .isNotEqualTo(wanted.get(i).isNull());
            if (found.get(i).isPresent()) {
                assertClose(found.get(i).getAsDouble(), wanted.get(i).asDouble());
            }
        }
    }
}
