package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** A screen that listens is told that something changed, and nothing else. */
class NewsTest extends ServerTest {
    private BlockingQueue<String> listen(TestClass own) throws Exception {
        BlockingQueue<String> news = new LinkedBlockingQueue<>();
        CookieManager cookies = new CookieManager();
        HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
        String base = "http://localhost:" + port;
        client.send(request(base + "/api/session").build(), HttpResponse.BodyHandlers.discarding());
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .getValue();
        String account = "{\"name\":\"ottoline\",\"password\":\"salt-marsh-5\"}";
        HttpRequest signIn = request(base + "/api/sign-in/adult")
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(account))
                .build();
        assertThat(client.send(signIn, HttpResponse.BodyHandlers.discarding()).statusCode())
                .isEqualTo(200);
        client.sendAsync(
                        request(base + "/api/classes/" + own.id + "/news").build(), HttpResponse.BodyHandlers.ofLines())
                .thenAccept(response -> response.body().forEach(news::add));
        assertThat(news.poll(10, TimeUnit.SECONDS)).isEqualTo(":listening");
        return news;
    }

    private static HttpRequest.Builder request(String address) {
        return HttpRequest.newBuilder(URI.create(address));
    }

    private static void assertTold(BlockingQueue<String> news, String what) throws InterruptedException {
        String line = news.poll(10, TimeUnit.SECONDS);
        while (line != null && !line.startsWith("data:")) {
            line = news.poll(10, TimeUnit.SECONDS);
        }
        assertThat(line).isEqualTo("data:" + what);
    }

    @Test
    void groupsTasksNeedsAndTriesAreNews() throws Exception {
        TestClass own = newClass("news", 3);
        BlockingQueue<String> news = listen(own);
        own.arrange(2);
        assertTold(news, "groups");
        long task = own.draft(TestClass.forEveryone());
        assertTold(news, "tasks");
        assertTold(news, "tasks");
        own.handOut(task, false).ok();
        assertTold(news, "tasks");
        own.grant(1, "EXTENDED_TIME", "2").ok();
        assertTold(news, "students");
        own.signedIn(1).post("/api/my/tasks/" + task + "/tries", null).ok();
        assertTold(news, "progress");
    }

    @Test
    void whatIsRefusedIsNoNews() throws Exception {
        TestClass own = newClass("no news", 3);
        long arrangement = own.arrange(2);
        BlockingQueue<String> news = listen(own);
        HttpCaller.Answer refused = own.teacher.post(
                "/api/arrangements/" + arrangement + "/steps",
                Map.of(
                        "kind",
                        "PLACE",
                        "students",
                        List.of(999999),
                        "groupId",
                        own.groups(arrangement).get(0)));
        assertThat(refused.status()).isEqualTo(404);
        own.step(arrangement, Map.of("kind", "ADD_GROUP"));
        assertTold(news, "groups");
        assertThat(news.stream().filter(line -> line.startsWith("data:"))).isEmpty();
    }

    @Test
    void aStudentIsToldThatMinutesWereAddedAndThatWorkIsThereAndNothingElse() throws Exception {
        TestClass own = newClass("student news", 2);
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        long tryId = task.start(1).get("id").asLong();
        BlockingQueue<String> news = new LinkedBlockingQueue<>();
        HttpRequest listening = request("http://localhost:" + port + "/api/my/news")
                .header("Cookie", own.signedIn(1).cookieHeader())
                .build();
        HttpClient.newHttpClient()
                .sendAsync(listening, HttpResponse.BodyHandlers.ofLines())
                .thenAccept(response -> response.body().forEach(news::add));
        assertThat(news.poll(10, TimeUnit.SECONDS)).isEqualTo(":listening");
        own.teacher
                .post("/api/tries/" + tryId + "/minutes", Map.of("minutes", 5))
                .ok();
        assertTold(news, "mine");
        TestTask.out(own, TestClass.forEveryone());
        assertTold(news, "mine");
        own.teacher
                .put("/api/tries/" + tryId + "/remark", Map.of("text", "Good links.", "returned", false))
                .ok();
        assertTold(news, "mine");
        assertThat(List.copyOf(news)).noneMatch(line -> line.contains("Good links"));
    }
}
