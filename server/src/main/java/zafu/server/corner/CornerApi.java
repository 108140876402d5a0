package zafu.server.corner;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link CornerController} takes and gives. */
final class CornerApi {
    private CornerApi() {}

    /** @param without groups of arrangements in use that have no corner yet */
    record CornersShown(List<CornerCard> corners, List<GroupWithout> without, boolean mayChange) {}

    /**
     * @param studentName what students call the group, absent where they are told no name
     * @param unread what came since the adult looked last
     * @param reported posts that a student reported and nobody has hidden or let stand
     * @param latest when the last thing came
     */
    record CornerCard(
            long id,
            long groupId,
            String group,
            @Nullable String studentName,
            int look,
            String arrangement,
            int students,
            int unread,
            int reported,
            @Nullable LocalDateTime latest) {}

    record GroupWithout(long groupId, String name, int look, String arrangement) {}

    record CornerShown(
            CornerCard card,
            String meetingAddress,
            boolean meetsHere,
            boolean studentsAdd,
            long version,
            List<NoticeShown> notices,
            List<TalkShown> talks,
            List<CornerFileShown> files,
            boolean mayChange) {}

    /**
     * @param corners ids of those it is for, besides being for everyone in the class or not
     * @param waits whether students do not see it yet
     * @param mayChange whether the asking adult corrects it and takes it away
     */
    record NoticeShown(
            long id,
            String text,
            String link,
            boolean everyone,
            List<Long> corners,
            LocalDateTime showFrom,
            boolean waits,
            String by,
            List<CornerFileShown> files,
            boolean mayChange,
            long version) {}

    record TalkShown(long id, String title, boolean postFirst, boolean closed, long version, List<PostShown> posts) {}

    /**
     * @param studentId of the student who said it, absent for an adult
     * @param onlyFor the given name of the student to whom alone it is said
     */
    record PostShown(
            long id,
            String by,
            @Nullable Long studentId,
            @Nullable String onlyFor,
            String text,
            LocalDateTime at,
            boolean hidden,
            boolean reported) {}

    record CornerFileShown(long id, String name, long size, String by, LocalDateTime at) {}

    record CornerMade(long id) {}

    /**
     * @param meetingAddress of a page anywhere, empty for none
     * @param meetsHere whether the group meets on a page of ours where there is no address
     */
    record CornerEdit(
            @NotNull @Size(max = 2000) String meetingAddress, boolean meetsHere, boolean studentsAdd, long version) {}

    /**
     * @param corners ids of those it is for
     * @param showFrom when students see it, absent for now
     */
    record NoticeEdit(
            @NotBlank @Size(max = 8000) String text,
            @NotNull @Size(max = 2000) String link,
            boolean everyone,
            @NotNull @Size(max = 100) List<Long> corners,
            @Nullable LocalDateTime showFrom,
            long version) {}

    record Removed(boolean removed) {}

    record TalkEdit(@NotBlank @Size(max = 200) String title, boolean postFirst, boolean closed, long version) {}

    /** @param onlyFor the student to whom alone it is said */
    record PostWritten(@NotBlank @Size(max = 4000) String text, @Nullable Long onlyFor) {}

    record PostHidden(boolean hidden) {}
}
