package zafu.load;

import static io.gatling.javaapi.core.CoreDsl.bodyString;
import static io.gatling.javaapi.core.CoreDsl.csv;
import static io.gatling.javaapi.core.CoreDsl.details;
import static io.gatling.javaapi.core.CoreDsl.doIf;
import static io.gatling.javaapi.core.CoreDsl.doWhile;
import static io.gatling.javaapi.core.CoreDsl.during;
import static io.gatling.javaapi.core.CoreDsl.exec;
import static io.gatling.javaapi.core.CoreDsl.global;
import static io.gatling.javaapi.core.CoreDsl.jsonPath;
import static io.gatling.javaapi.core.CoreDsl.pause;
import static io.gatling.javaapi.core.CoreDsl.rampUsers;
import static io.gatling.javaapi.core.CoreDsl.scenario;
import static io.gatling.javaapi.core.CoreDsl.tryMax;
import static io.gatling.javaapi.core.CoreDsl.StringBody;
import static io.gatling.javaapi.http.HttpDsl.getCookieValue;
import static io.gatling.javaapi.http.HttpDsl.CookieKey;
import static io.gatling.javaapi.http.HttpDsl.http;
import static io.gatling.javaapi.http.HttpDsl.sse;
import static io.gatling.javaapi.http.HttpDsl.status;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.gatling.javaapi.core.ChainBuilder;
import io.gatling.javaapi.core.ScenarioBuilder;
import io.gatling.javaapi.core.Session;
import io.gatling.javaapi.core.Simulation;
import io.gatling.javaapi.http.HttpProtocolBuilder;
import io.gatling.javaapi.http.HttpRequestActionBuilder;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * A whole school at the same timed quiz: everybody signs in and starts within a minute, then gives an answer every 8 to
 * 15 seconds and listens for news, as the page does. At the end each asks for the try again and compares what is there
 * with what was said to be kept. An answer that nobody took is given again until it is kept, as the page does it too.
 */
public class SameQuiz extends Simulation {
    private static final int STUDENTS = Integer.getInteger("students", 1000);
    private static final int START_SECONDS = Integer.getInteger("startSeconds", 60);
    private static final int ANSWER_SECONDS = Integer.getInteger("answerSeconds", 300);
    private static final int SOONEST_MS = Integer.getInteger("soonestMs", 8_000);
    private static final int LATEST_MS = Integer.getInteger("latestMs", 15_000);
    /** An answer that was sent is waited for at the end too, so that it is known what must be there. */
    private static final boolean WHOLE_ROUNDS = false;

    private static final boolean KILLED = Boolean.getBoolean("killed");
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final AtomicInteger KEPT = new AtomicInteger();
    private static final AtomicInteger LOST = new AtomicInteger();
    private static final AtomicInteger COMPARED = new AtomicInteger();

    private final HttpProtocolBuilder page = http.baseUrl(System.getProperty("address"))
            .acceptHeader("application/json")
            .contentTypeHeader("application/json")
            .header("X-XSRF-TOKEN", "#{token}");

    private final ChainBuilder signIn = exec(session -> session.set("token", ""))
            .exec(again(http("who is there").get("/api/session").check(status().is(200))))
            .exec(getCookieValue(CookieKey("XSRF-TOKEN").saveAs("token")))
            .exec(again(http("sign in")
                    .post("/api/sign-in/student")
                    .body(StringBody("{\"code\":\"#{code}\"}"))
                    .check(status().is(200))))
            .exec(getCookieValue(CookieKey("XSRF-TOKEN").saveAs("token")));

    private final ChainBuilder start = exec(again(
                    http("my work").get("/api/my/work").check(status().is(200))))
            .exec(again(http("start")
                    .post("/api/my/tasks/#{task}/tries")
                    .check(status().is(200))
                    .check(jsonPath("$.id").saveAs("try"))
                    .check(jsonPath("$.questions[*].id").findAll().saveAs("questions"))))
            .exec(session -> session.set("kept", new HashMap<String, String>()));

    private final ChainBuilder listen =
            exec(sse("listen for news").get("/api/my/news"));

