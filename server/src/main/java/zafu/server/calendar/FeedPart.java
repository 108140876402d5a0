package zafu.server.calendar;

import org.springframework.stereotype.Component;
import zafu.server.roster.StudentPart;

/** Calendar feeds, as part of the student's record. */
@Component
class FeedPart implements StudentPart {
    private final CalendarFeeds feeds;

    FeedPart(CalendarFeeds feeds) {
        this.feeds = feeds;
    }

    @Override
    public String name() {
        return "calendar feeds";
    }

    @Override
    public Object of(long studentId) {
        return feeds.recordOf(studentId);
    }

    @Override
    public void erase(long studentId) {
        feeds.erase(studentId);
    }
}
