package zafu.server.entry;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The door of a group: a code and a password, who asks, and whoever comes in by them. */
@RestController
class GroupDoorController {
    private final GroupDoors doors;
    private final GroupJoining joining;

    GroupDoorController(GroupDoors doors, GroupJoining joining) {
        this.doors = doors;
        this.joining = joining;
    }

    /**
     * A group's door as its teachers see it.
     *
     * @param code absent where the group never had a door
     * @param atOnce whether students of the class who are in no group yet come in without being let in
     * @param most how many members it takes in all; absent for as many as come
     */
    record GroupDoorShown(
            @Nullable String code,
            boolean opened,
            boolean atOnce,
            @Nullable Integer most,
            int members,
            List<AskingForGroup> asking,
            long version) {}

    /**
     * Somebody who asks to come in.
     *
     * @param from the class of a student of another class; absent for one of this class
     */
    record AskingForGroup(
            long id, long groupId, String group, String name, boolean adult, @Nullable String from, Instant askedAt) {}

    /** @param password absent to keep the one there is */
    record GroupDoorEdit(
            boolean opened,
            boolean atOnce,
            @Nullable @Min(1) @Max(200) Integer most,
            @Nullable @Size(min = 4, max = 60, message = "needs at least 4 characters") String password,
            long version) {}

    record GroupKey(@NotBlank @Size(max = 20) String code, @NotBlank @Size(max = 60) String password) {}

    /**
     * What became of it.
     *
     * @param group what students call the group; absent where it has no such name, and while the student waits
     */
    record Joined(JoinRequest.State state, @Nullable String group) {}

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
