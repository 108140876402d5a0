package zafu.server.invite;

import java.time.Clock;
import java.util.Optional;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Hands written mails to the mail server of the school, where {@code spring.mail.host} names one. What it does not take
 * is tried again, a few times; without a mail server mails are kept to be read by administrators.
 */
@Component
class MailPost {
    static final int MOST_TRIES = 5;
    private static final long EVERY = 20_000;
    private static final int LONGEST_FAILURE = 500;

    private final MailRepository mails;
    private final Optional<JavaMailSender> server;
    private final String from;
    private final Clock clock;

    MailPost(
            MailRepository mails,
            ObjectProvider<JavaMailSender> server,
            @Value("${zafu.mail.from:zafu@localhost}") String from,
            Clock clock) {
        this.mails = mails;
        this.server = Optional.ofNullable(server.getIfAvailable());
        this.from = from;
        this.clock = clock;
    }

    boolean hasServer() {
        return server.isPresent();
    }

    @Scheduled(fixedDelay = EVERY)
    @SchedulerLock(name = "mails")
    void deliver() {
        server.ifPresent(to -> mails.findTop50BySentAtIsNullAndTriesLessThanOrderById(MOST_TRIES)
                .forEach(mail -> send(to, mail)));
    }

    private void send(JavaMailSender to, Mail mail) {
        SimpleMailMessage message = new SimpleMailMessage();
        message.setFrom(from);
        message.setTo(mail.recipient);
        message.setSubject(mail.subject);
        message.setText(mail.body);
        mail.tries++;
        try {
            to.send(message);
            mail.sentAt = clock.instant();
            mail.failure = "";
        } catch (MailException refused) {
            String said = String.valueOf(refused.getMessage());
            mail.failure = said.substring(0, Math.min(LONGEST_FAILURE, said.length()));
        }
        mails.save(mail);
    }
}
