package zafu.server.need;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.need.Accommodation;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.roster.StudentAccess;
import zafu.server.roster.StudentPart;

/** Reads and changes what one student needs. */
@Service
class NeedService implements StudentPart {
    private final StudentAccess access;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final Roster roster;
    private final Needs needs;
    private final NeedPlanRepository plans;
    private final AccommodationRepository accommodations;
    private final SchoolSettings school;
    private final AuditTrail audit;

    NeedService(
            StudentAccess access,
            ClassPermission permission,
            CurrentPerson current,
            Roster roster,
            Needs needs,
            NeedPlanRepository plans,
            AccommodationRepository accommodations,
            SchoolSettings school,
            AuditTrail audit) {
        this.access = access;
        this.permission = permission;
        this.current = current;
        this.roster = roster;
        this.needs = needs;
        this.plans = plans;
        this.accommodations = accommodations;
        this.school = school;
        this.audit = audit;
    }

    @Transactional
    NeedApi.NeedSheet look(long studentId) {
        access.requireSeeNeeds(studentId);
        audit.noteLook("needs.seen", studentId);
        LocalDate today = school.today();
        return new NeedApi.NeedSheet(
                plans.findByStudentIdOrderById(studentId).stream()
                        .map(plan -> new NeedApi.PlanShown(plan.id, plan.kind, plan.source, plan.fromOn, plan.toOn))
                        .toList(),
                accommodations.granted(new Long[] {studentId}).stream()
                        .map(row -> shown(row, today))
                        .toList(),
                permission.adultsWhoSeeNeeds(studentId, roster.classesOf(studentId)));
    }

    private static NeedApi.AccommodationShown shown(AccommodationRow row, LocalDate today) {
        Accommodation granted = row.asGranted();
        return new NeedApi.AccommodationShown(
                row.id,
                granted.support(),
                granted.amount().orElse(null),
                granted.detail(),
                new TreeSet<>(granted.works()),
                new TreeSet<>(granted.subjects()),
                row.fromOn,
                row.toOn,
                row.source,
                row.planId,
                granted.isInForceOn(today));
    }

    @Transactional
    long addPlan(long studentId, NeedApi.NewPlan wanted) {
        requireChange(studentId);
        if (wanted.from() != null && wanted.to() != null && wanted.to().isBefore(wanted.from())) {
            throw Refusal.unusableField(
                    "ends-early",
                    "to",
                    inWords("need.the-plan-ends-on-before-it-begins", "to", wanted.to(), "from", wanted.from()));
        }
        NeedPlan plan = new NeedPlan();
        plan.studentId = studentId;
        plan.kind = wanted.kind().strip();
        plan.source = wanted.source().strip();
        plan.fromOn = wanted.from();
        plan.toOn = wanted.to();
        long id = plans.save(plan).id;
        audit.note(null, "need.plan-added", studentId, wanted.toString());
        return id;
    }

    @Transactional
    long grant(long studentId, NeedApi.NewAccommodation wanted) {
        requireChange(studentId);
        if (wanted.planId() != null
                && plans.findById(wanted.planId())
                        .filter(plan -> plan.studentId == studentId)
                        .isEmpty()) {
            throw Refusal.notFound("plan");
        }
        Accommodation accommodation = new Accommodation(
                wanted.support(),
                Optional.ofNullable(wanted.amount()),
                wanted.detail().strip(),
                wanted.works(),
                wanted.subjects(),
                Optional.ofNullable(wanted.from()),
                Optional.ofNullable(wanted.to()));
        accommodation.fault().ifPresent(fault -> {
            throw Refusal.unusableField("need-cannot-be", FaultWords.fieldOf(fault), FaultWords.sentence(fault));
        });
        return needs.grant(
                studentId,
                accommodation,
                new Needs.Origin(
                        wanted.planId(),
                        wanted.source().strip(),
                        null,
                        current.adult().adultId()));
    }

    @Transactional
    List<NeedApi.GrantedNeed> grantToSeveral(NeedApi.GrantToSeveral wanted) {
        return wanted.students().stream()
                .distinct()
                .map(student -> new NeedApi.GrantedNeed(student, grant(student, wanted.granted())))
                .toList();
    }

    @Transactional
    void endSeveral(List<NeedApi.GrantedNeed> granted) {
        granted.forEach(each -> end(each.studentId(), each.id(), true));
    }

    @Transactional
    void end(long studentId, long accommodationId, boolean ended) {
        requireChange(studentId);
        accommodations
                .findById(accommodationId)
                .filter(row -> row.studentId == studentId)
                .orElseThrow(() -> Refusal.notFound("accommodation"));
        needs.end(accommodationId, ended, current.adult().adultId());
    }

    private void requireChange(long studentId) {
        access.requireChange(studentId);
        access.requireSeeNeeds(studentId);
    }

    @Override
    public String name() {
        return "needs";
    }

    @Override
    public Object of(long studentId) {
        Set<Object> all = new LinkedHashSet<>();
        plans.findByStudentIdOrderById(studentId)
                .forEach(plan -> all.add(Map.of("plan", plan.kind, "source", plan.source)));
        accommodations
                .findByStudentIdOrderById(studentId)
                .forEach(row -> all.add(Map.of(
                        "granted",
                        row.asGranted(),
                        "source",
                        row.source,
                        "set",
                        row.setAt.toString(),
                        "ended",
                        String.valueOf(row.endedAt))));
        return all;
    }

    @Override
    public void erase(long studentId) {
        accommodations.deleteByStudentId(studentId);
        accommodations.flush();
        plans.deleteByStudentId(studentId);
    }
}
