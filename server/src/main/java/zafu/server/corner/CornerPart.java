package zafu.server.corner;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import zafu.server.platform.FileHolder;
import zafu.server.platform.FilesLetGo;
import zafu.server.roster.StudentPart;

/** What a student said and brought in corners, as part of the student's record. */
@Component
class CornerPart implements StudentPart, FileHolder {
    private final TalkPostRepository posts;
    private final CornerFileRepository files;
    private final CornerVisitRepository visits;
    private final ApplicationEventPublisher events;

    CornerPart(
            TalkPostRepository posts,
            CornerFileRepository files,
            CornerVisitRepository visits,
            ApplicationEventPublisher events) {
        this.events = events;
        this.posts = posts;
        this.files = files;
        this.visits = visits;
    }

    @Override
    public String name() {
        return "said in corners";
    }

    @Override
    public Object of(long studentId) {
        return Map.of(
                "posts",
                postsAbout(studentId).stream()
                        .filter(each ->
                                Objects.equals(each.studentId, studentId) || Objects.equals(each.onlyFor, studentId))
                        .map(each -> Map.of("at", each.postedAt.toString(), "text", each.text))
                        .toList(),
                "files",
                files.findByStudentIdOrderByAddedAtAscIdAsc(studentId).stream()
                        .map(each -> Map.of("at", each.addedAt.toString(), "name", each.name))
                        .toList());
    }

    @Override
    public boolean holds(String hash) {
        return files.existsByHash(hash);
    }

    @Override
    public void erase(long studentId) {
        for (TalkPost each : postsAbout(studentId)) {
            if (Objects.equals(each.reportedBy, studentId)) {
                each.reportedBy = null;
                posts.save(each);
            }
            if (Objects.equals(each.studentId, studentId) || Objects.equals(each.onlyFor, studentId)) {
                posts.delete(each);
            }
        }
        List<CornerFile> shared = files.findByStudentIdOrderByAddedAtAscIdAsc(studentId);
        files.deleteAll(shared);
        events.publishEvent(FilesLetGo.of(shared.stream().map(each -> each.hash).toList()));
        visits.deleteByStudentId(studentId);
        posts.flush();
    }

    private List<TalkPost> postsAbout(long studentId) {
        return posts.findByStudentIdOrOnlyForOrReportedByOrderById(studentId, studentId, studentId);
    }
}
