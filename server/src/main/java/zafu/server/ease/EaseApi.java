package zafu.server.ease;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** What {@link EaseController} takes and gives. */
final class EaseApi {
    private EaseApi() {}

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
     * @param language in which the pages speak, as a tag such as "ar"; while none is chosen that of home, where Zafu
     *     speaks it
     */
    record Ease(
            @NotNull TextSize textSize,
            @NotNull Spacing spacing,
            @NotNull Typeface typeface,
            @NotNull Colours colours,
            boolean lineFocus,
            boolean clockHidden,
            @Nullable @Size(max = 12) String language) {}

    /**
     * In which language the pages of a student speak, as an adult sees and sets it.
     *
     * @param chosen as a tag, absent while the language of home decides
     * @param atHome that language, absent where Zafu does not speak it
     */
    record PageLanguage(@Nullable @Size(max = 12) String chosen, @Nullable String atHome) {}
}
