package zafu.server.arrangement;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.measure.Measures;

/** What {@link ArrangementController} takes and gives. */
final class ArrangementApi {
    private ArrangementApi() {}

    /** @param notPlaced how many students of the class are in none of its groups */
    record ArrangementCard(
            long id,
            String name,
            String subject,
            LocalDate beginsOn,
            LocalDate endsOn,
            List<GroupCard> groups,
            int notPlaced) {}

    record GroupCard(long id, String name, int look, List<Long> members) {}

    /** @param students of a first group, called as the arrangement is; absent for no group yet */
    record NewArrangement(
            @NotBlank @Size(max = 120) String name,
            @NotBlank @Size(max = 60) String subject,
            LocalDate beginsOn,
            LocalDate endsOn,
            long measureId,
            @Nullable @Size(min = 1, max = 400) List<Long> students) {}

    /** @param to absent while the student is in the group */
    record GroupStay(String arrangement, String group, int look, Instant from, @Nullable Instant to) {}

    /** @param values of those who have one that counts */
    record SecondMeasure(Measures.MeasureCard measure, List<StudentValue> values) {}

    /** @param value in the measure's unit */
    record StudentValue(long id, double value) {}

    record MadeArrangement(long id) {}

    /**
     * @param groups lowest scores first; absent where nothing can be proposed
     * @param names of the groups, where the method gives them names of their own
     * @param granted of CHOICES: how many got their first, second, … choice, and last those who got none of theirs
     * @param leftOut whom the method cannot place, since what it goes by is not known of them
     * @param fit 0 to 1, where the method makes a spread small
     * @param impossible why nothing can be proposed, in a sentence
     */
    record Proposed(
            @Nullable List<List<Long>> groups,
            List<String> names,
            List<Integer> granted,
            List<Long> leftOut,
            @Nullable Double fit,
            @Nullable String impossible,
            @Nullable String fingerprint) {}

    /** @param share by which the rule raises what the method makes small; 0.03 is 3 % */
    record RuleTold(BenchView.RuleKind kind, List<Long> students, double share) {}

    /**
     * Why a student is in a group, with the group by its place in the proposal.
     *
     * @param value by which the groups were formed; with the means absent where it is no value
     * @param next the nearest other group
     * @param keptFromNearer whether a rule or a size keeps the student from it
     * @param inExchange of MIXED and PROFILES: with whom to change places would be the next best
     * @param rise of MIXED and PROFILES: by which share the next best raises what the method makes small; 0.03 is 3 %
     * @param choice of CHOICES: which of their choices it is, from 1; absent for none of them
     */
    record StudentWhy(
            long id,
            int group,
            boolean locked,
            @Nullable Double value,
            @Nullable Double ownMean,
            @Nullable Integer next,
            @Nullable Double nextMean,
            boolean keptFromNearer,
            @Nullable Long inExchange,
            @Nullable Double rise,
            @Nullable Integer choice) {}

    /** @param mean of those in the group, in the measure's unit */
    record GroupMean(int group, long measureId, double mean) {}

    /** @param means of MIXED and PROFILES, by group and measure */
    record Reasons(List<RuleTold> rules, List<StudentWhy> students, List<GroupMean> means) {}
}
