package zafu.server.platform;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The one clock of the application. {@code zafu.now} stops it at a moment, for screenshots and tests;
 * {@code zafu.starts-at} lets it run from a moment, for the demo, which goes on where it was left. Moments without
 * an offset are read in {@code zafu.zone}.
 */
@Configuration
class ClockConfiguration {
    @Bean
    @ConditionalOnMissingBean
    Clock clock(
            @Value("${zafu.now:}") String now,
            @Value("${zafu.starts-at:}") String startsAt,
            @Value("${zafu.zone:UTC}") String zone,
            @Value("${zafu.data:./data/school}") String data) {
        if (!now.isEmpty()) {
            return TravellingClock.standingAt(moment(now, zone));
        }
        if (!startsAt.isEmpty()) {
            return TravellingClock.runningFrom(moment(startsAt, zone), Path.of(data, "clock"));
        }
        return new LookedAt.RealClock();
    }

    private static Instant moment(String text, String zone) {
        return text.endsWith("Z")
                ? Instant.parse(text)
                : LocalDateTime.parse(text).atZone(ZoneId.of(zone)).toInstant();
    }
}
