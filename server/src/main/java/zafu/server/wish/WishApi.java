package zafu.server.wish;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What {@link WishController} takes and gives. */
final class WishApi {
    private WishApi() {}

    record PairNoteShown(long id, long oneId, long otherId, PairNote.Kind kind, int weight) {}

    /** @param weight of a wish, 1 to 3; for a rule it does not count */
    record PairNoteEdit(long oneId, long otherId, @NotNull PairNote.Kind kind, @Min(1) @Max(3) int weight) {}

    record NewSurvey(
            @NotBlank @Size(max = 300) String question,
            @Size(min = 2, max = 20) List<@NotBlank @Size(max = 120) String> options) {}

    record MadeSurvey(long id) {}

    /** @param waiting students who have not replied */
    record SurveyShown(
            long id,
            String question,
            boolean closed,
            List<OptionShown> options,
            List<ReplyShown> replies,
            int waiting) {}

    /** @param chosen how many ranked it first, second, third */
    record OptionShown(long id, String words, List<Integer> chosen) {}

    record ReplyShown(long studentId, List<Long> ranked, boolean filledIn) {}

    record RankedOptions(@NotNull @Size(max = 3) List<Long> ranked) {}
}
