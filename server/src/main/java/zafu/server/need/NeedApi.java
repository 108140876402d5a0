package zafu.server.need;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Support;
import zafu.core.need.WorkKind;

/** What {@link NeedController} takes and gives. */
final class NeedApi {
    private NeedApi() {}

    /** @param seenBy how many adults may see this */
    record NeedSheet(List<PlanShown> plans, List<AccommodationShown> accommodations, int seenBy) {}

    record PlanShown(long id, String kind, String source, @Nullable LocalDate from, @Nullable LocalDate to) {}

    /** @param inForce today */
    record AccommodationShown(
            long id,
            Support support,
            @Nullable BigDecimal amount,
            String detail,
            Set<WorkKind> works,
            Set<String> subjects,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            String source,
            @Nullable Long planId,
            boolean inForce) {}

    record NewPlan(
            @NotBlank @Size(max = 80) String kind,
            @NotNull @Size(max = 200) String source,
            @Nullable LocalDate from,
            @Nullable LocalDate to) {}

    /**
     * @param amount as the support asks for: a factor, days, minutes, choices, or percent
     * @param works kinds of work it is limited to, none for all
     * @param subjects subjects it is limited to, none for all
     */
    record NewAccommodation(
            @NotNull Support support,
            @Nullable BigDecimal amount,
            @NotNull @Size(max = 120) String detail,
            @NotNull Set<WorkKind> works,
            @NotNull @Size(max = 10) Set<@NotBlank @Size(max = 40) String> subjects,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            @NotNull @Size(max = 200) String source,
            @Nullable Long planId) {}

    record MadeNeed(long id) {}

    /** @param students whom it is granted, each of them or none */
    record GrantToSeveral(
            @NotEmpty @Size(max = 400) List<@NotNull Long> students, @NotNull @Valid NewAccommodation granted) {}

    record GrantedNeed(@NotNull Long studentId, @NotNull Long id) {}

    record GrantedNeeds(@NotEmpty @Size(max = 400) List<@NotNull @Valid GrantedNeed> granted) {}
}
