package zafu.server.task;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.task.GroupSettingsApi.ForGroup;

/** What holds for all in a group at once. */
@RestController
class GroupSettingsController {
    private final GroupSettings settings;

    GroupSettingsController(GroupSettings settings) {
        this.settings = settings;
    }

    @GetMapping("/api/groups/{groupId}/settings")
    ForGroup of(@PathVariable long groupId) {
        return settings.of(groupId);
    }

    @PutMapping("/api/groups/{groupId}/settings")
    ForGroup change(@PathVariable long groupId, @Valid @RequestBody ForGroup wanted) {
        return settings.change(groupId, wanted);
    }
}
