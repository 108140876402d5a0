package zafu.server.arrangement;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.arrangement.GroupListApi.PrivateList;
import zafu.server.arrangement.GroupListApi.WallList;
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
