package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.ClassRole;
import zafu.server.platform.Refusal;

/** Accounts and roles of adults. */
@Service
class AdultService {
    private final AdultAccounts adults;
    private final SchoolClassRepository classes;
    private final ClassPermission permission;
    private final ClassSharing sharing;
    private final AuditTrail audit;

    AdultService(
            AdultAccounts adults,
            SchoolClassRepository classes,
            ClassPermission permission,
            ClassSharing sharing,
            AuditTrail audit) {
        this.adults = adults;
        this.classes = classes;
        this.permission = permission;
        this.sharing = sharing;
        this.audit = audit;
    }

    @Transactional(readOnly = true)
    List<AdultApi.AdultShown> all() {
        permission.requireAdministrator();
        Map<Long, List<AdultApi.RoleShown>> roles = new LinkedHashMap<>();
        List<SchoolClass> all = classes.findAll(Sort.by("name", "id"));
        Map<Long, Map<Long, ClassRole>> byClass =
                permission.adultsOf(all.stream().map(each -> each.id).toList());
        for (SchoolClass each : all) {
            byClass.getOrDefault(each.id, Map.of())
                    .forEach((adult, role) -> roles.computeIfAbsent(adult, id -> new ArrayList<>())
                            .add(new AdultApi.RoleShown(each.id, each.name, role)));
        }
        return adults.all().stream()
                .map(each -> new AdultApi.AdultShown(
                        each.id(),
                        each.name(),
                        each.displayName(),
                        each.administrator(),
                        each.keepsShared(),
                        each.closed(),
                        each.hasPassword(),
                        each.mustChangePassword(),
                        roles.getOrDefault(each.id(), List.of())))
                .toList();
    }

    @Transactional
    long create(AdultApi.NewAdult wanted) {
        permission.requireAdministrator();
        String name = wanted.name().strip();
        if (adults.isTaken(name)) {
            throw Refusal.unusableField(
                    "name-taken", "name", inWords("roster.somebody-signs-in-with-already", "name", name));
        }
        long id = adults.create(name, wanted.displayName().strip(), wanted.password(), wanted.administrator());
        adults.resetPassword(id, wanted.password());
        audit.note(null, "adult.made", id, name);
        return id;
    }

    @Transactional
    void resetPassword(long adultId, String password) {
        permission.requireAdministrator();
        adults.resetPassword(adultId, password);
        audit.note(null, "password.reset", adultId, "");
    }

    @Transactional
    void setRights(long adultId, AdultApi.Rights rights) {
        permission.requireAdministrator();
        if (!rights.administrator()) {
            requireSomebodyElse(adultId);
        }
        adults.setRights(adultId, rights.administrator(), rights.keepsShared());
        String said = rights.administrator() ? "administrator" : rights.keepsShared() ? "keeper" : "teacher";
        audit.note(null, "adult.rights", adultId, said);
    }

    /** Closing is undone by opening again; roles in classes stay meanwhile. */
    @Transactional
    void setClosed(long adultId, boolean closed) {
        permission.requireAdministrator();
        requireSomebodyElse(adultId);
        adults.setClosed(adultId, closed);
        audit.note(null, closed ? "adult.closed" : "adult.opened", adultId, "");
    }

    /** So there is always one administrator left. */
    private void requireSomebodyElse(long adultId) {
        if (permission.isMe(adultId)) {
            throw Refusal.conflict("own-account", inWords("roster.only-another-administrator-can"));
        }
    }

    List<AdultApi.ClassName> classes() {
        permission.requireAdministrator();
        return classes.findAll(Sort.by("name", "id")).stream()
                .filter(each -> each.archivedAt == null)
                .map(each -> new AdultApi.ClassName(each.id, each.name))
                .toList();
    }

    List<AdultApi.Colleague> names() {
        permission.requireTeacher();
        return adults.all().stream()
                .filter(each -> !each.closed())
                .map(each -> new AdultApi.Colleague(each.id(), each.displayName()))
                .toList();
    }

    @Transactional(readOnly = true)
    List<AdultApi.AdultOfClass> ofClass(long classId) {
        permission.requireSee(classId);
        Map<Long, ClassRole> roles = permission.adultsOf(classId);
        Map<Long, String> names = adults.displayNames(roles.keySet());
        return roles.entrySet().stream()
                .map(each -> new AdultApi.AdultOfClass(
                        each.getKey(), names.getOrDefault(each.getKey(), ""), each.getValue()))
                .toList();
    }

    @Transactional
    void give(long classId, long adultId, ClassRole role) {
        sharing.requireMayShare(classId);
        if (adults.displayNames(List.of(adultId)).isEmpty()) {
            throw Refusal.notFound("adult");
        }
        requireOwnerLeft(classId, adultId, role);
        permission.grant(classId, adultId, role);
        audit.note(
                classId,
                "role.given",
                adultId,
                role.name().toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    @Transactional
    void withdraw(long classId, long adultId) {
        sharing.requireMayShare(classId);
        requireOwnerLeft(classId, adultId, ClassRole.VIEWER);
        permission.withdraw(classId, adultId);
        audit.note(classId, "role.taken", adultId, "");
    }

    private void requireOwnerLeft(long classId, long adultId, ClassRole role) {
        Map<Long, ClassRole> now = permission.adultsOf(classId);
        boolean lastOwner = role != ClassRole.OWNER
                && now.get(adultId) == ClassRole.OWNER
                && now.values().stream().filter(each -> each == ClassRole.OWNER).count() == 1;
        if (lastOwner) {
            throw Refusal.conflict("last-owner", inWords("roster.a-class-needs-an-owner-make"));
        }
    }
}
