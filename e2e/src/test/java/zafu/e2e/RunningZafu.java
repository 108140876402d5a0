package zafu.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import zafu.server.ZafuApplication;
import zafu.server.platform.TravellingClock;
import zafu.server.standin.SchoolSystemStandIn;

/** The application, started once in this JVM and shared by all tests; its clock runs, as everybody's does, and is ours to move. */
final class RunningZafu {
    static final String MORNING = "2027-02-09T08:10";
    private static RunningZafu demo;
    private static RunningZafu empty;
    private final ConfigurableApplicationContext context;
    private final Path data;

    private RunningZafu(boolean withDemo) {
        try {
            data = Files.createTempDirectory("zafu-e2e");
        } catch (IOException noPlace) {
            throw new IllegalStateException(noPlace);
        }
        List<String> properties = new ArrayList<>(List.of(
                "--server.port=0",
                "--zafu.data=" + data,
                "--zafu.starts-at=" + MORNING,
                "--zafu.zone=America/Halifax"));
        if (withDemo) {
            MadeSchool.copyTo(data);
            properties.add("--zafu.demo=true");
        }
        context = SpringApplication.run(
                new Class<?>[] {ZafuApplication.class, QuickPasswords.class}, properties.toArray(String[]::new));
        itIs(MORNING);
    }

    /** With Quillmere Harbour School in it. */
    static synchronized RunningZafu demo() {
        if (demo == null) {
            demo = new RunningZafu(true);
        }
        return demo;
    }

    /** With Quillmere Harbour School in it, and nobody else's; whoever asks for it stops it. */
    static RunningZafu demoOfItsOwn() {
        return new RunningZafu(true);
    }

    /** With nothing in it. */
    static synchronized RunningZafu empty() {
        if (empty == null) {
            empty = new RunningZafu(false);
        }
        return empty;
    }

    /** With nothing in it, and nobody else's; whoever asks for it stops it. */
    static RunningZafu ofItsOwn() {
        return new RunningZafu(false);
    }

    void stop() {
        context.close();
    }

    /** Does this and ends the JVM, which the running application would keep alive; with 1 where it went wrong. */
    static void leaveAfter(Runnable doing) {
        int exit = 1;
        try {
            doing.run();
            exit = 0;
        } catch (RuntimeException failed) {
            failed.printStackTrace();
        }
        System.exit(exit);
    }

    String address() {
        return "http://localhost:"
                + ((WebServerApplicationContext) context).getWebServer().getPort();
    }

    /** Sets the clock of the school to a local time of the demo's town. */
    void itIs(String local) {
        clock().set(LocalDateTime.parse(local)
                .atZone(ZoneId.of("America/Halifax"))
                .toInstant());
    }

    TravellingClock clock() {
        return context.getBean(TravellingClock.class);
    }

    /** The school's information system that ships with the demo. */
    SchoolSystemStandIn schoolSystem() {
        return context.getBean(SchoolSystemStandIn.class);
    }

    /** The entry code that the demo printed for a student. */
    String codeOf(String givenName) {
        try {
            Matcher line =
                    Pattern.compile(givenName + ", code (\\w+)").matcher(Files.readString(data.resolve("sign-in.txt")));
            if (!line.find()) {
                throw new IllegalStateException("no code of " + givenName);
            }
            return line.group(1);
        } catch (IOException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
