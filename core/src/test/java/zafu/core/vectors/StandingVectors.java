package zafu.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import zafu.core.work.AttemptAtWork;
import zafu.core.work.CountingTry;
import zafu.core.work.WorkSoFar;
import zafu.core.work.WorkStanding;

/** How the rule about where work stands is asked for. */
final class StandingVectors {
    private StandingVectors() {}

    private record Attempt(Instant beganAt, Optional<Instant> endedAt, Optional<Double> earned, double possible)
            implements AttemptAtWork {
        @Override
        public OptionalDouble markedShare() {
            return earned.map(points -> OptionalDouble.of(points / possible)).orElseGet(OptionalDouble::empty);
        }
    }

    static void standing(Fields given, Fields expect) {
        List<Attempt> attempts = given.objects("tries").stream()
                .map(each -> new Attempt(
                        moment(each.get("startedAt")).orElseThrow(),
                        moment(each.get("handedIn")),
                        number(each.get("earned")),
                        number(each.get("possible")).orElseThrow()))
                .toList();
        WorkSoFar<Attempt> work = new WorkSoFar<>(
                !given.get("version").isNull(),
                moment(given.get("opens")),
                moment(given.get("due")),
                moment(given.get("closes")),
                given.flag("excused"),
                attempts,
                given.number("triesAsked"),
                CountingTry.valueOf(given.get("counting").asString().toUpperCase(Locale.ROOT)),
                given.flag("missingIsZero"));
        WorkStanding<Attempt> found = work.at(moment(given.get("now")).orElseThrow());
        assertThat(found.where().name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .isEqualTo(expect.get("standing").asString());
        assertThat(found.late()).isEqualTo(expect.flag("late"));
        assertThat(found.inMark().name().toLowerCase(Locale.ROOT))
                .isEqualTo(expect.get("counts").asString());
        assertThat(found.result().flatMap(Attempt::earned)).isEqualTo(number(expect.get("earned")));
        assertThat(found.result().map(Attempt::possible)).isEqualTo(number(expect.get("possible")));
    }

    private static Optional<Instant> moment(JsonNode text) {
        return text.isNull()
                ? Optional.empty()
                : Optional.of(LocalDateTime.parse(text.asString()).toInstant(ZoneOffset.UTC));
    }

    private static Optional<Double> number(JsonNode value) {
        return value.isNull() ? Optional.empty() : Optional.of(value.asDouble());
    }
}
