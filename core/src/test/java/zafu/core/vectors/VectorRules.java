package zafu.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import zafu.core.grouping.FitCurve;
import zafu.core.grouping.Sizes;
import zafu.core.measure.Better;
import zafu.core.measure.Cuts;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.core.schedule.SchoolCalendar;
import zafu.core.schedule.Setting;
import zafu.core.schedule.Term;
import zafu.core.schedule.TimeLimit;
import zafu.core.skill.ReadyToTeach;
import zafu.core.skill.Skill;
import zafu.core.skill.SkillId;
import zafu.core.skill.SkillStatus;
import zafu.core.targeting.Outcome;
import zafu.core.targeting.Targets;
import zafu.core.targeting.VersionId;
import zafu.core.targeting.WhoGetsWhat;

/** How each rule is asked for, by the name its vectors carry. */
final class VectorRules {
    private VectorRules() {}

    /** A check reads all of "given", computes, and compares with all of "expect". */
    static final Map<String, BiConsumer<Fields, Fields>> CHECKS = Map.ofEntries(
            Map.entry("similar", GroupingVectors::similar),
            Map.entry("composite", GroupingVectors::composite),
            Map.entry("profile", GroupingVectors::profile),
            Map.entry("mixed", GroupingVectors::mixed),
            Map.entry("choice", GroupingVectors::choice),
            Map.entry("balance", GroupingVectors::balance),
            Map.entry("regroup", GroupingVectors::regroup),
            Map.entry("certainty", EvidenceVectors::certainty),
            Map.entry("moves-by-evidence", EvidenceVectors::movesByEvidence),
            Map.entry("fewest-moves", EvidenceVectors::fewestMoves),
            Map.entry("suggested-groups", VectorRules::suggestedGroups),
            Map.entry("band", VectorRules::band),
            Map.entry("time-limit", VectorRules::timeLimit),
            Map.entry("terms", TermsVectors::terms),
            Map.entry("who-gets-what", VectorRules::whoGetsWhat),
            Map.entry("teaching-days", VectorRules::teachingDays),
            Map.entry("extra-days", VectorRules::extraDays),
            Map.entry("extra-days-at-the-end", TermsVectors::extraDaysAtTheEnd),
            Map.entry("standing", StandingVectors::standing),
            Map.entry("skill-status", VectorRules::skillStatus),
            Map.entry("ready-to-teach", VectorRules::readyToTeach),
            Map.entry("marks", ProgressVectors::marks),
            Map.entry("growth", ProgressVectors::growth));

    private static void readyToTeach(Fields given, Fields expect) {
        List<Skill> skills = given.objects("skills").stream()
                .map(each -> new Skill(
                        skillId(each.get("id").asString()),
                        each.get("id").asString(),
                        each.number("place"),
                        each.strings("prerequisites").stream()
                                .map(VectorRules::skillId)
                                .collect(Collectors.toSet())))
                .toList();
        Map<StudentId, Set<SkillId>> held = new TreeMap<>();
        given.entries("held")
                .forEach(each -> held.put(
                        new StudentId(Long.parseLong(each.getKey().substring(1))),
                        Fields.texts(each.getValue()).stream()
                                .map(VectorRules::skillId)
                                .collect(Collectors.toSet())));
        List<ReadyToTeach.InGroup> ready = ReadyToTeach.of(skills, held);
        List<Fields> expected = expect.objects("ready");
        assertThat(ready.stream().map(each -> each.skill().name()).toList())
                .isEqualTo(
                        expected.stream().map(each -> each.get("id").asString()).toList());
        for (int i = 0; i < ready.size(); i++) {
            assertClose(ready.get(i).need(), expected.get(i).get("need").asDouble());
            assertClose(ready.get(i).footing(), expected.get(i).get("footing").asDouble());
        }
    }

    private static SkillId skillId(String name) {
        return new SkillId(Long.parseLong(name.substring(1)));
    }

    private static void suggestedGroups(Fields given, Fields expect) {
        Sizes sizes = new Sizes(given.number("smallest"), given.number("largest"));
        FitCurve curve = FitCurve.of(given.doubles("values"), sizes);
        List<Map.Entry<String, JsonNode>> expected = expect.entries("fit");
        assertThat(curve.fit().keySet().stream().map(String::valueOf).toList())
                .isEqualTo(expected.stream().map(Map.Entry::getKey).sorted().toList());
        expected.forEach(point -> assertClose(
                curve.fit().get(Integer.valueOf(point.getKey())),
                point.getValue().asDouble()));
        assertThat(curve.suggested()).isEqualTo(optionalInt(expect.get("suggested")));
    }

    private static void band(Fields given, Fields expect) {
        List<Double> scores = Arrays.stream(given.doubles("cuts")).boxed().toList();
        Cuts cuts = new Cuts(scores, Better.of(given.flag("lowerIsBetter")));
        List<Integer> bands =
                Arrays.stream(given.doubles("values")).mapToObj(cuts::bandOf).toList();
        assertThat(bands)
                .isEqualTo(
                        expect.get("bands").valueStream().map(JsonNode::asInt).toList());
    }

