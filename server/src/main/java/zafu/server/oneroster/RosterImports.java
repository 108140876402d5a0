package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.exchange.ImportKind;
import zafu.server.exchange.ImportLog;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;

/** Shows what a bundle would change, and applies it in one transaction or not at all. */
@Service
class RosterImports {
    private static final int MOST_TOLD = 500;
    private static final int MOST_PROBLEMS = 100;
    private final Present.Loader present;
    private final RosterApplier applier;
    private final ImportLog log;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final SchoolSettings school;
    private final AuditTrail audit;

    RosterImports(
            Present.Loader present,
            RosterApplier applier,
            ImportLog log,
            ClassPermission permission,
            CurrentPerson current,
            SchoolSettings school,
            AuditTrail audit) {
        this.present = present;
        this.applier = applier;
        this.log = log;
        this.permission = permission;
        this.current = current;
        this.school = school;
        this.audit = audit;
    }

    /**
     * @param counts how many changes of each kind
     * @param changes the first so many
     * @param problems lines that are left out, the first so many
     */
    record BundlePreview(
            List<KindCount> counts, List<RosterPlan.Told> changes, List<String> problems, int problemCount) {}

    record KindCount(RosterPlan.Kind kind, int count) {}

    record BundleTaken(long importId, int changes, int leftOut) {}

    @Transactional(readOnly = true)
    BundlePreview preview(RosterBundle bundle) {
        RosterPlan plan = RosterPlanner.plan(bundle.on(school.today()), present.load());
        return new BundlePreview(
                counts(plan),
                plan.told.stream().limit(MOST_TOLD).toList(),
                plan.problems.stream().limit(MOST_PROBLEMS).toList(),
                plan.problems.size());
    }

    private static List<KindCount> counts(RosterPlan plan) {
        Map<RosterPlan.Kind, Integer> counts = new EnumMap<>(RosterPlan.Kind.class);
        plan.told.forEach(told -> counts.merge(
                told.kind(),
                told.kind() == RosterPlan.Kind.SCORES ? Integer.parseInt(told.detail()) : 1,
                Integer::sum));
        List<KindCount> all = new ArrayList<>();
        counts.forEach((kind, count) -> all.add(new KindCount(kind, count)));
        return all;
    }

    @Transactional
    BundleTaken take(RosterBundle bundle, ImportKind kind, String fileName) {
        permission.requireAdministrator();
        Present here = present.load();
        RosterPlan plan = RosterPlanner.plan(bundle.on(school.today()), here);
        if (plan.isEmpty() && plan.places.isEmpty()) {
            throw Refusal.conflict("nothing-new", inWords("oneroster.all-of-it-is-here-already-nothing"));
        }
        long run = log.begin(kind, null, fileName);
        applier.apply(plan, here, run, current.adult().adultId());
        String summary = counts(plan).stream()
                .map(each -> each.count() + " "
                        + each.kind().name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .collect(Collectors.joining(", "));
        log.finish(run, null, summary.length() > 500 ? summary.substring(0, 500) : summary);
        audit.note(null, "roster.taken", run, summary);
        return new BundleTaken(run, plan.told.size(), plan.problems.size());
    }
}
