package zafu.server.invite;

import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.ClassPermission;
import zafu.server.invite.InvitationApi.MailShown;
import zafu.server.invite.InvitationApi.MailState;
import zafu.server.roster.SchoolSettings;

/** What went out by mail, and what became of it. */
@Service
class Outbox {
    private final MailRepository mails;
    private final MailPost post;
    private final ClassPermission permission;
    private final SchoolSettings school;

    Outbox(MailRepository mails, MailPost post, ClassPermission permission, SchoolSettings school) {
        this.mails = mails;
        this.post = post;
        this.permission = permission;
        this.school = school;
    }

    /** Newest first. */
    @Transactional(readOnly = true)
    List<MailShown> shown() {
        permission.requireAdministrator();
        return mails.findTop100ByOrderByIdDesc().stream()
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
