package zafu.server.invite;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.ClassRole;
import zafu.server.platform.HomeAddress;
import zafu.server.roster.SchoolSettings;

/** Adults who are asked into a class, and the way in for them. */
@RestController
class InvitationController {
    private final Invitations invitations;
    private final MailPost post;
    private final HomeAddress home;
    private final SchoolSettings school;

    InvitationController(Invitations invitations, MailPost post, HomeAddress home, SchoolSettings school) {
        this.invitations = invitations;
        this.post = post;
        this.home = home;
        this.school = school;
    }

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
            @NotNull @Size(min = 10, max = 200, message = "needs at least 10 characters") String password) {}

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

    @PostMapping("/api/classes/{classId}/invitations")
    InvitationMade invite(@PathVariable long classId, @Valid @RequestBody Invited wanted) {
        return new InvitationMade(invitations.invite(classId, wanted, home.address()));
    }

    @GetMapping("/api/classes/{classId}/invitations")
    List<InvitationShown> ofClass(@PathVariable long classId) {
        return invitations.of(classId);
    }

    @DeleteMapping("/api/classes/{classId}/invitations/{invitationId}")
    void takeBack(@PathVariable long classId, @PathVariable long invitationId) {
        invitations.takeBack(classId, invitationId);
    }

    @GetMapping("/api/invited/{token}")
    InvitedTo open(@PathVariable String token) {
        return invitations.open(token);
    }

    /** Accepts with an account that is made for it. */
    @PostMapping("/api/invited/{token}")
    void acceptAsNew(@PathVariable String token, @Valid @RequestBody Accepting wanted) {
        invitations.acceptAsNew(token, wanted);
    }

    /** Accepts with the account of the signed-in adult. */
    @PostMapping("/api/invited/{token}/signed-in")
    void acceptSignedIn(@PathVariable String token) {
        invitations.acceptSignedIn(token);
    }

    /** The mails that were written, and what became of them. */
    @GetMapping("/api/school/mails")
    List<MailShown> mails() {
        return invitations.outbox().stream()
                .map(each -> new MailShown(
                        each.id,
                        each.recipient,
                        each.subject,
                        post.hasServer() ? "" : each.body,
                        Objects.requireNonNull(school.local(each.writtenAt)),
                        stateOf(each),
                        each.failure))
                .toList();
    }

    private MailState stateOf(Mail mail) {
        if (mail.sentAt != null) {
            return MailState.SENT;
        }
        if (!post.hasServer()) {
            return MailState.KEPT;
        }
        return mail.tries < MailPost.MOST_TRIES ? MailState.WAITING : MailState.REFUSED;
    }
}