    private final ChainBuilder answer = exec(SameQuiz::choose)
            .exec(doWhile(session -> !session.getBoolean("taken"))
                    .on(
                            exec(http("keep an answer")
                                    .put("/api/my/tries/#{try}/answers/#{question}")
                                    .body(StringBody(
                                            "{\"given\":\"#{given}\",\"key\":\"#{key}\",\"givenAt\":\"#{givenAt}\"}"))
                                    .check(status().saveAs("answered"))),
                            exec(SameQuiz::noteWhatWasKept),
                            doIf(session -> !session.getBoolean("taken")).then(pause(Duration.ofSeconds(2)))));

    private final ChainBuilder compare = exec(again(http("look at it again")
                    .get("/api/my/tries/#{try}")
                    .check(status().is(200))
                    .check(bodyString().saveAs("after"))))
            .exec(SameQuiz::compareWithWhatWasKept);

    private final ScenarioBuilder student = scenario("a student")
            .feed(csv(System.getProperty("codes")).queue())
            .exec(signIn, start)
            .doIf(session -> !KILLED)
            .then(listen)
            .exec(during(ANSWER_SECONDS, "round", WHOLE_ROUNDS).on(pause(Duration.ofMillis(SOONEST_MS), Duration.ofMillis(LATEST_MS)), answer))
            .doIf(session -> !KILLED)
            .then(exec(sse("stop listening").close()))
            .exec(compare);

    public SameQuiz() {
        var run = setUp(student.injectOpen(rampUsers(STUDENTS).during(START_SECONDS))).protocols(page);
        if (!KILLED) {
            run.assertions(
                    global().failedRequests().count().is(0L),
                    details("keep an answer").responseTime().percentile(99.0).lt(250));
        }
    }

    /** What a child does whose page does not come: once more, a little later. */
    private static ChainBuilder again(HttpRequestActionBuilder request) {
        return exec(tryMax(60, "times")
                .on(doIf(session -> session.getInt("times") > 0).then(pause(Duration.ofSeconds(2))), exec(request)));
    }

    private static Session choose(Session session) {
        List<Object> questions = session.getList("questions");
        ThreadLocalRandom random = ThreadLocalRandom.current();
        return session.set("question", questions.get(random.nextInt(questions.size())))
                .set("given", String.valueOf(random.nextInt(1_000_000)))
                .set("key", UUID.randomUUID().toString())
                .set("givenAt", Instant.now().toString())
                .set("taken", false)
                .set("answered", 0);
    }

    private static Session noteWhatWasKept(Session session) {
        boolean taken = session.getInt("answered") == 200;
        if (taken) {
            Map<String, String> kept = new HashMap<>(session.<Map<String, String>>get("kept"));
            kept.put(String.valueOf(session.<Object>get("question")), session.getString("given"));
            KEPT.incrementAndGet();
            // A request that fails marks the student as failed; one that was kept in the end is not.
            return session.set("kept", kept).set("taken", true).markAsSucceeded();
        }
        return session.set("answered", 0);
    }

    private static Session compareWithWhatWasKept(Session session) {
        Map<String, String> there = new HashMap<>();
        try {
            JSON.readTree(session.getString("after"))
                    .get("questions")
                    .forEach(each -> there.put(each.get("id").asText(), each.path("given").asText()));
        } catch (JsonProcessingException unreadable) {
            throw new IllegalStateException(unreadable);
        }
        session.<Map<String, String>>get("kept").forEach((question, given) -> {
            if (!given.equals(there.get(question))) {
                LOST.incrementAndGet();
                System.out.printf(
                        "lost: try %s question %s given %s, there is %s%n",
                        session.getString("try"), question, given, there.get(question));
            }
        });
        COMPARED.incrementAndGet();
        return session;
    }

    @Override
    public void after() {
        System.out.printf(
                "%d answers were said to be kept; %d students looked again; %d answers were lost%n",
                KEPT.get(), COMPARED.get(), LOST.get());
        if (LOST.get() > 0 || COMPARED.get() < STUDENTS) {
            throw new IllegalStateException("answers were lost, or not everybody could look again");
        }
    }
}
