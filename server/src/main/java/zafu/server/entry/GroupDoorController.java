package zafu.server.entry;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.entry.GroupDoorApi.GroupDoorEdit;
import zafu.server.entry.GroupDoorApi.GroupDoorShown;
import zafu.server.entry.GroupDoorApi.GroupKey;
import zafu.server.entry.GroupDoorApi.Joined;

/** The door of a group: a code and a password, who asks, and whoever comes in by them. */
@RestController
class GroupDoorController {
    private final GroupDoors doors;
    private final GroupJoining joining;

    GroupDoorController(GroupDoors doors, GroupJoining joining) {
        this.doors = doors;
        this.joining = joining;
    }

    @GetMapping("/api/groups/{groupId}/door")
    GroupDoorShown door(@PathVariable long groupId) {
        return doors.door(groupId);
    }

    @PutMapping("/api/groups/{groupId}/door")
    GroupDoorShown set(@PathVariable long groupId, @Valid @RequestBody GroupDoorEdit edit) {
        doors.set(groupId, edit);
        return doors.door(groupId);
    }

    @PostMapping("/api/groups/{groupId}/door/{groupRequestId}/let-in")
    void letIn(@PathVariable long groupId, @PathVariable long groupRequestId) {
        doors.letIn(groupId, groupRequestId);
    }

    @PostMapping("/api/groups/{groupId}/door/{groupRequestId}/turn-away")
    void turnAway(@PathVariable long groupId, @PathVariable long groupRequestId) {
        doors.turnAway(groupId, groupRequestId);
    }

    @PostMapping("/api/my/groups/join")
    Joined joinAsStudent(@Valid @RequestBody GroupKey key) {
        return joining.asStudent(key);
    }

    /** An adult asks to help in a group. */
    @PostMapping("/api/groups/join")
    void joinAsAdult(@Valid @RequestBody GroupKey key) {
        joining.asAdult(key);
    }
}
