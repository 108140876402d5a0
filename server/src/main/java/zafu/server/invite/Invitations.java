package zafu.server.invite;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.invite.InvitationApi.Accepting;
import zafu.server.invite.InvitationApi.InvitationShown;
import zafu.server.invite.InvitationApi.InvitationState;
import zafu.server.invite.InvitationApi.Invited;
import zafu.server.invite.InvitationApi.InvitedTo;
import zafu.server.platform.Refusal;
import zafu.server.platform.Secrets;
import zafu.server.roster.ClassSharing;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** Asks adults into a class, and lets in who holds the address of a mail: once, and within a week. */
@Service
class Invitations {
    private static final Duration HOLDS = Duration.ofDays(7);
    private static final int SECRET_BYTES = 24;

    private final InvitationRepository invitations;
    private final MailRepository mails;
    private final ClassSharing sharing;
    private final ClassPermission permission;
    private final AdultAccounts adults;
    private final CurrentPerson current;
    private final Roster roster;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;

    Invitations(
            InvitationRepository invitations,
            MailRepository mails,
            ClassSharing sharing,
            ClassPermission permission,
            AdultAccounts adults,
            CurrentPerson current,
            Roster roster,
            SchoolSettings school,
            AuditTrail audit,
            Clock clock) {
        this.invitations = invitations;
        this.mails = mails;
        this.sharing = sharing;
        this.permission = permission;
        this.adults = adults;
        this.current = current;
        this.roster = roster;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
    }

    /** @param base where this Zafu is reached, for the address in the mail */
    @Transactional
    long invite(long classId, Invited wanted, String base) {
        sharing.requireMayShare(classId);
        String token = Secrets.make(SECRET_BYTES);
        Invitation made = new Invitation();
        made.classId = classId;
        made.role = wanted.role();
        made.recipient = wanted.email().strip();
        made.tokenHash = Secrets.hash(token);
        made.invitedBy = current.adult().adultId();
        made.invitedAt = clock.instant();
        made.expiresAt = made.invitedAt.plus(HOLDS);
        invitations.save(made);
        write(made, base + "/invited/" + token);
        audit.note(classId, "invitation.sent", made.id, made.recipient + " " + made.role);
        return made.id;
    }

    private void write(Invitation made, String address) {
        Mail mail = new Mail();
        mail.recipient = made.recipient;
        mail.subject = inWords(
                "invite.asks-you-to", "who", current.adult().displayName(), "className", roster.nameOf(made.classId));
        mail.body = inWords(
                "invite.letter",
                "who",
                current.adult().displayName(),
                "className",
                roster.nameOf(made.classId),
                "school",
                school.name(),
                "address",
                address);
        mail.writtenAt = clock.instant();
        mails.save(mail);
    }

    @Transactional(readOnly = true)
    List<InvitationShown> of(long classId) {
        sharing.requireMayShare(classId);
        return invitations.findByClassIdOrderByIdDesc(classId).stream()
                .map(each -> new InvitationShown(
                        each.id, each.recipient, each.role, state(each), school.local(each.expiresAt)))
                .toList();
    }

    private InvitationState state(Invitation of) {
        if (of.acceptedAt != null) {
            return InvitationState.ACCEPTED;
        }
        if (of.revokedAt != null) {
            return InvitationState.TAKEN_BACK;
        }
        return of.isOpenAt(clock.instant()) ? InvitationState.OPEN : InvitationState.EXPIRED;
    }

    @Transactional
    void takeBack(long classId, long invitationId) {
        sharing.requireMayShare(classId);
        Invitation found = invitations
                .findById(invitationId)
                .filter(each -> each.classId == classId)
                .orElseThrow(() -> Refusal.notFound("invitation"));
        if (found.acceptedAt != null) {
            throw Refusal.conflict("accepted-already", inWords("invite.this-was-accepted-already-take-the"));
        }
        found.revokedAt = clock.instant();
        invitations.save(found);
        audit.note(classId, "invitation.taken-back", invitationId, found.recipient);
    }

    @Transactional(readOnly = true)
    InvitedTo open(String token) {
        Invitation found = invitations
                .findByTokenHash(Secrets.hash(token))
                .filter(each -> each.isOpenAt(clock.instant()))
                .orElseThrow(() -> Refusal.notFound("invitation"));
        Map<Long, String> names = adults.displayNames(List.of(found.invitedBy));
        return new InvitedTo(
                school.name(), roster.nameOf(found.classId), found.role, names.getOrDefault(found.invitedBy, ""));
    }

    /** Makes an account for whoever holds the address. Whoever has one signs in first and uses {@link #acceptSignedIn}. */
    @Transactional
    void acceptAsNew(String token, Accepting wanted) {
        Invitation found = requireOpen(token);
        String name = wanted.name().strip();
        if (adults.isTaken(name)) {
            throw Refusal.unusableField(
                    "name-taken", "name", inWords("invite.somebody-signs-in-with-already-if", "name", name));
        }
        accept(found, adults.create(name, wanted.displayName().strip(), wanted.password(), false));
    }

    @Transactional
    void acceptSignedIn(String token) {
        long adult = current.adult().adultId();
        Invitation found = requireOpen(token);
        if (permission.adultsOf(found.classId).containsKey(adult)) {
            throw Refusal.conflict("in-it-already", inWords("invite.you-work-in-this-class-already"));
        }
        accept(found, adult);
    }

    private void accept(Invitation found, long adult) {
        found.acceptedAt = clock.instant();
        found.acceptedBy = adult;
        invitations.saveAndFlush(found);
        permission.grant(found.classId, adult, found.role);
        audit.note(found.classId, "invitation.accepted", adult, found.recipient + " " + found.role);
    }

    private Invitation requireOpen(String token) {
        return invitations
                .findToAccept(Secrets.hash(token))
                .filter(each -> each.isOpenAt(clock.instant()))
                .orElseThrow(() -> Refusal.notFound("invitation"));
    }
}
