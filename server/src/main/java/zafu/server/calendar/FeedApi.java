package zafu.server.calendar;

import org.jspecify.annotations.Nullable;

/** What {@link FeedController} takes and gives. */
final class FeedApi {
    private FeedApi() {}

    /**
     * @param classId absent for all classes of an adult, and for a student
     * @param name of what it shows
     * @param address to give to a calendar program, after the name of this site
     */
    record FeedShown(long id, @Nullable Long classId, @Nullable Long groupId, String name, String address) {}

    /** With neither, all classes of the signed-in adult. */
    record NewFeed(@Nullable Long classId, @Nullable Long groupId) {}
}
