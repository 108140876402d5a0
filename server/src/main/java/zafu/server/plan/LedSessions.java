package zafu.server.plan;

import static zafu.server.platform.Words.inWords;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.GroupId;
import zafu.core.schedule.SchoolCalendar;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.plan.PlanApi.SessionEdit;
import zafu.server.plan.PlanApi.SessionShown;
import zafu.server.plan.PlanApi.ShiftedSession;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.LedMinutes;
import zafu.server.task.TaskChanged;

/** Teacher-led sessions of a class. */
@Service
public class LedSessions implements LedMinutes {
    private final LedSessionRepository sessions;
    private final Arrangements arrangements;
    private final AdultAccounts adults;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final SchoolSettings school;
    private final ApplicationEventPublisher events;

    LedSessions(
            LedSessionRepository sessions,
            Arrangements arrangements,
            AdultAccounts adults,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            SchoolSettings school,
            ApplicationEventPublisher events) {
        this.sessions = sessions;
        this.arrangements = arrangements;
        this.adults = adults;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.school = school;
        this.events = events;
    }

    @Override
    public List<Led> between(long classId, LocalDate from, LocalDate to) {
        return rows(classId, from, to).stream()
                .map(each -> new Led(
                        LocalDate.ofInstant(each.beginsAt, school.zone()),
                        each.minutes,
                        each.groups.stream().map(GroupId::new).collect(Collectors.toSet())))
                .toList();
    }

    private List<LedSession> rows(long classId, LocalDate from, LocalDate to) {
        return sessions.findByClassIdAndRemovedFalseAndBeginsAtBetweenOrderByBeginsAtAscIdAsc(
                classId,
                from.atStartOfDay(school.zone()).toInstant(),
                to.plusDays(1).atStartOfDay(school.zone()).toInstant());
    }

    /**
     * A session for the other features.
     *
     * @param groups empty for the whole class
     */
    public record Session(
            long id, long classId, Instant begins, int minutes, long adultId, String title, Set<Long> groups) {}

    /** From a moment on, in the order in which they begin. */
    public List<Session> ofClass(long classId, Instant from) {
        return sessions.findByClassIdAndRemovedFalseAndBeginsAtAfterOrderByBeginsAt(classId, from).stream()
                .map(LedSessions::session)
                .toList();
    }

    private static Session session(LedSession row) {
        return new Session(
                row.id, row.classId, row.beginsAt, row.minutes, row.adultId, row.title, Set.copyOf(row.groups));
    }

    /** Those of a stretch of days, with what they clash with. */
    List<SessionShown> shown(long classId, LocalDate from, LocalDate to) {
        List<LedSession> rows = rows(classId, from, to);
        Map<Long, String> names = adults.displayNames(
                rows.stream().map(row -> row.adultId).distinct().toList());
        return rows.stream().map(row -> shown(row, rows, names)).toList();
    }

    private SessionShown shown(LedSession row, List<LedSession> all, Map<Long, String> names) {
        List<String> clashes = new ArrayList<>();
        for (LedSession other : all) {
            boolean together = other.beginsAt.isBefore(row.endsAt()) && row.beginsAt.isBefore(other.endsAt());
            if (other != row && together && other.adultId == row.adultId) {
                clashes.add(
                        inWords("plan.is-at-the-table-with-others-then", "who", names.getOrDefault(row.adultId, "")));
            } else if (other != row && together && shareGroup(row, other)) {
                clashes.add(
                        inWords("plan.the-group-is-at-the-table-with", "who", names.getOrDefault(other.adultId, "")));
            }
        }
        return new SessionShown(
                row.id,
                row.version,
                school.local(row.beginsAt),
                row.minutes,
                row.adultId,
                names.getOrDefault(row.adultId, ""),
                row.adultId == current.adult().adultId(),
                row.title,
                row.itemId,
                List.copyOf(row.groups),
                clashes.stream().distinct().toList());
    }

    private static boolean shareGroup(LedSession one, LedSession other) {
        return one.groups.isEmpty()
                || other.groups.isEmpty()
                || one.groups.stream().anyMatch(other.groups::contains);
    }

