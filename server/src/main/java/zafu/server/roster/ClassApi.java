package zafu.server.roster;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.access.ClassRole;

/** What {@link ClassController} takes and gives. */
final class ClassApi {
    private ClassApi() {}

    /**
     * @param zone the school's time zone, in which all local times of the API are meant
     * @param administrator whether the signed-in adult looks after the school
     * @param keepsShared whether they look after what all classes share
     */
    record MyClasses(
            List<ClassCard> classes,
            String school,
            String zone,
            Instant now,
            boolean administrator,
            boolean keepsShared) {}

    /** @param archived put away: not offered, but nothing is lost */
    record ClassCard(
            long id,
            String name,
            int grade,
            String subject,
            int students,
            ClassRole role,
            List<Long> termIds,
            boolean archived) {}

    /** @param entryCode absent when revoked, and for adults who may not hand codes out */
    record StudentRow(
            long id,
            String givenName,
            String familyName,
            int grade,
            @Nullable String entryCode,
            @Nullable Instant lastHere) {}

    record ClassEdit(
            @NotBlank @Size(max = 80) String name,
            @Min(0) @Max(13) int grade,
            @NotNull @Size(max = 60) String subject,
            @NotNull List<Long> termIds) {}

    record MadeClass(long id) {}

    enum CodeDeed {
        RENEW,
        REVOKE
    }

    record CodesAsked(@NotNull CodeDeed deed, @NotEmpty @Size(max = 2000) List<Long> students) {}
}
