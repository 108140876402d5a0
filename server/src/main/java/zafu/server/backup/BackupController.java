package zafu.server.backup;

import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Backups of the school, for its administrators. */
@RestController
class BackupController {
    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    /** @param size in bytes */
    record BackupShown(String name, long size) {}

    @GetMapping("/api/school/backups")
    List<BackupShown> all() {
        return backups.all().stream().map(BackupController::shown).toList();
    }

    /** Makes one now and opens it to see that it can be used. */
    @PostMapping("/api/school/backups")
    BackupShown make() {
        return shown(backups.makeNow());
    }

    @GetMapping("/api/school/backups/{backupName}")
    ResponseEntity<Resource> file(@PathVariable String backupName) {
        FileSystemResource file = new FileSystemResource(backups.file(backupName));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file.getFilename())
                                .build()
                                .toString())
                .body(file);
    }

    private static BackupShown shown(Backups.Kept kept) {
        return new BackupShown(kept.name(), kept.size());
    }
}
