package zafu.server.ease;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.ease.EaseApi.Ease;
import zafu.server.ease.EaseApi.PageLanguage;

/** How the signed-in student likes to read, which says nothing of why; and in which language an adult lets them be spoken to. */
@RestController
class EaseController {
    private final MyEase ease;
    private final LanguageOfStudent languages;

    EaseController(MyEase ease, LanguageOfStudent languages) {
        this.ease = ease;
        this.languages = languages;
    }

    @GetMapping("/api/my/ease")
    Ease mine() {
        return ease.mine();
    }

    @PutMapping("/api/my/ease")
    Ease keep(@Valid @RequestBody Ease wanted) {
        return ease.keep(wanted);
    }

    @GetMapping("/api/students/{studentId}/language")
    PageLanguage language(@PathVariable long studentId) {
        return languages.seen(studentId);
    }

    @PutMapping("/api/students/{studentId}/language")
    PageLanguage choose(@PathVariable long studentId, @Valid @RequestBody PageLanguage wanted) {
        return languages.choose(studentId, wanted.chosen());
    }
}
