package zafu.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.scheduling.annotation.EnableScheduling;
import zafu.server.backup.BackupCommand;

/** The Zafu server: keeps the data, checks who may do what, speaks HTTP and serves the built front end. */
@SpringBootApplication
@EnableScheduling
public class ZafuApplication {
    public static void main(String[] args) throws Exception {
        if (BackupCommand.isMeant(args)) {
            // What it prints is for a person or a script, so nobody else writes between.
            LoggingSystem.get(ZafuApplication.class.getClassLoader()).beforeInitialize();
            System.exit(BackupCommand.run(args, Clock.systemUTC(), System.out, System.err));
        }
        SpringApplication.run(ZafuApplication.class, args);
    }
}
