package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Clock;
import java.util.Optional;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.exchange.ImportKind;
import zafu.server.platform.JobsOnce;
import zafu.server.platform.Refusal;
import zafu.server.platform.Words;

/**
 * Fetches the school's list on demand and at night, and keeps it until an administrator agrees. While it cannot be
 * fetched, all that is here stays as it is.
 */
@Service
public class SchoolSystemService {
    private static final Logger LOG = LoggerFactory.getLogger(SchoolSystemService.class);
    private static final JsonMapper JSON = new JsonMapper();
    private final SchoolSystemRepository systems;
    private final SchoolPullRepository pulls;
    private final RosterImports imports;
    private final ClassPermission permission;
    private final AuditTrail audit;
    private final TransactionTemplate transaction;
    private final Clock clock;

    SchoolSystemService(
            SchoolSystemRepository systems,
            SchoolPullRepository pulls,
            RosterImports imports,
            ClassPermission permission,
            AuditTrail audit,
            TransactionTemplate transaction,
            Clock clock) {
        this.systems = systems;
        this.pulls = pulls;
        this.imports = imports;
        this.permission = permission;
        this.audit = audit;
        this.transaction = transaction;
        this.clock = clock;
    }

    private Optional<SchoolSystem> system() {
        return systems.findAll().stream().findFirst();
    }

    @Transactional(readOnly = true)
    SchoolSystemApi.SystemShown shown() {
        permission.requireAdministrator();
        Optional<SchoolSystem> system = system();
        return new SchoolSystemApi.SystemShown(
                system.map(each -> each.address).orElse(""),
                system.map(each -> !each.token.isEmpty()).orElse(false),
                system.map(each -> each.nightly).orElse(false),
                pulls.findTop10ByOrderByIdDesc().stream()
                        .map(each -> new SchoolSystemApi.PullShown(
                                each.id, each.pulledAt, each.state, Words.heard(each.message)))
                        .toList(),
                pulls.findFirstByStateOrderByIdDesc(SchoolPull.State.WAITING)
                        .map(each -> new SchoolSystemApi.WaitingPull(each.id, imports.preview(bundleOf(each))))
                        .orElse(null));
    }

    private static RosterBundle bundleOf(SchoolPull pull) {
        return JSON.readValue(pull.body, RosterBundle.class);
    }

    @Transactional
    void set(SchoolSystemApi.SystemEdit edit) {
        permission.requireAdministrator();
        SchoolSystem system = system().orElseGet(SchoolSystem::new);
        system.address = edit.address().strip().replaceAll("/+$", "");
        if (edit.token() != null) {
            system.token = edit.token().strip();
        }
        system.nightly = edit.nightly();
        systems.save(system);
        audit.note(null, "school-system.set", null, system.address);
    }

    /** Lets the system be asked at this address; for the demo, whose stand-in answers elsewhere after every start. */
    @Transactional
    public void pointAt(String address, String token) {
        SchoolSystem system = system().orElseGet(SchoolSystem::new);
        system.address = address;
        system.token = token;
        systems.save(system);
    }

    void pullNow() {
        permission.requireAdministrator();
        SchoolSystem system = system().filter(each -> !each.address.isEmpty())
                .orElseThrow(() -> Refusal.conflict("no-system", inWords("oneroster.no-system")));
        audit.note(null, "school-system.pulled", null, system.address);
        pull(system);
    }

    /** At three in the morning, when nobody is at work. */
    @Scheduled(cron = "0 0 3 * * *")
    @SchedulerLock(name = "school-system", lockAtLeastFor = JobsOnce.A_WHILE)
    void pullAtNight() {
        system().filter(each -> each.nightly && !each.address.isEmpty()).ifPresent(this::pull);
    }

    /** The network is waited for outside any transaction; what came is then kept in one. */
    private void pull(SchoolSystem system) {
        SchoolPull pull = new SchoolPull();
        try {
            RosterBundle bundle = new SystemClient(system.address, system.token).fetch();
            RosterImports.BundlePreview preview = imports.preview(bundle);
            boolean empty = preview.changes().isEmpty();
            pull.state = empty ? SchoolPull.State.NOTHING_NEW : SchoolPull.State.WAITING;
            pull.message = keptWords(
                    "oneroster.people-and-classes",
                    "people",
                    bundle.people().size(),
                    "classes",
                    bundle.classes().size());
            pull.body = empty ? null : JSON.writeValueAsString(bundle);
        } catch (SystemClient.NotUsable notUsable) {
            LOG.info("school system: {}", notUsable.getMessage());
            pull.state = SchoolPull.State.FAILED;
            pull.message = notUsable.getMessage();
        }
        transaction.executeWithoutResult(status -> {
            pull.pulledAt = clock.instant();
            if (pull.state != SchoolPull.State.FAILED) {
                pulls.findByState(SchoolPull.State.WAITING).forEach(SchoolSystemService::letGo);
            }
            pulls.save(pull);
        });
    }

    private static void letGo(SchoolPull older) {
        older.state = SchoolPull.State.LEFT;
        older.body = null;
    }

    @Transactional
    RosterImports.BundleTaken take(long pullId) {
        SchoolPull pull = waiting(pullId);
        RosterImports.BundleTaken taken = imports.take(bundleOf(pull), ImportKind.SCHOOL_SYSTEM, "school system");
        pull.state = SchoolPull.State.TAKEN;
        pull.body = null;
        pull.runId = taken.importId();
        pulls.save(pull);
        return taken;
    }

    @Transactional
    void leave(long pullId) {
        letGo(waiting(pullId));
        audit.note(null, "school-system.left", pullId, "");
    }

    private SchoolPull waiting(long pullId) {
        permission.requireAdministrator();
        return pulls.findById(pullId)
                .filter(each -> each.state == SchoolPull.State.WAITING)
                .orElseThrow(() -> Refusal.notFound("list waiting"));
    }
}
