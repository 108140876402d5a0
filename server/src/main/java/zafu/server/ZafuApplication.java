package zafu.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The Zafu server: keeps the data, checks who may do what, speaks HTTP and serves the built front end. */
@SpringBootApplication
@EnableScheduling
public class ZafuApplication {
    public static void main(String[] args) {
        SpringApplication.run(ZafuApplication.class, args);
    }
}
