package zafu.server.invite;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import zafu.server.access.ClassRole;

/** What {@link InvitationController} takes and gives. */
final class InvitationApi {
    private InvitationApi() {}

    record Invited(@NotBlank @Email @Size(max = 320) String email, @NotNull ClassRole role) {}

    record InvitationMade(long id) {}

    enum InvitationState {
        OPEN,
        ACCEPTED,
        EXPIRED,
        TAKEN_BACK
    }

    record InvitationShown(long id, String email, ClassRole role, InvitationState state, LocalDateTime expiresAt) {}

    /** What somebody is asked to, before they accept. */
    record InvitedTo(String school, String className, ClassRole role, String by) {}

    record Accepting(
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 120) String displayName,
            @NotNull @Size(min = 10, max = 200, message = "{needs-letters}") String password) {}

    enum MailState {
        /** There is no mail server; it is read here. */
        KEPT,
        WAITING,
        SENT,
        /** The mail server does not take it. */
        REFUSED
    }

    /**
     * @param body empty where there is a mail server: what it says is for who gets it
     * @param failure what the mail server said against it
     */
    record MailShown(
            long id,
            String recipient,
            String subject,
            String body,
            LocalDateTime writtenAt,
            MailState state,
            String failure) {}
}
