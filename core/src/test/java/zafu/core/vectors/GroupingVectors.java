package zafu.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.core.vectors.VectorRules.assertClose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import zafu.core.grouping.BalanceCheck;
import zafu.core.grouping.Choices;
import zafu.core.grouping.Composite;
import zafu.core.grouping.ContiguousSplit;
import zafu.core.grouping.Mixed;
import zafu.core.grouping.Profiles;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Regrouping;
import zafu.core.grouping.Rules;
import zafu.core.grouping.Scored;
import zafu.core.grouping.SimilarScores;
import zafu.core.grouping.Sizes;
import zafu.core.grouping.Weighted;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;

/** How the rules of forming groups are asked for. Students are the places of a vector's lists. */
final class GroupingVectors {
    private GroupingVectors() {}

    static void similar(Fields given, Fields expect) {
        double[] values = given.doubles("values");
        Sizes sizes = new Sizes(given.number("smallest"), given.number("largest"));
        List<Scored> students = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            students.add(new Scored(new StudentId(i), values[i]));
        }
        SimilarScores method = new SimilarScores(students, given.number("groups"), sizes);
        Proposal proposal = method.propose();
        assertThat(proposal instanceof Proposal.Groups).isEqualTo(expect.flag("feasible"));
        if (proposal instanceof Proposal.Groups groups) {
            assertClose(groups.cost(), expect.get("cost").asDouble());
            assertClose(groups.fit().orElseThrow(), expect.get("fit").asDouble());
            ContiguousSplit split = method.split().orElseThrow();
            assertThat(split.equalScoresParted()).isEqualTo(expect.number("splitTies"));
            assertThat(split.sumOfSquaredSizes()).isEqualTo(expect.number("sumOfSquaredSizes"));
        }
    }

    static void composite(Fields given, Fields expect) {
        double[] weights = given.doubles("weights");
        List<JsonNode> mirrored = given.get("lowerIsBetter").valueStream().toList();
        List<JsonNode> rows = given.get("values").valueStream().toList();
        List<Weighted> measures = new ArrayList<>();
        for (int m = 0; m < weights.length; m++) {
            int measure = m;
            List<JsonNode> column = rows.stream().map(row -> row.get(measure)).toList();
            measures.add(new Weighted(weights[m], Better.of(mirrored.get(m).asBoolean()), valued(column)));
        }
        Map<StudentId, Double> found =
                new Composite(students(rows.size()), measures, 1, new Sizes(1, rows.size())).values();
        List<JsonNode> expected = expect.get("composite").valueStream().toList();
        for (int i = 0; i < rows.size(); i++) {
            Double value = found.get(new StudentId(i));
            assertThat(value == null)
                    .as("student %d", i)
                    .isEqualTo(expected.get(i).isNull());
            if (value != null) {
                assertClose(value, expected.get(i).asDouble());
            }
        }
    }

    static void profile(Fields given, Fields expect) {
        List<Weighted> measures =
                given.objects("measures").stream().map(GroupingVectors::measure).toList();
        int n = measures.get(0).values().size();
        Sizes sizes = new Sizes(given.number("smallest"), given.number("largest"));
        expect.get("bestKnownCost");
        Proposal.Groups proposal = (Proposal.Groups)
                new Profiles(students(n), measures, given.number("groups"), sizes).propose(Rules.NONE, 1);
        assertThat(proposal.groups().stream().flatMap(List::stream)).containsExactlyInAnyOrderElementsOf(students(n));
        assertThat(proposal.groups()).hasSize(given.number("groups")).allSatisfy(group -> assertThat(group.size())
                .isBetween(sizes.smallest(), sizes.largest()));
        assertThat(proposal.cost())
                .isCloseTo(profileCost(proposal, measures), org.assertj.core.api.Assertions.within(1e-9))
                .isLessThanOrEqualTo(expect.get("costAtMost").asDouble());
    }

    /** The rule's sum, worked out from the groups alone. */
    private static double profileCost(Proposal.Groups proposal, List<Weighted> measures) {
        return measures.stream()
                .mapToDouble(measure -> {
                    Map<StudentId, Double> z = standardised(measure);
                    return measure.weight()
                            * proposal.groups().stream()
                                    .mapToDouble(group -> {
                                        double mean = mean(group, z);
                                        return group.stream()
                                                .mapToDouble(each -> Math.pow(z.get(each) - mean, 2))
                                                .sum();
                                    })
                                    .sum();
                })
                .sum();
    }

    static void mixed(Fields given, Fields expect) {
        List<Weighted> measures =
                given.objects("measures").stream().map(GroupingVectors::measure).toList();
        int n = measures.get(0).values().size();
        List<Mixed.Spread> tags =
                given.objects("tags").stream().map(GroupingVectors::tag).toList();
        Rules rules = new Rules(
                Map.of(),
                pairs(given.get("together")).stream()
                        .map(pair -> Set.of(pair.one(), pair.other()))
                        .toList(),
                pairs(given.get("apart")),
                List.of());
        Proposal.Groups proposal =
                (Proposal.Groups) new Mixed(students(n), measures, tags, given.number("groups")).propose(rules, 1);
        expect.get("bestKnownCost");
        assertThat(proposal.groups().stream().flatMap(List::stream)).containsExactlyInAnyOrderElementsOf(students(n));
        rules.apart().forEach(pair -> assertThat(proposal.groups())
                .noneSatisfy(group -> assertThat(group).contains(pair.one(), pair.other())));
        rules.together().forEach(pair -> assertThat(proposal.groups())
                .anySatisfy(group -> assertThat(group).containsAll(pair)));
        assertThat(proposal.cost())
                .isCloseTo(mixedCost(proposal, measures, tags, n), org.assertj.core.api.Assertions.within(1e-9))
                .isLessThanOrEqualTo(expect.get("costAtMost").asDouble());
    }

    private static double mixedCost(Proposal.Groups proposal, List<Weighted> measures, List<Mixed.Spread> tags, int n) {
        double cost = 0;
        for (List<StudentId> group : proposal.groups()) {
            for (Weighted measure : measures) {
                cost += measure.weight() * group.size() / n * Math.pow(mean(group, standardised(measure)), 2);
            }
            for (Mixed.Spread tag : tags) {
                long count = group.stream().filter(tag.having()::contains).count();
                double share = (double) tag.having().size() / n;
                cost += tag.weight() * Math.pow(count - group.size() * share, 2) / n;
            }
        }
        return cost;
    }

    private static double mean(List<StudentId> group, Map<StudentId, Double> z) {
        return group.stream().mapToDouble(z::get).average().orElseThrow();
    }

    private static Map<StudentId, Double> standardised(Weighted measure) {
        double[] values = measure.values().values().stream()
                .mapToDouble(Double::doubleValue)
                .toArray();
        double mean = Arrays.stream(values).average().orElseThrow();
        double deviation = Math.sqrt(Arrays.stream(values)
                .map(value -> (value - mean) * (value - mean))
                .average()
                .orElseThrow());
        return measure.values().entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> (each.getValue() - mean) / deviation));
    }

    static void choice(Fields given, Fields expect) {
        Map<StudentId, List<Integer>> ranked = new LinkedHashMap<>();
        for (JsonNode row : given.get("ranked")) {
            ranked.put(
                    new StudentId(ranked.size()),
                    row.valueStream().map(JsonNode::asInt).toList());
        }
        assertThat(given.number("options")).isEqualTo(given.doubles("atLeast").length);
        Proposal proposal = new Choices(ranked, integers(given, "atLeast"), integers(given, "atMost")).propose();
        assertThat(proposal instanceof Proposal.Groups).isEqualTo(expect.flag("feasible"));
        if (proposal instanceof Proposal.Groups groups) {
            assertClose(groups.cost(), expect.get("cost").asDouble());
        }
    }

    static void balance(Fields given, Fields expect) {
        BalanceCheck check = new BalanceCheck(
                given.number("classSize"),
                given.number("classHave"),
                given.number("groupSize"),
                given.number("groupHave"),
                given.number("comparisons"));
        assertClose(check.probability(), expect.get("p").asDouble());
        assertThat(check.pointedOut()).isEqualTo(expect.flag("pointedOut"));
    }

    static void regroup(Fields given, Fields expect) {
        List<Double> cuts = given.get("cutsHighestFirst")
                .valueStream()
                .map(JsonNode::asDouble)
                .toList();
        Regrouping regrouping = new Regrouping(cuts, given.get("sem").asDouble());
        List<String> advice = given.objects("students").stream()
                .map(student -> regrouping.of(
                        student.number("group"), student.get("value").asDouble()))
                .map(each -> each.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .toList();
        assertThat(advice).isEqualTo(expect.strings("advice"));
    }

    private static Weighted measure(Fields measure) {
        return new Weighted(
                measure.get("weight").asDouble(),
                Better.HIGHER,
                valued(measure.get("values").valueStream().toList()));
    }

    private static Mixed.Spread tag(Fields tag) {
        Set<StudentId> having = new HashSet<>();
        List<Integer> has = integers(tag, "has");
        for (int i = 0; i < has.size(); i++) {
            if (has.get(i) == 1) {
                having.add(new StudentId(i));
            }
        }
        return new Mixed.Spread(tag.get("weight").asDouble(), having);
    }

    private static List<Integer> integers(Fields fields, String name) {
        return fields.get(name).valueStream().map(JsonNode::asInt).toList();
    }

    private static Map<StudentId, Double> valued(List<JsonNode> column) {
        Map<StudentId, Double> values = new LinkedHashMap<>();
        for (int i = 0; i < column.size(); i++) {
            if (!column.get(i).isNull()) {
                values.put(new StudentId(i), column.get(i).asDouble());
            }
        }
        return values;
    }

    private static List<Rules.Pair> pairs(JsonNode array) {
        return array.valueStream()
                .map(pair -> new Rules.Pair(
                        new StudentId(pair.get(0).asInt()),
                        new StudentId(pair.get(1).asInt())))
                .toList();
    }

    private static List<StudentId> students(int n) {
        return IntStream.range(0, n).mapToObj(StudentId::new).toList();
    }
}
