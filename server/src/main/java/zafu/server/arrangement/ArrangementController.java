package zafu.server.arrangement;

import jakarta.validation.Valid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.arrangement.ArrangementApi.ArrangementCard;
import zafu.server.arrangement.ArrangementApi.GroupStay;
import zafu.server.arrangement.ArrangementApi.MadeArrangement;
import zafu.server.arrangement.ArrangementApi.NewArrangement;
import zafu.server.arrangement.ArrangementApi.Proposed;
import zafu.server.arrangement.ArrangementApi.Reasons;
import zafu.server.arrangement.ArrangementApi.SecondMeasure;

/** Arrangements and the bench. */
@RestController
class ArrangementController {
    private final ArrangementService service;
    private final Bench bench;

    ArrangementController(ArrangementService service, Bench bench) {
        this.service = service;
        this.bench = bench;
    }

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

    /**
     * Carries out one step and answers with the bench as it is then.
     *
     * @param seen the revision of the bench that the person has before them; see {@link Bench#carryOut}
     */
    @PostMapping("/api/arrangements/{arrangementId}/steps")
    BenchView step(
            @PathVariable long arrangementId,
            @Valid @RequestBody BenchCommand command,
            @RequestParam(required = false) @Nullable Long seen) {
        bench.carryOut(arrangementId, command, seen);
        return service.view(arrangementId);
    }
}
