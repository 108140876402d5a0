package zafu.server.qti;

import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zafu.server.qti.PackageApi.Report;
import zafu.server.qti.PackageApi.Taking;

/** Packages of other makers in, and our own out. */
@RestController
class PackageController {
    private final PackageService service;

    PackageController(PackageService service) {
        this.service = service;
    }

    @PostMapping(path = "/api/library/packages/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Report look(@RequestPart("file") MultipartFile file) throws IOException {
        return service.look(file.getBytes(), String.valueOf(file.getOriginalFilename()));
    }

    @PostMapping(path = "/api/library/packages", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Report take(@RequestPart("file") MultipartFile file, @RequestPart("wanted") @Valid Taking wanted)
            throws IOException {
        return service.take(file.getBytes(), String.valueOf(file.getOriginalFilename()), wanted);
    }

    /**
     * @param items none for all that the signed-in adult sees
     * @param version 2.1 or 3.0
     */
    @GetMapping("/api/library/packages")
    ResponseEntity<byte[]> give(
            @RequestParam(defaultValue = "") List<Long> items, @RequestParam(defaultValue = "3.0") String version) {
        byte[] zip = service.give(items, version.equals("2.1") ? QtiVersion.V2_1 : QtiVersion.V3_0);
        String disposition = ContentDisposition.attachment()
                .filename("library-qti-" + version.replaceAll("[^0-9.]", "") + ".zip")
                .build()
                .toString();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .body(zip);
    }
}
