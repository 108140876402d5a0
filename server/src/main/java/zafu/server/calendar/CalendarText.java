package zafu.server.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RefreshInterval;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Writes entries as an iCalendar file (RFC 5545). All moments are in UTC, so that no clock change can shift them. */
final class CalendarText {
    private static final Duration ASK_AGAIN = Duration.ofHours(1);

    private CalendarText() {}

    static String of(String name, List<Entry> entries, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Zafu//Plan//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(ImmutableMethod.PUBLISH);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        calendar.add(new RefreshInterval(null, ASK_AGAIN));
        entries.forEach(entry -> calendar.add(event(entry, now)));
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, text);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return FoldedLines.of(text.toString());
    }

    private static VEvent event(Entry entry, Instant now) {
        VEvent event = new VEvent(false);
        event.add(new Uid(entry.key() + "@zafu"));
        event.add(new DtStamp(now));
        event.add(new DtStart<>(entry.begins()));
        if (entry.ends() != null) {
            event.add(new DtEnd<>(entry.ends()));
        }
        event.add(new Summary(entry.title()));
        if (!entry.about().isEmpty()) {
            event.add(new Description(entry.about()));
        }
        return event;
    }
}
