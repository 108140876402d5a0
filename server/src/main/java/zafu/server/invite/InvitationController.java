package zafu.server.invite;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.invite.InvitationApi.Accepting;
import zafu.server.invite.InvitationApi.InvitationMade;
import zafu.server.invite.InvitationApi.InvitationShown;
import zafu.server.invite.InvitationApi.Invited;
import zafu.server.invite.InvitationApi.InvitedTo;
import zafu.server.invite.InvitationApi.MailShown;
import zafu.server.platform.HomeAddress;

/** Adults who are asked into a class, and the way in for them. */
@RestController
class InvitationController {
    private final Invitations invitations;
    private final Outbox outbox;
    private final HomeAddress home;

    InvitationController(Invitations invitations, Outbox outbox, HomeAddress home) {
        this.invitations = invitations;
        this.outbox = outbox;
        this.home = home;
    }

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
        return outbox.shown();
    }
}
