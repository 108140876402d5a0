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
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.core.need.Support;
import zafu.core.need.WorkKind;

/** The needs of one student in detail. Seeing them is noted. */
@RestController
class NeedController {
    private final NeedService service;

    NeedController(NeedService service) {
        this.service = service;
    }

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

    @GetMapping("/api/students/{studentId}/needs")
    NeedSheet needs(@PathVariable long studentId) {
        return service.look(studentId);
    }

    @PostMapping("/api/students/{studentId}/plans")
    MadeNeed plan(@PathVariable long studentId, @Valid @RequestBody NewPlan wanted) {
        return new MadeNeed(service.addPlan(studentId, wanted));
    }

    @PostMapping("/api/students/{studentId}/accommodations")
    MadeNeed grant(@PathVariable long studentId, @Valid @RequestBody NewAccommodation wanted) {
        return new MadeNeed(service.grant(studentId, wanted));
    }

    /** Grants the same to several students, or to none where one of them cannot have it. */
    @PostMapping("/api/accommodations")
    GrantedNeeds grantToSeveral(@Valid @RequestBody GrantToSeveral wanted) {
        return new GrantedNeeds(service.grantToSeveral(wanted));
    }

    /** Ends what was granted to several, all of it or nothing. */
    @PostMapping("/api/accommodations/end")
    void endSeveral(@Valid @RequestBody GrantedNeeds wanted) {
        service.endSeveral(wanted.granted());
    }

    @PostMapping("/api/students/{studentId}/accommodations/{accommodationId}/end")
    void end(@PathVariable long studentId, @PathVariable long accommodationId) {
        service.end(studentId, accommodationId, true);
    }

    @PostMapping("/api/students/{studentId}/accommodations/{accommodationId}/grant-again")
    void grantAgain(@PathVariable long studentId, @PathVariable long accommodationId) {
        service.end(studentId, accommodationId, false);
    }
}
