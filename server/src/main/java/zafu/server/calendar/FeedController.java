package zafu.server.calendar;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.calendar.FeedApi.FeedShown;
import zafu.server.calendar.FeedApi.NewFeed;
import zafu.server.platform.Words;

/** Calendars in the iCalendar format: feeds without signing in, downloads with it. */
@RestController
class FeedController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);
    private final CalendarFeeds feeds;
    private final LanguageOfFeed languages;

    FeedController(CalendarFeeds feeds, LanguageOfFeed languages) {
        this.feeds = feeds;
        this.languages = languages;
    }

    @GetMapping("/calendar/{address}.ics")
    ResponseEntity<String> read(@PathVariable String address) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(languages
                        .at(address)
                        .map(language -> Words.speaking(language, () -> feeds.read(address)))
                        .orElseGet(() -> feeds.read(address)));
    }

    @GetMapping("/api/calendar/feeds")
    List<FeedShown> mineAsAdult() {
        return feeds.ofAdult();
    }

    @PostMapping("/api/calendar/feeds")
    FeedShown make(@RequestBody NewFeed wanted) {
        return feeds.makeForAdult(wanted.classId(), wanted.groupId());
    }

    @DeleteMapping("/api/calendar/feeds/{feedId}")
    void revoke(@PathVariable long feedId) {
        feeds.revokeForAdult(feedId);
    }

    @GetMapping("/api/classes/{classId}/calendar.ics")
    ResponseEntity<String> download(
            @PathVariable long classId, @RequestParam(required = false) @Nullable Long groupId) {
        return file(feeds.ofClass(classId, groupId));
    }

    @GetMapping("/api/my/calendar/feeds")
    List<FeedShown> mine() {
        return feeds.ofStudent();
    }

    @PostMapping("/api/my/calendar/feeds")
    FeedShown makeMine() {
        return feeds.makeForStudent();
    }

    @DeleteMapping("/api/my/calendar/feeds")
    void revokeMine() {
        feeds.revokeForStudent();
    }

    @GetMapping("/api/my/calendar.ics")
    ResponseEntity<String> downloadMine() {
        return file(feeds.mine());
    }

    private static ResponseEntity<String> file(String text) {
        String disposition =
                ContentDisposition.attachment().filename("zafu.ics").build().toString();
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .body(text);
    }
}
