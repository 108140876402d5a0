package zafu.server.need;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import zafu.core.need.Accommodation;
import zafu.core.need.Support;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.roster.Roster;

/** What students are granted, for the other features. Permission is theirs to check. */
@Service
public class Needs {
    private final AccommodationRepository accommodations;
    private final Roster roster;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    Needs(
            AccommodationRepository accommodations,
            Roster roster,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.accommodations = accommodations;
        this.roster = roster;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
    }

    /** The ids of all that was ever granted to a student. */
    public List<Long> idsOf(long studentId) {
        return accommodations.findByStudentIdOrderById(studentId).stream()
                .map(each -> each.id)
                .toList();
    }

    /** A discreet mark in a table: what, how much, which. */
    public record NeedMark(Support support, @Nullable BigDecimal amount, String detail) {}

    /** An accommodation, who says so, and the id by which another system knows it. */
    public record Granted(long id, Accommodation accommodation, String source, @Nullable String sourceId) {}

    /** All that was granted and not ended, in one read; students without any are not keys. */
    public Map<StudentId, List<Accommodation>> granted(Collection<StudentId> to) {
        Map<StudentId, List<Accommodation>> found = new LinkedHashMap<>();
        grantedWithSource(to.stream().map(StudentId::value).toList())
                .forEach((student, list) -> found.put(
                        new StudentId(student),
                        list.stream().map(Granted::accommodation).toList()));
        return found;
    }

    public Map<Long, List<Granted>> grantedWithSource(Collection<Long> to) {
        Map<Long, List<Granted>> found = new LinkedHashMap<>();
        accommodations.granted(to.toArray(Long[]::new)).forEach(row -> found.computeIfAbsent(
                        row.studentId, id -> new ArrayList<>())
                .add(new Granted(row.id, row.asGranted(), row.source, row.sourceId)));
        return found;
    }

    /** The marks of what is in force on a day. */
    public static List<NeedMark> marks(Collection<Accommodation> granted, LocalDate day) {
        return granted.stream()
                .filter(each -> each.isInForceOn(day))
                .map(each -> new NeedMark(each.support(), each.amount().orElse(null), each.detail()))
                .distinct()
                .toList();
    }

    /** Grants something that has no fault, and returns its id. */
    public long grant(long studentId, Accommodation wanted, Origin origin) {
        AccommodationRow row = new AccommodationRow();
        row.studentId = studentId;
        row.set(wanted);
        row.planId = origin.planId();
        row.source = origin.source();
        row.sourceId = origin.sourceId();
        row.setAt = clock.instant();
        row.setBy = origin.by();
        long id = accommodations.save(row).id;
        audit.note(null, "need.granted", studentId, wanted.toString());
        tell(studentId);
        return id;
    }

    /** Where an accommodation comes from. */
    public record Origin(@Nullable Long planId, String source, @Nullable String sourceId, @Nullable Long by) {}

    /** Ends an accommodation now, or lets one hold again that was ended. */
    public void end(long accommodationId, boolean ended, @Nullable Long by) {
        accommodations.findById(accommodationId).ifPresent(row -> {
            row.endedAt = ended ? clock.instant() : null;
            row.endedBy = ended ? by : null;
            accommodations.save(row);
            audit.note(
                    null,
                    ended ? "need.ended" : "need.granted-again",
                    row.studentId,
                    row.asGranted().toString());
            tell(row.studentId);
        });
    }

    void tell(long studentId) {
        roster.classesOf(studentId).forEach(classId -> events.publishEvent(new NeedsChanged(classId, studentId)));
    }
}
