package zafu.server.entry;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link GroupDoorController} takes and gives. */
final class GroupDoorApi {
    private GroupDoorApi() {}

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
            @Nullable @Size(min = 4, max = 60, message = "{needs-letters}") String password,
            long version) {}

    record GroupKey(@NotBlank @Size(max = 20) String code, @NotBlank @Size(max = 60) String password) {}

    /**
     * What became of it.
     *
     * @param group what students call the group; absent where it has no such name, and while the student waits
     */
    record Joined(JoinRequest.State state, @Nullable String group) {}
}
