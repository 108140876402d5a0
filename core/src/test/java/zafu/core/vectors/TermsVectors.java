package zafu.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import zafu.core.schedule.Adjustment;
import zafu.core.schedule.EasedTerms;
import zafu.core.schedule.OwnTerms;
import zafu.core.schedule.SchoolCalendar;
import zafu.core.schedule.Setting;
import zafu.core.schedule.Terms;
import zafu.core.schedule.TimeLimit.TimeNeeds;

/** The vectors of rule 3, terms: base, version, adjustments, and a factor of extended time on top. */
final class TermsVectors {
    private static final SchoolCalendar NO_EXTRA_DAYS =
            new SchoolCalendar(List.of(), EnumSet.noneOf(java.time.DayOfWeek.class), Set.of());

    private TermsVectors() {}

    static void terms(Fields given, Fields expect) {
        Terms base = new Terms(OptionalInt.empty(), false, Optional.empty(), Optional.empty(), Optional.empty(), 1)
                .replacedBy(own(given.entries("base")), false);
        List<Adjustment> adjustments = given.objects("adjustments").stream()
                .map(each -> new Adjustment(each.flag("forOneStudent"), own(each.entries("sets"))))
                .toList();
        BigDecimal factor = new BigDecimal(given.get("factor").asString());
        EasedTerms eased = base.replacedBy(own(given.entries("version")), false).easedBy(adjustments);
        Terms.ForStudent onTop =
                eased.forStudent(new TimeNeeds(false, List.of(factor)), 0, NO_EXTRA_DAYS, ZoneOffset.UTC);
        JsonNode limit = expect.get("timeLimit");
        assertThat(onTop.time().minutes())
                .isEqualTo(limit.isNull() ? OptionalInt.empty() : OptionalInt.of(limit.asInt()));
        assertThat(eased.terms().opens()).isEqualTo(moment(expect.get("opens")));
        assertThat(eased.terms().due()).isEqualTo(moment(expect.get("due")));
        assertThat(eased.terms().closes()).isEqualTo(moment(expect.get("closes")));
        assertThat(eased.terms().tries()).isEqualTo(expect.number("tries"));
    }

    static void extraDaysAtTheEnd(Fields given, Fields expect) {
        Terms terms = new Terms(
                OptionalInt.empty(), false, Optional.empty(), moment(given.get("due")), moment(given.get("closes")), 1);
        Terms.ForStudent moved = terms.easedBy(List.of())
                .forStudent(
                        new TimeNeeds(false, List.of()),
                        given.number("extraDays"),
                        VectorRules.calendar(given),
                        ZoneId.of(given.get("zone").asString()));
        assertThat(moved.due()).isEqualTo(moment(expect.get("due")));
        assertThat(moved.closes()).isEqualTo(moment(expect.get("closes")));
        assertThat(moved.extraDays()).isEqualTo(expect.number("extraDaysGiven"));
    }

    /** A field that is not there says nothing; one that is null says that there is none. */
    private static OwnTerms own(List<Map.Entry<String, JsonNode>> fields) {
        OwnTerms own = OwnTerms.NOTHING;
        for (Map.Entry<String, JsonNode> field : fields) {
            JsonNode value = field.getValue();
            own = switch (field.getKey()) {
                case "timeLimit" ->
                    new OwnTerms(setting(value, JsonNode::asInt), own.opens(), own.due(), own.closes(), own.tries());
                case "opens" ->
                    new OwnTerms(
                            own.minutes(), setting(value, TermsVectors::instant), own.due(), own.closes(), own.tries());
                case "due" ->
                    new OwnTerms(
                            own.minutes(),
                            own.opens(),
                            setting(value, TermsVectors::instant),
                            own.closes(),
                            own.tries());
                case "closes" ->
                    new OwnTerms(
                            own.minutes(), own.opens(), own.due(), setting(value, TermsVectors::instant), own.tries());
                case "tries" ->
                    new OwnTerms(own.minutes(), own.opens(), own.due(), own.closes(), OptionalInt.of(value.asInt()));
                default -> throw new AssertionError("terms have no \"" + field.getKey() + "\"");
            };
        }
        return own;
    }

    private static <T> Setting<T> setting(JsonNode value, Function<JsonNode, T> read) {
        return value.isNull() ? Setting.none() : Setting.to(read.apply(value));
    }

    private static Optional<Instant> moment(JsonNode value) {
        return value.isNull() ? Optional.empty() : Optional.of(instant(value));
    }

    private static Instant instant(JsonNode value) {
        String text = value.asString();
        return text.endsWith("Z")
                ? Instant.parse(text)
                : LocalDateTime.parse(text).toInstant(ZoneOffset.UTC);
    }
}
