package zafu.server.invite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.support.StaticListableBeanFactory;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/** Written mails reach a mail server over SMTP; what it does not take waits and says why. */
class MailPostTest {
    private static final Instant NOW = Instant.parse("2027-02-09T12:00:00Z");

    private final Mail mail = written();
    private final MailRepository mails = mock(MailRepository.class);

    private static Mail written() {
        Mail mail = new Mail();
        mail.recipient = "perpetua@harbour.example";
        mail.subject = "Ottoline Farrow asks you to 5 Heron";
        mail.body = "Open this address: http://harbour.example/invited/abc";
        return mail;
    }

    private MailPost post(StaticListableBeanFactory beans) {
        when(mails.findTop50BySentAtIsNullAndTriesLessThanOrderById(anyInt())).thenReturn(List.of(mail));
        when(mails.save(any())).thenReturn(mail);
        return new MailPost(
                mails,
                beans.getBeanProvider(JavaMailSender.class),
                "zafu@harbour.example",
                Clock.fixed(NOW, ZoneOffset.UTC));
    }

    private static StaticListableBeanFactory serverAt(int port) {
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost("localhost");
        sender.setPort(port);
        StaticListableBeanFactory beans = new StaticListableBeanFactory();
        beans.addBean("sender", sender);
        return beans;
    }

    @Test
    void aMailArrivesWordForWord() throws Exception {
        GreenMail school = new GreenMail(ServerSetup.SMTP.dynamicPort());
        school.start();
        try {
            post(serverAt(school.getSmtp().getPort())).deliver();
            assertThat(school.waitForIncomingEmail(1)).isTrue();
            var arrived = school.getReceivedMessages()[0];
            assertThat(arrived.getSubject()).isEqualTo(mail.subject);
            assertThat(arrived.getFrom()[0]).hasToString("zafu@harbour.example");
            assertThat(arrived.getAllRecipients()[0]).hasToString(mail.recipient);
            assertThat(arrived.getContent().toString().strip()).isEqualTo(mail.body);
            assertThat(mail.sentAt).isEqualTo(NOW);
        } finally {
            school.stop();
        }
    }

    @Test
    void whatIsNotTakenWaitsAndSaysWhy() {
        GreenMail closed = new GreenMail(ServerSetup.SMTP.dynamicPort());
        closed.start();
        int port = closed.getSmtp().getPort();
        closed.stop();
        post(serverAt(port)).deliver();
        assertThat(mail.sentAt).isNull();
        assertThat(mail.tries).isEqualTo(1);
        assertThat(mail.failure).contains("localhost");
    }

    @Test
    void withoutAMailServerMailsAreKept() {
        MailPost post = post(new StaticListableBeanFactory());
        post.deliver();
        assertThat(post.hasServer()).isFalse();
        assertThat(mail.tries).isZero();
    }
}
