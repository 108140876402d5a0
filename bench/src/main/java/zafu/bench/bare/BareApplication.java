package zafu.bench.bare;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Spring Boot with web, JPA, security and H2, one entity and nothing else. */
@SpringBootApplication
public class BareApplication {
    public static void main(String[] args) {
        SpringApplication.run(BareApplication.class, args);
    }
}