    private static void skillStatus(Fields given, Fields expect) {
        List<Double> fractions =
                Arrays.stream(given.doubles("fractions")).boxed().toList();
        String found = SkillStatus.of(fractions, given.flag("above")).name().toLowerCase(Locale.ROOT);
        assertThat(found.replace('_', ' ')).isEqualTo(expect.get("status").asString());
    }

    private static void timeLimit(Fields given, Fields expect) {
        List<BigDecimal> factors =
                given.strings("factors").stream().map(BigDecimal::new).toList();
        TimeLimit limit = TimeLimit.of(
                optionalInt(given.get("minutes")),
                new TimeLimit.TimeNeeds(given.flag("untimed"), factors),
                given.flag("includesAccommodations"),
                given.get("studentMinutes").isNull() ? Setting.leaves() : Setting.to(given.number("studentMinutes")));
        assertThat(limit.minutes()).isEqualTo(optionalInt(expect.get("minutes")));
    }

    private static void whoGetsWhat(Fields given, Fields expect) {
        Map<GroupId, Set<StudentId>> members = new LinkedHashMap<>();
        given.entries("groups")
                .forEach(group -> members.put(group(group.getKey()), students(Fields.texts(group.getValue()))));
        List<Targets> versions =
                given.objects("versions").stream().map(VectorRules::targets).toList();
        List<String> names = given.strings("students");
        Map<StudentId, Outcome> outcomes = new WhoGetsWhat(members, versions, Map.of())
                .resolve(names.stream().map(VectorRules::student).toList());
        List<Map.Entry<String, JsonNode>> expected = expect.entries("students");
        assertThat(outcomes).hasSameSizeAs(expected);
        expected.forEach(each -> assertThat(described(outcomes.get(student(each.getKey()))))
                .as(each.getKey())
                .isEqualTo(each.getValue().toString()));
    }

    private static Targets targets(Fields version) {
        Targets targets = new Targets(
                version(version.get("version").asString()),
                version.flag("everyone"),
                version.strings("groups").stream().map(VectorRules::group).collect(Collectors.toSet()),
                students(version.strings("students")),
                students(version.strings("except")));
        assertThat(version.unread()).as("unread fields of a version").isEmpty();
        return targets;
    }

    private static String described(Outcome outcome) {
        if (outcome instanceof Outcome.Gets gets) {
            return "{\"version\":\"v" + gets.version().value() + "\"}";
        }
        if (outcome instanceof Outcome.Conflict conflict) {
            return conflict.claims().stream()
                    .map(claim -> "\"v" + claim.version().value() + "\"")
                    .collect(Collectors.joining(",", "{\"conflict\":[", "]}"));
        }
        return "{\"notCovered\":true}";
    }

    private static void teachingDays(Fields given, Fields expect) {
        SchoolCalendar calendar = calendar(given);
        List<Optional<String>> dates = given.objects("asks").stream()
                .map(ask -> calendar.plusTeachingDays(
                        LocalDate.parse(ask.get("from").asString()), ask.number("days")))
                .map(date -> date.map(LocalDate::toString))
                .toList();
        assertThat(dates)
                .isEqualTo(expect.get("dates")
                        .valueStream()
                        .map(date -> date.isNull() ? Optional.<String>empty() : Optional.of(date.asString()))
                        .toList());
    }

    private static void extraDays(Fields given, Fields expect) {
        Instant due = calendar(given)
                .plusExtraDays(
                        Instant.parse(given.get("due").asString()),
                        given.number("extraDays"),
                        ZoneId.of(given.get("zone").asString()))
                .moment();
        assertThat(due).isEqualTo(Instant.parse(expect.get("due").asString()));
    }

    static SchoolCalendar calendar(Fields given) {
        List<Term> terms = given.objects("terms").stream()
                .map(term -> new Term(
                        LocalDate.parse(term.get("from").asString()),
                        LocalDate.parse(term.get("to").asString())))
                .toList();
        Set<DayOfWeek> weekdays = given.get("weekdays")
                .valueStream()
                .map(day -> DayOfWeek.of(day.asInt()))
                .collect(Collectors.toSet());
        Set<LocalDate> closed =
                given.strings("closed").stream().map(LocalDate::parse).collect(Collectors.toSet());
        return new SchoolCalendar(terms, weekdays, closed);
    }

    private static OptionalInt optionalInt(JsonNode node) {
        return node.isNull() ? OptionalInt.empty() : OptionalInt.of(node.asInt());
    }

    static void assertClose(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, within(1e-6 * Math.max(1e-3, Math.abs(expected))));
    }

    private static StudentId student(String name) {
        return new StudentId(numberIn(name));
    }

    private static Set<StudentId> students(List<String> names) {
        return names.stream().map(VectorRules::student).collect(Collectors.toSet());
    }

    private static GroupId group(String name) {
        return new GroupId(numberIn(name));
    }

    private static VersionId version(String name) {
        return new VersionId(numberIn(name));
    }

    /** "s001" is 1: the vectors name things by a letter and a number. */
    private static long numberIn(String name) {
        return Long.parseLong(name.substring(1));
    }
}
