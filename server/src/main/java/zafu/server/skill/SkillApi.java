package zafu.server.skill;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link SkillController} takes and gives. */
final class SkillApi {
    private SkillApi() {}

    /** @param strands in their order; the last one, without a name, holds skills of no strand */
    record SkillList(List<StrandShown> strands) {}

    record StrandShown(@Nullable Long id, String name, List<SkillShown> skills) {}

    /**
     * @param prerequisites ids of what should be held first
     * @param screenCut a value of the measure at or past it places a student past the skill
     * @param classId whose own it is; absent where the whole school shares it
     */
    record SkillShown(
            long id,
            String name,
            @Nullable Integer grade,
            String description,
            List<Long> prerequisites,
            List<CodeShown> codes,
            @Nullable Long screenMeasureId,
            @Nullable Double screenCut,
            @Nullable Long classId,
            long version) {}

    record CodeShown(@NotBlank @Size(max = 200) String scheme, @NotBlank @Size(max = 120) String code) {}

    /**
     * @param strand by name; one that is not there yet is made
     * @param classId whose own it is; absent where the whole school shares it
     * @param place in the strand from 0; absent keeps it, or puts a new skill last
     * @param version of the skill that was changed; absent for a new one
     */
    record SkillEdit(
            @NotBlank @Size(max = 120) String name,
            @NotNull @Size(max = 120) String strand,
            @Nullable @Min(0) @Max(13) Integer grade,
            @NotNull @Size(max = 2000) String description,
            @NotNull @Size(max = 50) List<Long> prerequisites,
            @NotNull @Size(max = 20) List<@Valid CodeShown> codes,
            @Nullable Long screenMeasureId,
            @Nullable Double screenCut,
            @Nullable Long classId,
            @Nullable @Min(0) Integer place,
            @Nullable Long version) {}

    /** @param fraction right, 0 to 1 */
    record NewEvidence(
            long skillId,
            @NotNull LocalDate takenOn,
            @DecimalMin("0") @DecimalMax("1") double fraction,
            @NotNull @Size(max = 300) String note) {}

    /** @param source LIST, TRY or HAND */
    record EvidenceShown(long id, LocalDate takenOn, double fraction, String source, String note, boolean mayRemove) {}

    record SkillIds(@NotNull @Size(max = 5000) List<Long> ids) {}

    record NotedEvidence(long id) {}
}
