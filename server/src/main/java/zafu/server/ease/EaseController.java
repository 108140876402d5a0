package zafu.server.ease;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How the signed-in student likes to read. Says nothing of why. */
@RestController
class EaseController {
    private final MyEase ease;

    EaseController(MyEase ease) {
        this.ease = ease;
    }

    enum TextSize {
        USUAL,
        LARGE,
        LARGER,
        LARGEST
    }

    enum Spacing {
        USUAL,
        WIDE,
        WIDER
    }

    enum Typeface {
        USUAL,
        ROUND,
        WEIGHTED
    }

    enum Colours {
        /** As the device is set. */
        USUAL,
        WHITE,
        SAND,
        SKY,
        NIGHT
    }

    /**
     * @param lineFocus the paragraph that is read is held, the others step back
     * @param clockHidden the time left is only said aloud at half, five and one minutes
     */
    record Ease(
            @NotNull TextSize textSize,
            @NotNull Spacing spacing,
            @NotNull Typeface typeface,
            @NotNull Colours colours,
            boolean lineFocus,
            boolean clockHidden) {}

    @GetMapping("/api/my/ease")
    Ease mine() {
        return ease.mine();
    }

    @PutMapping("/api/my/ease")
    Ease keep(@Valid @RequestBody Ease wanted) {
        return ease.keep(wanted);
    }
}
