package zafu.server.history;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.exchange.OutTable;
import zafu.server.history.HistoryApi.TrailLine;
import zafu.server.history.HistoryApi.TrailPage;
import zafu.server.history.HistoryApi.TrailSubject;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/**
 * Reads the trail for who may: teachers of a class what was done in it, administrators what was done to the school. A
 * teacher who reads about one student sees what was done in all classes of theirs, and nothing of others.
 */
@Service
class History {
    private static final int PAGE = 100;
    /** A table that goes out is read in steps of this many lines. */
    private static final int STEP = 1000;

    private final AuditTrail trail;
    private final SubjectNames names;
    private final ClassPermission permission;
    private final Roster roster;
    private final SchoolSettings school;

    History(AuditTrail trail, SubjectNames names, ClassPermission permission, Roster roster, SchoolSettings school) {
        this.trail = trail;
        this.names = names;
        this.permission = permission;
        this.roster = roster;
        this.school = school;
    }

    /** Reads some lines that are older than one, as many as are wanted. */
    private interface Reading {
        List<AuditTrail.Line> before(long line, int most);
    }

    @Transactional(readOnly = true)
    TrailPage ofClass(long classId, @Nullable AuditSubject subject, @Nullable Long before) {
        return page(inClass(classId, subject), before);
    }

    /** Leaves a line that it went out. */
    @Transactional
    byte[] tableOfClass(long classId, @Nullable AuditSubject subject) {
        byte[] table = table(inClass(classId, subject));
        trail.note(classId, "history.given-out", classId, "");
        return table;
    }

    @Transactional(readOnly = true)
    TrailPage ofSchool(@Nullable Long before) {
        permission.requireAdministrator();
        return page(trail::ofSchool, before);
    }

    @Transactional
    byte[] tableOfSchool() {
        permission.requireAdministrator();
        byte[] table = table(trail::ofSchool);
        trail.note(null, "history.given-out", null, "");
        return table;
    }

    private Reading inClass(long classId, @Nullable AuditSubject subject) {
        permission.requireChange(classId);
        Collection<Long> students =
                roster.studentsOf(classId).stream().map(Roster.StudentName::id).toList();
        if (subject == null) {
            return (before, most) -> trail.ofClass(classId, students, before, most);
        }
        boolean student = subject.kind() == AuditSubject.Kind.STUDENT;
        // Lines in no class are read for one's own students only.
        if (student && !students.contains(subject.id())) {
            return (before, most) -> List.of();
        }
        List<Long> classes = student ? permission.changeable() : List.of(classId);
        return (before, most) -> trail.about(subject, classes, before, most);
    }

    private TrailPage page(Reading reading, @Nullable Long before) {
        List<AuditTrail.Line> found = reading.before(before == null ? Long.MAX_VALUE : before, PAGE + 1);
        List<AuditTrail.Line> lines = found.subList(0, Math.min(PAGE, found.size()));
        return new TrailPage(readable(lines), found.size() > PAGE);
    }

    private byte[] table(Reading reading) {
        List<List<@Nullable Object>> rows = new ArrayList<>();
        long before = Long.MAX_VALUE;
        List<AuditTrail.Line> lines;
        do {
            lines = reading.before(before, STEP);
            readable(lines).forEach(line -> rows.add(row(line)));
            before = lines.isEmpty() ? before : lines.get(lines.size() - 1).id();
        } while (lines.size() == STEP);
        return new OutTable(
                        inWords("history.title"),
                        List.of(
                                inWords("history.when"),
                                inWords("history.who"),
                                inWords("history.what-was-done"),
                                inWords("history.class"),
                                inWords("history.to-whom-or-what"),
                                inWords("history.details")),
                        rows)
                .asCsv();
    }

    private List<@Nullable Object> row(TrailLine line) {
        String about =
                String.join("; ", line.about().stream().map(TrailSubject::name).toList());
        return List.of(
                school.local(line.at()).toString(), line.who(), line.deed(), line.inClass(), about, line.facts());
    }

    private List<TrailLine> readable(List<AuditTrail.Line> lines) {
        SubjectNames.Found found = names.of(lines);
        return lines.stream()
                .map(line -> new TrailLine(
                        line.id(),
                        line.at(),
                        found.who(line),
                        DeedWords.of(line.what()),
                        found.inClass(line),
                        found.about(line),
                        found.isNamed(line) ? "" : DeedWords.facts(line.facts())))
                .toList();
    }
}
