package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import zafu.server.backup.BackupCommand;
import zafu.server.demo.HttpCaller;

/** Two servers on one PostgreSQL are one Zafu: sign-ins, what is new, who is there, and jobs. */
@Tag("postgres")
class TwoServersTest {
    private static final String SERVER = System.getProperty("zafu.test.postgres", "");

    @TempDir
    static Path data;

    private static GreenMail mails;
    private static ConfigurableApplicationContext one;
    private static ConfigurableApplicationContext two;

    @BeforeAll
    static void start() throws Exception {
        try (Connection database = DriverManager.getConnection("jdbc:postgresql://" + SERVER + "/zafu", "zafu", "");
                Statement statement = database.createStatement()) {
            statement.execute("drop database if exists two_servers with (force)");
            statement.execute("create database two_servers");
        }
        mails = new GreenMail(ServerSetup.SMTP.dynamicPort());
        mails.start();
        one = server(true);
        two = server(false);
    }

    @AfterAll
    static void stop() {
        one.close();
        two.close();
        mails.stop();
    }

    private static ConfigurableApplicationContext server(boolean makesTheDemo) {
        return SpringApplication.run(
                ZafuApplication.class,
                "--spring.profiles.active=postgres",
                "--zafu.database=" + SERVER + "/two_servers",
                "--zafu.data=" + data,
                "--zafu.demo=" + makesTheDemo,
                "--zafu.now=2027-02-09T08:10",
                "--zafu.zone=America/Halifax",
                "--server.port=0",
                "--spring.mail.host=localhost",
                "--spring.mail.port=" + mails.getSmtp().getPort(),
                "--spring.jmx.enabled=false");
    }

    private static int portOf(ConfigurableApplicationContext server) {
        return ((WebServerApplicationContext) server).getWebServer().getPort();
    }

    private static HttpCaller teacherAt(ConfigurableApplicationContext server) {
        return new HttpCaller(portOf(server)).signInAdult("ottoline", "salt-marsh-5");
    }

    /** A class brought in at the first server. */
    private static TestClass newClass(String name, int students) {
        return TestClass.bringIn(teacherAt(one), portOf(one), name, students);
    }

