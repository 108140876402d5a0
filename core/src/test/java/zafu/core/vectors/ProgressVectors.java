package zafu.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import zafu.core.growth.Advice;
import zafu.core.growth.AimLine;
import zafu.core.growth.Point;
import zafu.core.growth.Trend;
import zafu.core.mark.InSum;
import zafu.core.mark.Mark;
import zafu.core.mark.MarkItem;
import zafu.core.measure.Better;

/** How the rules about marks and growth are asked for. */
final class ProgressVectors {
    private ProgressVectors() {}

    static void marks(Fields given, Fields expect) {
        List<Mark.Category> categories = given.objects("categories").stream()
                .map(each -> new Mark.Category(
                        id(each.get("id").asString()), each.get("weight").asDouble()))
                .toList();
        List<MarkItem> items = new ArrayList<>();
        for (Fields each : given.objects("items")) {
            InSum inSum = inSum(each.get("state").asString(), each.get("earned"));
            items.add(new MarkItem(
                    items.size(),
                    id(each.get("category").asString()),
                    each.get("possible").asDouble(),
                    inSum,
                    each.flag("counts")));
        }
        Mark mark = Mark.of(categories, given.flag("missingIsZero"), items);
        assertMark(mark.overall(), expect.get("overall"));
        List<Map.Entry<String, JsonNode>> expected = expect.entries("categories");
        assertThat(mark.categories()).hasSameSizeAs(expected);
        expected.forEach(
                each -> assertMark(mark.categories().get(id(each.getKey())).share(), each.getValue()));
    }

    private static InSum inSum(String state, JsonNode earned) {
        return switch (state) {
            case "marked" -> new InSum.Marked(earned.asDouble());
            case "waiting" -> new InSum.Waiting();
            case "missing" -> new InSum.Missing();
            case "excused" -> new InSum.Excused();
            case "open" -> new InSum.Open();
            case "not assigned" -> new InSum.NotTheirs();
            default -> throw new AssertionError("no such state: " + state);
        };
    }

    private static void assertMark(OptionalDouble mark, JsonNode expected) {
        assertThat(mark.isEmpty()).isEqualTo(expected.isNull());
        mark.ifPresent(share -> VectorRules.assertClose(share, expected.asDouble()));
    }

    private static long id(String name) {
        return Long.parseLong(name.substring(1));
    }

    static void growth(Fields given, Fields expect) {
        List<Point> points = given.objects("points").stream()
                .map(each -> new Point(
                        LocalDate.parse(each.get("date").asString()),
                        each.get("value").asDouble()))
                .toList();
        AimLine aim = AimLine.from(
                points,
                given.get("goal").asDouble(),
                LocalDate.parse(given.get("goalDate").asString()));
        Trend trend = Trend.of(points);
        VectorRules.assertClose(
                trend.perWeek().orElseThrow(), expect.get("slopePerWeek").asDouble());
        VectorRules.assertClose(
                trend.medianPerWeek().orElseThrow(),
                expect.get("medianSlopePerWeek").asDouble());
        VectorRules.assertClose(aim.baseline(), expect.get("baseline").asDouble());
        String advice =
                Advice.of(points, aim, Better.of(given.flag("lowerIsBetter"))).name();
        assertThat(advice.toLowerCase(Locale.ROOT).replace('_', ' '))
                .isEqualTo(expect.get("advice").asString());
    }
}
