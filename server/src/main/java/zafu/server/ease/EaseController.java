package zafu.server.ease;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.ease.EaseApi.Ease;

/** How the signed-in student likes to read. Says nothing of why. */
@RestController
class EaseController {
    private final MyEase ease;

    EaseController(MyEase ease) {
        this.ease = ease;
    }

    @GetMapping("/api/my/ease")
    Ease mine() {
        return ease.mine();
    }

    @PutMapping("/api/my/ease")
    Ease keep(@Valid @RequestBody Ease wanted) {
        return ease.keep(wanted);
    }
}
