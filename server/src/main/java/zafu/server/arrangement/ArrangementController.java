package zafu.server.arrangement;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.measure.Measures;

/** Arrangements and the bench. */
@RestController
class ArrangementController {
    private final ArrangementService service;
    private final Bench bench;

    ArrangementController(ArrangementService service, Bench bench) {
        this.service = service;
        this.bench = bench;
    }

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

    @GetMapping("/api/classes/{classId}/arrangements")
    List<ArrangementCard> arrangements(@PathVariable long classId) {
        return service.cards(classId);
    }

    /** The groups a student is in and was in, newest first. */
    @GetMapping("/api/students/{studentId}/groups")
    List<GroupStay> groupsOf(@PathVariable long studentId) {
        return service.groupsOf(studentId);
    }

    @PostMapping("/api/classes/{classId}/arrangements")
    MadeArrangement create(@PathVariable long classId, @Valid @RequestBody NewArrangement wanted) {
        return new MadeArrangement(service.create(classId, wanted));
    }

    @GetMapping("/api/arrangements/{arrangementId}")
    BenchView bench(@PathVariable long arrangementId) {
        return service.view(arrangementId);
    }

    @GetMapping("/api/arrangements/{arrangementId}/measures/{measureId}")
    SecondMeasure second(@PathVariable long arrangementId, @PathVariable long measureId) {
        return service.second(arrangementId, measureId);
    }

    @PostMapping("/api/arrangements/{arrangementId}/proposal")
    Proposed propose(@PathVariable long arrangementId, @Valid @RequestBody BenchCommand.ProposalAsked asked) {
        return service.propose(arrangementId, asked);
    }

    /** Why it is proposed so: what each rule costs, and why each student is where they are. */
    @PostMapping("/api/arrangements/{arrangementId}/proposal/reasons")
    Reasons reasons(@PathVariable long arrangementId, @Valid @RequestBody BenchCommand.ProposalAsked asked) {
        return service.reasons(arrangementId, asked);
    }

    /** Carries out one step and answers with the bench as it is then. */
    @PostMapping("/api/arrangements/{arrangementId}/steps")
    BenchView step(@PathVariable long arrangementId, @Valid @RequestBody BenchCommand command) {
        bench.carryOut(arrangementId, command);
        return service.view(arrangementId);
    }
}
