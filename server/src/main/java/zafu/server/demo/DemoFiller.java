package zafu.server.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import zafu.core.measure.Better;
import zafu.core.measure.NumericScale;
import zafu.core.measure.Season;
import zafu.core.schedule.Term;
import zafu.server.access.AdultAccounts;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.BandCut;
import zafu.server.oneroster.SchoolSystemService;
import zafu.server.platform.TravellingClock;
import zafu.server.roster.SchoolSettings;
import zafu.server.standin.SchoolSystemStandIn;

/**
 * Fills an empty database with Quillmere Harbour School. What a teacher or a student can do is done through HTTP as
 * they would do it, at the made-up moment at which they did it; only what has no screen yet is put in directly.
 */
@Component
@ConditionalOnProperty("zafu.demo")
class DemoFiller {
    static final ZoneId ZONE = ZoneId.of("America/Halifax");
    static final String TEACHER = "ottoline";
    static final String PASSWORD = "salt-marsh-5";
    private static final Logger LOG = LoggerFactory.getLogger(DemoFiller.class);
    private final AdultAccounts adults;
    private final SchoolSystemService system;
    private final SchoolSystemStandIn standIn;
    private final SchoolSettings school;
    private final Measures measures;
    private final TransactionTemplate transaction;
    private final TravellingClock clock;
    private final Path folder;

    DemoFiller(
            AdultAccounts adults,
            SchoolSystemService system,
            SchoolSystemStandIn standIn,
            SchoolSettings school,
            Measures measures,
            TransactionTemplate transaction,
            Clock clock,
            @Value("${zafu.data:./data/school}") String folder) {
        this.adults = adults;
        this.system = system;
        this.standIn = standIn;
        this.school = school;
        this.measures = measures;
        this.transaction = transaction;
        this.clock = (TravellingClock) clock;
        this.folder = Path.of(folder);
    }

    @EventListener
    void fill(ApplicationReadyEvent ready) throws IOException {
        standIn.behave(SchoolSystemStandIn.Mood.FINE);
        transaction.executeWithoutResult(status -> system.pointAt(standIn.address(), SchoolSystemStandIn.TOKEN));
        if (adults.none() && ready.getApplicationContext() instanceof WebServerApplicationContext web) {
            Instant begin = clock.instant();
            long startedNanos = System.nanoTime();
            transaction.executeWithoutResult(status -> putInSchool());
            DemoWeek week = new DemoWeek(web.getWebServer().getPort(), clock);
            week.play();
            clock.set(begin);
            Files.createDirectories(folder);
            Files.writeString(folder.resolve("sign-in.txt"), week.signIns());
            LOG.info("demo filled in {} ms", (System.nanoTime() - startedNanos) / 1_000_000);
        }
        // From now on the school's system knows of changes, so that fetching them shows some.
        standIn.behave(SchoolSystemStandIn.Mood.CHANGED);
    }

    private void putInSchool() {
        school.create(
                "Quillmere Harbour School",
                ZONE,
                EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY),
                List.of(
                        term("Autumn", "2026-09-08", "2026-12-18"),
                        term("Winter", "2027-01-04", "2027-03-12"),
                        term("Spring", "2027-03-22", "2027-06-30")));
        school.close(LocalDate.parse("2027-02-15"), "Harbour day");
        adults.create(TEACHER, "Ottoline Farrow", PASSWORD, true);
        adults.create("wen", "Wen Castellane", PASSWORD, false);
        adults.create("idris", "Idris Bellweather", PASSWORD, false);
        long reading = measure("Tideline reading scale", "", 1200, 22);
        cuts(reading, Season.AUTUMN, 480, 640, 780);
        cuts(reading, Season.WINTER, 521, 682, 822);
        cuts(reading, Season.SPRING, 560, 720, 860);
        long words = measure("Words per minute", "words/min", 250, 6);
        cuts(words, Season.WINTER, 70, 95, 120);
        long ratio = measure("Ratio and scale", "points", 60, 3);
        cuts(ratio, Season.WINTER, 22, 34, 46);
    }

    private static SchoolSettings.NamedTerm term(String name, String from, String to) {
        return new SchoolSettings.NamedTerm(name, new Term(LocalDate.parse(from), LocalDate.parse(to)));
    }

    private long measure(String name, String unit, double highest, double standardError) {
        NumericScale scale = new NumericScale(0, highest, 0, Better.HIGHER, OptionalDouble.of(standardError));
        return measures.create(new Measures.NewMeasure(name, unit, scale, List.of(), 120, name, null));
    }

    private void cuts(long measure, Season season, double below, double at, double above) {
        measures.addCut(measure, 5, season, new BandCut(below, "below"));
        measures.addCut(measure, 5, season, new BandCut(at, "at benchmark"));
        measures.addCut(measure, 5, season, new BandCut(above, "above"));
    }

    static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(ZONE).toInstant();
    }
}
