package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.ClassRole;
import zafu.server.access.CurrentPerson;
import zafu.server.measure.Measures;
import zafu.server.need.Needs;
import zafu.server.platform.LongWork;
import zafu.server.platform.Refusal;
import zafu.server.platform.Words;
import zafu.server.roster.Roster;
import zafu.server.roster.RosterChanges;
import zafu.server.roster.SchoolSettings;
import zafu.server.roster.StudentFacts;
import zafu.server.skill.Skills;

/** Remembers what each import changed, and takes an import back as one step. */
@Service
public class ImportLog {
    private static final JsonMapper JSON = new JsonMapper();
    private final ImportRunRepository runs;
    private static final int PORTION = 500;
    private final ImportChangeRepository changes;
    private final RosterChanges roster;
    private final Roster classes;
    private final Measures measures;
    private final Skills skills;
    private final Needs needs;
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AdultAccounts adults;
    private final LongWork waitedFor;
    private final AuditTrail audit;
    private final Clock clock;

    ImportLog(
            ImportRunRepository runs,
            ImportChangeRepository changes,
            RosterChanges roster,
            Roster classes,
            Measures measures,
            Skills skills,
            Needs needs,
            SchoolSettings school,
            ClassPermission permission,
            CurrentPerson current,
            AdultAccounts adults,
            LongWork waitedFor,
            AuditTrail audit,
            Clock clock) {
        this.runs = runs;
        this.changes = changes;
        this.roster = roster;
        this.classes = classes;
        this.measures = measures;
        this.skills = skills;
        this.needs = needs;
        this.school = school;
        this.permission = permission;
        this.current = current;
        this.adults = adults;
        this.waitedFor = waitedFor;
        this.audit = audit;
        this.clock = clock;
    }

    /** An import as it is listed. */
    public record ImportShown(
            long id, ImportKind kind, String fileName, Instant takenAt, String by, String summary, boolean undone) {}

    /** Begins an import and returns its id. */
    public long begin(ImportKind kind, @Nullable Long classId, String fileName) {
        ImportRun run = new ImportRun();
        run.kind = kind;
        run.classId = classId;
        run.fileName = fileName.length() > 200 ? fileName.substring(0, 200) : fileName;
        run.takenAt = clock.instant();
        run.adultId = current.anyAdultId().orElse(null);
        return runs.save(run).id;
    }

    public void finish(long runId, @Nullable Long classId, String summary) {
        runs.findById(runId).ifPresent(run -> {
            run.summary = summary;
            run.classId = classId;
            runs.save(run);
        });
    }

    public void note(long runId, Changed what, long subjectId) {
        note(runId, what, subjectId, null, null);
    }

    public void note(long runId, Changed what, long subjectId, @Nullable Long otherId, @Nullable Object before) {
        ImportChange change = new ImportChange();
        change.runId = runId;
        change.what = what;
        change.subjectId = subjectId;
        change.otherId = otherId;
        change.stateBefore = before == null ? null : JSON.writeValueAsString(before);
        changes.save(change);
    }

    @Transactional(readOnly = true)
    public List<ImportShown> ofClass(long classId) {
        permission.requireSee(classId);
        return shown(runs.findTop20ByClassIdOrderByIdDesc(classId));
    }

    @Transactional(readOnly = true)
    public List<ImportShown> ofSchool() {
        permission.requireAdministrator();
        return shown(runs.findTop20ByClassIdIsNullOrderByIdDesc());
    }

    private List<ImportShown> shown(List<ImportRun> found) {
        var names = adults.displayNames(
                found.stream().map(run -> run.adultId).filter(Objects::nonNull).toList());
        return found.stream()
                .map(run -> new ImportShown(
                        run.id,
                        run.kind,
                        run.fileName,
                        run.takenAt,
                        run.adultId == null ? "" : names.getOrDefault(run.adultId, ""),
                        Words.heard(run.summary),
                        run.undoneAt != null))
                .toList();
    }

