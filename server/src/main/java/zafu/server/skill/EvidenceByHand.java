package zafu.server.skill;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;
import zafu.server.skill.SkillApi.EvidenceShown;
import zafu.server.skill.SkillApi.NewEvidence;

/** What a teacher saw at the table: noted, taken back, and put back again. */
@Service
class EvidenceByHand {
    private final SkillEvidenceRepository evidence;
    private final Skills skills;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final SchoolSettings school;
    private final Clock clock;

    EvidenceByHand(
            SkillEvidenceRepository evidence,
            Skills skills,
            CurrentPerson current,
            AuditTrail audit,
            SchoolSettings school,
            Clock clock) {
        this.evidence = evidence;
        this.skills = skills;
        this.current = current;
        this.audit = audit;
        this.school = school;
        this.clock = clock;
    }

    /** Oldest first. */
    @Transactional(readOnly = true)
    List<EvidenceShown> of(long studentId, long skillId) {
        return evidence.findByStudentIdAndSkillIdAndRemovedAtIsNullOrderByTakenOnAscIdAsc(studentId, skillId).stream()
                .map(each -> new EvidenceShown(
                        each.id,
                        each.takenOn,
                        each.fraction,
                        each.source.name(),
                        each.note,
                        each.source == SkillEvidence.Source.HAND))
                .toList();
    }

    @Transactional
    long note(long studentId, NewEvidence wanted) {
        if (skills.classesOf(List.of(wanted.skillId())).isEmpty()) {
            throw Refusal.notFound("skill");
        }
        if (wanted.takenOn().isAfter(school.today())) {
            throw Refusal.unusableField("not-yet", "takenOn", inWords("skill.what-was-seen-cannot-lie-in-the"));
        }
        SkillEvidence row = new SkillEvidence();
        row.skillId = wanted.skillId();
        row.studentId = studentId;
        row.takenOn = wanted.takenOn();
        row.fraction = wanted.fraction();
        row.note = wanted.note().strip();
        row.source = SkillEvidence.Source.HAND;
        row.enteredBy = current.adult().adultId();
        row.enteredAt = clock.instant();
        long id = evidence.save(row).id;
        audit.note(null, "skill.evidence-noted", studentId, wanted.skillId() + ": " + wanted.fraction());
        return id;
    }

    @Transactional
    void remove(long studentId, long evidenceId) {
        ownByHand(studentId, evidenceId).removedAt = clock.instant();
        audit.note(null, "skill.evidence-removed", studentId, String.valueOf(evidenceId));
    }

    @Transactional
    void restore(long studentId, long evidenceId) {
        ownByHand(studentId, evidenceId).removedAt = null;
        audit.note(null, "skill.evidence-restored", studentId, String.valueOf(evidenceId));
    }

    private SkillEvidence ownByHand(long studentId, long evidenceId) {
        return evidence.findById(evidenceId)
                .filter(each -> each.studentId == studentId && each.source == SkillEvidence.Source.HAND)
                .orElseThrow(() -> Refusal.notFound("note"));
    }
}
