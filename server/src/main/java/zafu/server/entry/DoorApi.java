package zafu.server.entry;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link DoorController} takes and gives. */
final class DoorApi {
    private DoorApi() {}

    /** @param code absent where the class never had a door */
    record DoorShown(
            @Nullable String code,
            boolean opened,
            List<AskingShown> asking,
            List<GroupDoorApi.AskingForGroup> askingForGroups) {}

    /**
     * @param group into which they come as well, where they came with its code
     * @param known a student of that name is in the class already and would be that student
     */
    record AskingShown(
            long id, String givenName, String familyName, @Nullable String group, Instant askedAt, boolean known) {}

    /** @param password absent to keep the one there is */
    record DoorEdit(boolean opened, @Nullable @Size(min = 4, max = 60, message = "{needs-letters}") String password) {}

    record JoinAsked(
            @NotBlank @Size(max = 20) String code,
            @NotBlank @Size(max = 60) String password,
            @NotBlank @Size(max = 120) String givenName,
            @NotNull @Size(max = 120) String familyName) {}

    record JoinToken(String token) {}

    record JoinState(JoinRequest.State state) {}

    record JoinedAs(String entryCode) {}

    /** Whether a child whose name is in the class already is the one of that name. */
    enum Known {
        SAME,
        ANOTHER
    }

    /** @param who needed where the name is in the class already */
    record LetIn(@Nullable Known who) {}
}
