package zafu.server.arrangement;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.measure.Measures;
import zafu.server.roster.SchoolSettings;

/** Lists of groups to print: one for the wall, one for the teacher. */
@RestController
class GroupListController {
    private final GroupLists lists;
    private final SchoolSettings school;

    GroupListController(GroupLists lists, SchoolSettings school) {
        this.lists = lists;
        this.school = school;
    }

    /** @param groups by the name that students know, so that no rank shows */
    record WallList(String subject, LocalDate beginsOn, LocalDate endsOn, List<WallGroup> groups) {}

    /** @param students as called in class, by name */
    record WallGroup(String name, List<String> students) {}

    /** @param groups in the order of the bench */
    record PrivateList(
            String name,
            String subject,
            LocalDate beginsOn,
            LocalDate endsOn,
            String note,
            Measures.MeasureCard measure,
            List<ListedGroup> groups,
            List<String> notPlaced) {}

    /** @param leads names of the adults who lead it */
    record ListedGroup(
            String name,
            @Nullable String studentName,
            List<String> leads,
            String note,
            @Nullable Double median,
            @Nullable Double lowest,
            @Nullable Double highest,
            List<ListedStudent> students) {}

    /** @param timeNeed such as "1.5×"; absent unless it was asked for */
    record ListedStudent(String name, @Nullable Double value, boolean stale, @Nullable String timeNeed) {}

    @GetMapping("/api/arrangements/{arrangementId}/wall-list")
    WallList wall(@PathVariable long arrangementId) {
        return lists.wall(arrangementId);
    }

    @GetMapping("/api/arrangements/{arrangementId}/private-list")
    PrivateList forTeacher(@PathVariable long arrangementId, @RequestParam(defaultValue = "false") boolean needs) {
        return lists.forTeacher(arrangementId, needs);
    }

    @GetMapping("/api/arrangements/{arrangementId}/wall-list.pdf")
    ResponseEntity<byte[]> wallPdf(
            @PathVariable long arrangementId, @RequestParam(defaultValue = "false") boolean pageEach) {
        return pdf("groups.pdf", pages(pageEach).wall(lists.wall(arrangementId)));
    }

    /** With notes and figures where they are asked for, and needs likewise. */
    @GetMapping("/api/arrangements/{arrangementId}/private-list.pdf")
    ResponseEntity<byte[]> privatePdf(
            @PathVariable long arrangementId,
            @RequestParam(defaultValue = "false") boolean pageEach,
            @RequestParam(defaultValue = "false") boolean notes,
            @RequestParam(defaultValue = "false") boolean figures,
            @RequestParam(defaultValue = "false") boolean needs) {
        return pdf(
                "groups-private.pdf",
                pages(pageEach).forTeacher(lists.forTeacher(arrangementId, needs), notes, figures));
    }

    private GroupListPages pages(boolean pageEach) {
        return new GroupListPages(school.paper(), pageEach);
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] pages) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(pages);
    }
}
