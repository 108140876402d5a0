package zafu.server.oneroster;

import java.io.IOException;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zafu.server.access.ClassPermission;
import zafu.server.exchange.ImportKind;
import zafu.server.exchange.ImportLog;

/** The whole school's list as a OneRoster 1.2 bundle, in and out; for administrators. */
@RestController
class OneRosterController {
    private final RosterImports imports;
    private final BundleWriter writer;
    private final ImportLog log;
    private final ClassPermission permission;

    OneRosterController(RosterImports imports, BundleWriter writer, ImportLog log, ClassPermission permission) {
        this.imports = imports;
        this.writer = writer;
        this.log = log;
        this.permission = permission;
    }

    @PostMapping(path = "/api/school/one-roster/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RosterImports.BundlePreview preview(@RequestPart MultipartFile file) throws IOException {
        permission.requireAdministrator();
        return imports.preview(BundleReader.read(file.getBytes()));
    }

    @PostMapping(path = "/api/school/one-roster", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RosterImports.BundleTaken take(@RequestPart MultipartFile file) throws IOException {
        permission.requireAdministrator();
        String name = file.getOriginalFilename();
        return imports.take(BundleReader.read(file.getBytes()), ImportKind.ONE_ROSTER, name == null ? "" : name);
    }

    @GetMapping("/api/school/one-roster")
    ResponseEntity<byte[]> give() {
        permission.requireAdministrator();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        "Content-Disposition",
                        ContentDisposition.attachment()
                                .filename("one-roster.zip")
                                .build()
                                .toString())
                .body(writer.zip());
    }

    @GetMapping("/api/school/imports")
    List<ImportLog.ImportShown> imports() {
        return log.ofSchool();
    }
}
