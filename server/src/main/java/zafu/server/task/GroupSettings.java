package zafu.server.task;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;

/** What holds for all in a group at once: tries, tools, read aloud, what may lie beside the work. */
@RestController
class GroupSettings {
    private static final long NOTHING_SET = 0;
    private final GroupSettingRepository settings;
    private final Arrangements arrangements;
    private final ClassPermission permission;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;

    GroupSettings(
            GroupSettingRepository settings,
            Arrangements arrangements,
            ClassPermission permission,
            AuditTrail audit,
            ApplicationEventPublisher events) {
        this.settings = settings;
        this.arrangements = arrangements;
        this.permission = permission;
        this.audit = audit;
        this.events = events;
    }

    /**
     * @param version as it was read, 0 where nothing was set
     * @param tries at least so many, absent to leave what each task says
     * @param tools with commas between
     * @param alongside what may lie beside the work, as students read it
     */
    record ForGroup(
            long version,
            @Nullable @Min(1) @Max(20) Integer tries,
            boolean readAloud,
            @NotNull @Size(max = 500) String tools,
            @NotNull @Size(max = 500) String alongside) {}

    @GetMapping("/api/groups/{groupId}/settings")
    @Transactional(readOnly = true)
    public ForGroup of(@PathVariable long groupId) {
        permission.requireSee(arrangements.group(groupId).classId());
        return settings.findById(groupId)
                .map(GroupSettings::shown)
                .orElseGet(() -> new ForGroup(NOTHING_SET, null, false, "", ""));
    }

    @PutMapping("/api/groups/{groupId}/settings")
    @Transactional
    public ForGroup change(@PathVariable long groupId, @Valid @RequestBody ForGroup wanted) {
        Arrangements.GroupOfClass group = arrangements.group(groupId);
        permission.requireChange(group.classId());
        Optional<GroupSetting> known = settings.findById(groupId);
        if (known.map(GroupSettings::versionOf).orElse(NOTHING_SET) != wanted.version()) {
            throw new OptimisticLockingFailureException("settings of group " + groupId);
        }
        GroupSetting setting = known.orElseGet(GroupSetting::new);
        setting.groupId = groupId;
        setting.tries = wanted.tries();
        setting.readAloud = wanted.readAloud();
        setting.tools = wanted.tools().strip();
        setting.alongside = wanted.alongside().strip();
        GroupSetting kept = settings.saveAndFlush(setting);
        audit.note(group.classId(), "group.settings", groupId, group.name() + ": " + wanted);
        events.publishEvent(new TaskChanged(group.classId(), 0));
        return shown(kept);
    }

    /** From 1, so that the first settings are told from none. */
    private static long versionOf(GroupSetting setting) {
        return setting.version + 1;
    }

    private static ForGroup shown(GroupSetting setting) {
        return new ForGroup(versionOf(setting), setting.tries, setting.readAloud, setting.tools, setting.alongside);
    }
}
