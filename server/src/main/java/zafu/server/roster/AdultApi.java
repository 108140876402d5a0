package zafu.server.roster;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import zafu.server.access.ClassRole;

/** What {@link AdultController} takes and gives. */
final class AdultApi {
    private AdultApi() {}

    /**
     * @param keepsShared whether they look after what all classes share, without being an administrator
     * @param closed whether the account cannot be opened any more
     */
    record AdultShown(
            long id,
            String name,
            String displayName,
            boolean administrator,
            boolean keepsShared,
            boolean closed,
            boolean canSignIn,
            boolean mustChangePassword,
            List<RoleShown> roles) {}

    record RoleShown(long classId, String className, ClassRole role) {}

    record NewAdult(
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 120) String displayName,
            @NotNull @Size(min = 10, max = 200, message = "{needs-letters}") String password,
            boolean administrator) {}

    record MadeAdult(long id) {}

    record PasswordReset(@NotNull @Size(min = 10, max = 200, message = "{needs-letters}") String password) {}

    /** What an adult may do in the school besides their classes. */
    record Rights(boolean administrator, boolean keepsShared) {}

    record Closed(boolean closed) {}

    record AdultOfClass(long id, String displayName, ClassRole role) {}

    record Colleague(long id, String displayName) {}

    record RoleEdit(@NotNull ClassRole role) {}

    /** The classes of the school with nobody's students, so that an administrator can give each its adults. */
    record ClassName(long id, String name) {}
}
