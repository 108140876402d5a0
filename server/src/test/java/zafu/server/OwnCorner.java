package zafu.server;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** The corner of one group of a class, with a notice, a talk and a post. */
final class OwnCorner {
    final TestClass own;
    final long id;
    final long notice;
    final long talk;

    OwnCorner(TestClass own, long groupId) {
        this.own = own;
        id = made("/api/groups/" + groupId + "/corner", Map.of());
        notice = made("/api/classes/" + own.id + "/notices", notice("Bring boots.", List.of(id)));
        talk = made("/api/corners/" + id + "/talks", talk("What did you see?", false));
    }

    long made(String path, Map<String, Object> wanted) {
        return own.teacher.post(path, wanted).ok().get("id").asLong();
    }

    static Map<String, Object> notice(String text, List<Long> corners) {
        return Map.of("text", text, "link", "", "everyone", corners.isEmpty(), "corners", corners, "version", 0);
    }

    static Map<String, Object> talk(String title, boolean postFirst) {
        return Map.of("title", title, "postFirst", postFirst, "closed", false, "version", 0);
    }

    long say(String text) {
        return made("/api/talks/" + talk + "/posts", Map.of("text", text));
    }

    /** As its adults see it. */
    JsonNode shown() {
        return own.teacher.get("/api/corners/" + id).ok();
    }

    /** As student S{@code number} sees it. */
    JsonNode page(int number) {
        return own.signedIn(number).get("/api/my/corners/" + id).ok();
    }

    Map<String, Object> places() {
        return Map.of("cornerId", id, "noticeId", notice, "talkId", talk, "postId", say("Crabs."));
    }
}
