package zafu.server.corner;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link MyCornerController} takes and gives. */
final class MyCornerApi {
    private MyCornerApi() {}

    /** @param unread what came since the student looked last */
    record MyCorner(long id, @Nullable String name, int unread) {}

    /** @param notices for the student, whether they came to a corner or to everybody, newest first */
    record MyCornersShown(List<MyCorner> corners, List<MyNotice> notices) {}

    record MyCornerPage(
            long id,
            @Nullable String name,
            String meetingAddress,
            boolean meetsHere,
            boolean mayAdd,
            List<MyNotice> notices,
            List<MyTalk> talks,
            List<MyCornerFile> files) {}

    record MyNotice(long id, String text, String link, LocalDateTime at, String by, List<MyCornerFile> files) {}

    /** @param readsAfterPosting whether there may be posts that are read only after saying something oneself */
    record MyTalk(long id, String title, boolean closed, boolean readsAfterPosting, List<MyPost> posts) {}

    /** @param by a given name, or a teacher's name */
    record MyPost(
            long id,
            String by,
            boolean mine,
            boolean ofTeacher,
            boolean toMeAlone,
            String text,
            LocalDateTime at,
            boolean reported) {}

    record MyCornerFile(long id, String name, long size, String by) {}

    record Said(@NotBlank @Size(max = 4000) String text) {}
}