    @Transactional
    SessionShown keep(long classId, @Nullable Long id, SessionEdit wanted) {
        permission.requireChange(classId);
        LedSession row = id == null ? new LedSession() : require(classId, id, wanted.version());
        requireKnown(classId, wanted);
        row.classId = classId;
        row.beginsAt = school.moment(wanted.begins());
        row.minutes = wanted.minutes();
        row.adultId = wanted.adultId() == null ? current.adult().adultId() : wanted.adultId();
        row.title = wanted.title().strip();
        row.itemId = wanted.itemId();
        row.groups.clear();
        row.groups.addAll(wanted.groups());
        LedSession kept = sessions.saveAndFlush(row);
        tell(kept, id == null ? "session.made" : "session.changed");
        LocalDate day = LocalDate.ofInstant(kept.beginsAt, school.zone());
        return shown(classId, day, day).stream()
                .filter(each -> each.id() == kept.id)
                .findFirst()
                .orElseThrow();
    }

    private void requireKnown(long classId, SessionEdit wanted) {
        Set<Long> groups = new TreeSet<>();
        arrangements.ofClass(classId).forEach(group -> groups.add(group.id().value()));
        if (!groups.containsAll(wanted.groups())) {
            throw Refusal.notFound("group");
        }
        boolean known = wanted.adultId() == null || permission.adultsOf(classId).containsKey(wanted.adultId());
        if (!known) {
            throw Refusal.unusableField(
                    "adult-not-in-class", "adultId", inWords("plan.whoever-leads-a-session-must-be-an"));
        }
    }

    @Transactional
    void remove(long sessionId, boolean removed) {
        LedSession row = sessions.findById(sessionId).orElseThrow(() -> Refusal.notFound("session"));
        permission.requireChange(row.classId);
        row.removed = removed;
        sessions.saveAndFlush(row);
        tell(row, removed ? "session.removed" : "session.brought-back");
    }

    @Transactional
    void move(long sessionId, LocalDateTime begins) {
        LedSession row = sessions.findById(sessionId).orElseThrow(() -> Refusal.notFound("session"));
        permission.requireChange(row.classId);
        row.beginsAt = school.moment(begins);
        sessions.saveAndFlush(row);
        tell(row, "session.changed");
    }

    /** Moves or copies the sessions of a week; returns those that are new, or those that moved. */
    List<ShiftedSession> shift(long classId, LocalDate begins, int weeks, boolean copy) {
        SchoolCalendar calendar = school.calendar();
        List<ShiftedSession> touched = new ArrayList<>();
        for (LedSession row : rows(classId, begins, begins.plusDays(6))) {
            LedSession target = copy ? copyOf(row) : row;
            LocalDateTime before = school.local(row.beginsAt);
            target.beginsAt = calendar.plusWeeks(row.beginsAt, weeks, school.zone());
            touched.add(new ShiftedSession(sessions.saveAndFlush(target).id, before));
            tell(target, copy ? "session.made" : "session.changed");
        }
        return touched;
    }

    private static LedSession copyOf(LedSession row) {
        LedSession copy = new LedSession();
        copy.classId = row.classId;
        copy.minutes = row.minutes;
        copy.adultId = row.adultId;
        copy.title = row.title;
        copy.itemId = row.itemId;
        copy.groups.addAll(row.groups);
        return copy;
    }

    private LedSession require(long classId, long id, long version) {
        LedSession row = sessions.findById(id)
                .filter(each -> each.classId == classId)
                .orElseThrow(() -> Refusal.notFound("session"));
        if (row.version != version) {
            throw new OptimisticLockingFailureException("session " + id);
        }
        return row;
    }

    private void tell(LedSession row, String deed) {
        Set<AuditSubject> groups = row.groups.stream().map(AuditSubject::group).collect(Collectors.toSet());
        audit.note(
                row.classId,
                deed,
                row.id,
                String.valueOf(school.local(row.beginsAt)).replace('T', ' '),
                groups);
        events.publishEvent(new TaskChanged(row.classId, 0));
    }
}
