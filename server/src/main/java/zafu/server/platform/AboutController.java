package zafu.server.platform;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is running here, and what it is made of. */
@RestController
class AboutController {
    private static final String UNPACKED = "in the making";
    private final Parts parts;

    AboutController(Parts parts) {
        this.parts = parts;
    }

    /** @param version of Zafu */
    record About(String version, List<Parts.Part> parts) {}

    @GetMapping("/api/about")
    About about() {
        String version = AboutController.class.getPackage().getImplementationVersion();
        return new About(version == null ? UNPACKED : version, parts.all());
    }
}
