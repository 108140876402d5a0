package zafu.server.corner;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import zafu.server.roster.StudentPart;

/** What a student said and brought in corners, as part of the student's record. */
@Component
class CornerPart implements StudentPart {
    private final TalkPostRepository posts;
    private final CornerFileRepository files;
    private final CornerVisitRepository visits;

    CornerPart(TalkPostRepository posts, CornerFileRepository files, CornerVisitRepository visits) {
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
        files.deleteAll(files.findByStudentIdOrderByAddedAtAscIdAsc(studentId));
        visits.deleteByStudentId(studentId);
        posts.flush();
    }

    private List<TalkPost> postsAbout(long studentId) {
        return posts.findByStudentIdOrOnlyForOrReportedByOrderById(studentId, studentId, studentId);
    }
}