    /** Takes a whole import back. One that a later import of the class stands on has to wait for that one. */
    @Transactional
    public void undo(long runId) {
        ImportRun run = runs.findById(runId).orElseThrow(() -> Refusal.notFound("import"));
        if (run.classId == null) {
            permission.requireAdministrator();
        } else {
            permission.requireChange(run.classId);
        }
        if (run.undoneAt != null) {
            throw Refusal.conflict("undone-already", inWords("exchange.this-import-was-already-undone"));
        }
        if (run.classId != null && runs.existsByIdGreaterThanAndUndoneAtIsNullAndClassId(runId, run.classId)) {
            throw Refusal.conflict("later-import", inWords("exchange.a-later-import-into-this-class"));
        }
        long by = current.adult().adultId();
        measures.removeRun(runId, by);
        skills.removeRun(runId);
        takeBackAll(runId, by);
        ImportRun undone = runs.findById(runId).orElseThrow();
        undone.undoneAt = clock.instant();
        undone.undoneBy = by;
        runs.save(undone);
        audit.note(run.classId, "import.undone", runId, run.fileName);
    }

    /** Newest first. What was loaded is forgotten now and then: each step would otherwise look through all before it. */
    private void takeBackAll(long runId, long by) {
        List<ImportChange> all = changes.findByRunIdOrderByIdDesc(runId);
        Set<Long> made = all.stream()
                .filter(change -> change.what == Changed.STUDENT_MADE)
                .map(change -> change.subjectId)
                .collect(Collectors.toSet());
        roster.breathe();
        waitedFor.expect(all.size());
        int done = 0;
        for (ImportChange change : all) {
            // A student made by this import keeps the class in which they can be found among the archived.
            if (change.what != Changed.ENROLLED || !made.contains(change.subjectId)) {
                takeBack(change, by);
            }
            waitedFor.step();
            if (++done % PORTION == 0) {
                roster.breathe();
            }
        }
        roster.breathe();
    }

    private void takeBack(ImportChange change, long by) {
        long subject = change.subjectId;
        switch (change.what) {
            case STUDENT_MADE -> roster.archive(subject, true);
            case STUDENT_CHANGED ->
                roster.set(
                        subject,
                        before(change, StudentState.class).facts(),
                        before(change, StudentState.class).tags());
            case STUDENT_ARCHIVED -> roster.archive(subject, false);
            case STUDENT_BROUGHT_BACK -> roster.archive(subject, true);
            case ENROLLED -> classes.takeOut(other(change), subject, school.today());
            case TAKEN_OUT -> classes.addToClass(other(change), subject, school.today());
            case CLASS_MADE -> roster.archiveClass(subject, true);
            case CLASS_BROUGHT_BACK -> roster.archiveClass(subject, true);
            case CLASS_RENAMED -> roster.renameClass(subject, before(change, String.class));
            case MEASURE_MADE -> measures.archive(subject, true);
            case SKILL_MADE -> skills.putAway(subject);
            case TERM_MADE -> school.removeTerm(subject);
            case ADULT_MADE -> adults.removeUnused(subject);
            case NEED_GRANTED -> needs.end(subject, true, by);
            case NEED_ENDED -> needs.end(subject, false, by);
            case ROLE_GIVEN -> permission.withdraw(other(change), subject);
            case ROLE_TAKEN -> takeRoleBack(change);
        }
    }

    private void takeRoleBack(ImportChange change) {
        RoleState before = before(change, RoleState.class);
        permission.grant(other(change), change.subjectId, before.role(), before.sourceId());
    }

    /** A role as a list had given it. */
    public record RoleState(ClassRole role, String sourceId) {}

    /** A student's facts and tags as they were. */
    public record StudentState(StudentFacts facts, List<String> tags) {}

    private static <T> T before(ImportChange change, Class<T> type) {
        return JSON.readValue(change.stateBefore, type);
    }

    private static long other(ImportChange change) {
        return Objects.requireNonNull(change.otherId, "change " + change.id + " names no class");
    }
}
