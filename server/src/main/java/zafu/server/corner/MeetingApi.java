package zafu.server.corner;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link MeetingController} takes and gives. */
final class MeetingApi {
    private MeetingApi() {}

    /** @param name a given name, or a teacher's name */
    record Present(String name, boolean adult, boolean me) {}

    /**
     * A group's meeting page as its students see it.
     *
     * @param calling whether a teacher is called
     */
    record MyMeeting(@Nullable String name, List<Present> present, boolean calling) {}

    /**
     * A group's meeting page as adults see it.
     *
     * @param members how many are in the group
     * @param callsForMinutes how long its students have been calling; absent while they do not
     */
    record MeetingRoom(
            long cornerId,
            String group,
            int look,
            List<Present> present,
            int members,
            @Nullable Long callsForMinutes) {}

    record Calling(boolean calling) {}
}