    private static HttpResponse<String> get(ConfigurableApplicationContext server, String path, String cookies)
            throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + portOf(server) + path))
                .header("Cookie", cookies)
                .build();
        return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
    }

    /** What a page hears from the moment on when the server says that it listens. */
    private static BlockingQueue<String> listen(ConfigurableApplicationContext server, String path, String cookies)
            throws Exception {
        BlockingQueue<String> news = new LinkedBlockingQueue<>();
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + portOf(server) + path))
                .header("Cookie", cookies)
                .build();
        HttpResponse<Stream<String>> open =
                HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofLines());
        Thread reader = new Thread(
                () -> open.body().filter(line -> line.startsWith("data:")).forEach(news::add));
        reader.setDaemon(true);
        reader.start();
        return news;
    }

    @Test
    void whoSignedInAtOneIsSignedInAtTheOtherAndSignsOutOfBoth() throws Exception {
        HttpCaller teacher = teacherAt(one);
        String cookies = teacher.cookieHeader();
        assertThat(get(two, "/api/classes", cookies).statusCode()).isEqualTo(200);
        teacher.post("/api/sign-out", null).done();
        assertThat(get(two, "/api/classes", cookies).statusCode()).isEqualTo(401);
    }

    @Test
    void aPageAtTheOtherServerIsToldAndReadsWhatHoldsNow() throws Exception {
        TestClass own = newClass("two servers", 3);
        long arrangement = own.arrange(2);
        HttpCaller teacher = teacherAt(two);
        BlockingQueue<String> news = listen(two, "/api/classes/" + own.id + "/news", teacher.cookieHeader());
        String progress = "/api/classes/" + own.id + "/progress?arrangementId=" + arrangement;
        teacher.get(progress).ok();
        long task = own.draft(TestClass.forEveryone());
        own.handOut(task, false).ok();
        assertThat(news.poll(20, TimeUnit.SECONDS)).isEqualTo("data:tasks");
        String told = news.poll(20, TimeUnit.SECONDS);
        while (told != null && !teacher.get(progress).text().contains("Marsh quiz")) {
            told = news.poll(20, TimeUnit.SECONDS);
        }
        assertThat(told).as("the news after which the task was in the grid").isNotNull();
    }

    @Test
    void whoIsInAMeetingAtOneServerIsSeenAtTheOther() throws Exception {
        TestClass own = newClass("meet at two servers", 2);
        OwnCorner corner = new OwnCorner(own, own.groups(own.arrange(1)).get(0));
        own.teacher
                .put(
                        "/api/corners/" + corner.id,
                        Map.of("studentsAdd", true, "meetingAddress", "", "meetsHere", true, "version", 0))
                .done();
        HttpCaller student = own.signedIn(1);
        student.post("/api/my/corners/" + corner.id + "/meeting", null).ok();
        student.put("/api/my/corners/" + corner.id + "/meeting/call", Map.of("calling", true))
                .done();
        HttpCaller teacher = teacherAt(two);
        awaitThat(
                () -> teacher.get("/api/classes/" + own.id + "/meetings").text().contains("\"callsForMinutes\":0"));
    }

    @Test
    void aMailIsSentOnceHoweverManyServersLookForIt() throws Exception {
        TestClass own = newClass("mails of two servers", 1);
        int many = 30;
        for (int i = 0; i < many; i++) {
            own.teacher
                    .post(
                            "/api/classes/" + own.id + "/invitations",
                            Map.of("email", "colleague" + i + "@harbour.example", "role", "VIEWER"))
                    .done();
        }
        awaitThat(() -> mails.getReceivedMessages().length >= many);
        assertThat(Arrays.stream(mails.getReceivedMessages()).map(TwoServersTest::recipientOf))
                .containsExactlyInAnyOrderElementsOf(IntStream.range(0, many)
                        .mapToObj(i -> "colleague" + i + "@harbour.example")
                        .toList());
    }

    @Test
    void aBackupOfPostgresBecomesASchoolInAFileAndOneInPostgresAgain() throws Exception {
        newClass("there and back", 5);
        String name = teacherAt(two)
                .post("/api/school/backups", null)
                .ok()
                .get("name")
                .asString();
        Path backup = data.resolve("backups").resolve(name);
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream print = new PrintStream(said, true, StandardCharsets.UTF_8);
        Path inAFile = Files.createDirectories(data.resolve("in-a-file"));
        assertThat(BackupCommand.run(
                        new String[] {"restore", inAFile.toString(), backup.toString()},
                        Clock.systemUTC(),
                        print,
                        print))
                .isZero();
        assertThat(inAFile.resolve("zafu.mv.db")).exists();
        // Over the head of servers at work nothing is restored.
        assertThat(BackupCommand.run(
                        new String[] {
                            "restore", data.toString(), backup.toString(), "--database=" + SERVER + "/two_servers"
                        },
                        Clock.systemUTC(),
                        print,
                        print))
                .isEqualTo(2);
        assertThat(said.toString(StandardCharsets.UTF_8)).contains("A Zafu server is at work on that database.");
        try (Connection database = DriverManager.getConnection("jdbc:postgresql://" + SERVER + "/zafu", "zafu", "");
                Statement statement = database.createStatement()) {
            statement.execute("drop database if exists moved with (force)");
            statement.execute("create database moved");
        }
        Path moved = data.resolve("moved");
        String[] restore = {"restore", moved.toString(), backup.toString(), "--database=" + SERVER + "/moved"};
        assertThat(BackupCommand.run(restore, Clock.systemUTC(), print, print)).isZero();
        String[] again = {"backup", moved.toString(), "--database=" + SERVER + "/moved"};
        assertThat(BackupCommand.run(again, Clock.systemUTC(), print, print)).isZero();
        try (Stream<Path> made = Files.list(moved.resolve("backups"))) {
            assertThat(BackupTest.tablesOf(made.findFirst().orElseThrow())).isEqualTo(BackupTest.tablesOf(backup));
        }
    }

    private static String recipientOf(MimeMessage mail) {
        try {
            return mail.getAllRecipients()[0].toString();
        } catch (Exception unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    private interface Seen {
        boolean now();
    }

    /** What one server tells arrives at the other in its own time. */
    private static void awaitThat(Seen seen) throws InterruptedException {
        long until = System.nanoTime() + Duration.ofSeconds(30).toNanos();
        while (!seen.now()) {
            assertThat(System.nanoTime()).as("still waiting").isLessThan(until);
            TimeUnit.MILLISECONDS.sleep(100);
        }
    }
}
