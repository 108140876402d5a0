package zafu.server.library;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Pictures and PDFs in and out. */
@RestController
class LibraryFileController {
    private final LibraryFiles files;

    LibraryFileController(LibraryFiles files) {
        this.files = files;
    }

    @PostMapping(path = "/api/library/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    LibraryFiles.KeptFile keep(@RequestPart("file") MultipartFile file) throws IOException {
        return files.keepForAdult(String.valueOf(file.getOriginalFilename()), file.getBytes());
    }

    @GetMapping("/api/files/{fileId}")
    ResponseEntity<byte[]> file(@PathVariable long fileId) {
        return answer(files.contentForMe(fileId));
    }

    private static ResponseEntity<byte[]> answer(LibraryFiles.Content content) {
        String disposition = ContentDisposition.inline()
                .filename(content.name(), StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(content.mediaType()))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .header("X-Content-Type-Options", "nosniff")
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(content.bytes());
    }
}
