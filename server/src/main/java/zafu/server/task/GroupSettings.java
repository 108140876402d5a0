package zafu.server.task;

import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;
import zafu.server.task.GroupSettingsApi.ForGroup;

/** What holds for all in a group at once: tries, tools, read aloud, what may lie beside the work. */
@Service
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

    @Transactional(readOnly = true)
    ForGroup of(long groupId) {
        permission.requireSee(arrangements.group(groupId).classId());
        return settings.findById(groupId)
                .map(GroupSettings::shown)
                .orElseGet(() -> new ForGroup(NOTHING_SET, null, false, "", ""));
    }

    @Transactional
    ForGroup change(long groupId, ForGroup wanted) {
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
