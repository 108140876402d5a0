package zafu.server.skill;

import java.io.IOException;
import java.util.Locale;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zafu.server.skill.SkillImportApi.Brought;

/** Skills from a file: CASE 1.0 JSON, or a table. */
@RestController
class SkillImportController {
    private final SkillImport imports;

    SkillImportController(SkillImport imports) {
        this.imports = imports;
    }

    @PostMapping(path = "/api/skills/from-file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Brought bringIn(@RequestPart("file") MultipartFile file) throws IOException {
        byte[] bytes = file.getBytes();
        return imports.take(isJson(file, bytes) ? CaseFramework.read(bytes) : SkillSheet.read(bytes));
    }

    private static boolean isJson(MultipartFile file, byte[] bytes) {
        String name = String.valueOf(file.getOriginalFilename()).toLowerCase(Locale.ROOT);
        return name.endsWith(".json")
                || new String(bytes, 0, Math.min(bytes.length, 40))
                        .stripLeading()
                        .startsWith("{");
    }
}
