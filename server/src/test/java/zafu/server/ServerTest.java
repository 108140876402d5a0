package zafu.server;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.simple.JdbcClient;
import zafu.server.demo.HttpCaller;
import zafu.server.platform.TravellingClock;

/** Starts the server once for all tests, with the demo school in a database in memory, and speaks HTTP with it. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "zafu.demo=true",
            "zafu.now=2027-02-09T08:10",
            "zafu.zone=America/Halifax",
            "zafu.data=target/test-data",
            "spring.datasource.url=${zafu.test.database:jdbc:h2:mem:zafu;MODE=PostgreSQL;DATABASE_TO_LOWER=TRUE;DEFAULT_NULL_ORDERING=HIGH}",
            "spring.jpa.properties.hibernate.session_factory.statement_inspector=zafu.server.RequestStatements",
            "springdoc.api-docs.enabled=true"
        })
@Import(QuickPasswords.class)
abstract class ServerTest {
    private static final ZoneId HALIFAX = ZoneId.of("America/Halifax");

    @LocalServerPort
    int port;

    @Autowired
    TravellingClock clock;

    /** All tests come from one address, at one moment: what one of them gets wrong would count for the others. */
    @BeforeEach
    void nobodyHasGuessedYet(@Autowired JdbcClient database) {
        database.sql("delete from wrong_entry").update();
    }

    @BeforeEach
    void itIsTuesdayMorning() {
        clock.set(at("2027-02-09T08:10"));
    }

    static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(HALIFAX).toInstant();
    }

    HttpCaller nobody() {
        return new HttpCaller(port);
    }

    HttpCaller teacher() {
        return nobody().signInAdult("ottoline", "salt-marsh-5");
    }

    /** Makes an account of an adult who looks after nothing yet. */
    long newAccount(String name, String password) {
        Map<String, Object> wanted =
                Map.of("name", name, "displayName", name, "password", password, "administrator", false);
        return teacher().post("/api/school/adults", wanted).ok().get("id").asLong();
    }

    /** An adult who signs in with a password of an administrator's choosing and then takes one of their own. */
    HttpCaller signInFirst(String name, String given) {
        HttpCaller adult = nobody().signInAdult(name, given);
        adult.put("/api/account/password", Map.of("before", given, "password", "my own " + given))
                .done();
        return adult;
    }

    /** A class of its own, so that no test disturbs another. */
    TestClass newClass(String name, int students) {
        return TestClass.bringIn(teacher(), port, name, students);
    }
}
