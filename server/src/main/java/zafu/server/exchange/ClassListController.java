package zafu.server.exchange;

import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zafu.server.exchange.ClassListApi.Preview;
import zafu.server.exchange.ClassListApi.Taken;
import zafu.server.exchange.ClassListApi.Wanted;

/**
 * Bringing in students, scores, needs and skills from a file or pasted text: looked at first, then taken whole. The
 * file travels each time; nothing is kept of it.
 */
@RestController
class ClassListController {
    private final ClassListService service;
    private final ImportLog log;

    ClassListController(ClassListService service, ImportLog log) {
        this.service = service;
        this.log = log;
    }

    @PostMapping(path = "/api/class-lists/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Preview preview(@RequestPart MultipartFile file, @Valid @RequestPart Wanted wanted) throws IOException {
        return service.preview(file.getBytes(), wanted);
    }

    @PostMapping(path = "/api/class-lists", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Taken take(@RequestPart MultipartFile file, @Valid @RequestPart Wanted wanted) throws IOException {
        String name = file.getOriginalFilename();
        return service.take(file.getBytes(), name == null ? "" : name, wanted);
    }

    @GetMapping("/api/classes/{classId}/imports")
    List<ImportLog.ImportShown> imports(@PathVariable long classId) {
        return log.ofClass(classId);
    }

    @PostMapping("/api/imports/{importId}/undo")
    void undo(@PathVariable long importId) {
        log.undo(importId);
    }
}
