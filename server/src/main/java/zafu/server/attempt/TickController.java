package zafu.server.attempt;

import jakarta.validation.Valid;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.attempt.TickApi.Handed;
import zafu.server.attempt.TickApi.Ticked;
import zafu.server.platform.Downloads;

/** What teachers do with work that students do not answer on the screen: tick it, read it. */
@RestController
class TickController {
    private final Ticks ticks;
    private final HandedWork work;

    TickController(Ticks ticks, HandedWork work) {
        this.ticks = ticks;
        this.work = work;
    }

    @PostMapping("/api/tasks/{taskId}/ticks")
    void tick(@PathVariable long taskId, @Valid @RequestBody Ticked wanted) {
        ticks.tick(taskId, wanted.students(), wanted.done());
    }

    @GetMapping("/api/tries/{tryId}/handed")
    Handed handed(@PathVariable long tryId) {
        return work.handed(tryId);
    }

    @GetMapping("/api/tries/{tryId}/files/{fileId}")
    ResponseEntity<byte[]> file(@PathVariable long tryId, @PathVariable long fileId) {
        return Downloads.of(work.forAdult(tryId, fileId));
    }
}
