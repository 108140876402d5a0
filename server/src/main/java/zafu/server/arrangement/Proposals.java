package zafu.server.arrangement;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.core.grouping.BandGroups;
import zafu.core.grouping.Contradiction;
import zafu.core.grouping.GroupingMethod;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Scored;
import zafu.core.grouping.SimilarScores;
import zafu.core.grouping.Sizes;
import zafu.core.measure.CountingValue;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.BenchCommand.ProposalAsked;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** Asks the core for a proposal with the values that count today. */
@Component
class Proposals {
    private final Measures measures;
    private final Roster roster;
    private final SchoolSettings school;

    Proposals(Measures measures, Roster roster, SchoolSettings school) {
        this.measures = measures;
        this.roster = roster;
        this.school = school;
    }

    /** What is proposed: lowest scores first, as groups stand on the bench; or why nothing is. */
    Proposal propose(long classId, ProposalAsked asked) {
        List<Scored> students = scored(classId, asked.measureId());
        Sizes sizes = sizes(asked);
        GroupingMethod method =
                switch (asked.method()) {
                    case SIMILAR -> new SimilarScores(requireGroups(asked), sizes);
                    case BANDS -> new BandGroups(mirroredCuts(classId, asked.measureId()), sizes);
                    case BY_HAND -> unused -> empty(requireGroups(asked));
                };
        return method.propose(students);
    }

    private static Proposal empty(int groups) {
        return new Proposal.Groups(Collections.nCopies(groups, List.<StudentId>of()), 0, 0);
    }

    private static Sizes sizes(ProposalAsked asked) {
        if (asked.smallest() < 1 || asked.largest() < asked.smallest()) {
            throw Refusal.unusableField(
                    "bad-sizes",
                    "largest",
                    "Groups of " + asked.smallest() + " to " + asked.largest()
                            + " cannot be: the smallest is at least 1 and the largest not below it.");
        }
        return new Sizes(asked.smallest(), asked.largest());
    }

    private static int requireGroups(ProposalAsked asked) {
        if (asked.groups() < 1 || asked.groups() > BenchState.MOST_GROUPS) {
            throw Refusal.unusableField(
                    "bad-number", "groups", "The number of groups is from 1 to " + BenchState.MOST_GROUPS + ".");
        }
        return asked.groups();
    }

    /** Students with a value that counts, better always the larger. */
    List<Scored> scored(long classId, long measureId) {
        double sign = signOf(measureId);
        List<Scored> scored = new ArrayList<>();
        values(classId, measureId).forEach((student, value) -> {
            if (value instanceof CountingValue.Counts counts) {
                scored.add(new Scored(student, sign * counts.value()));
            }
        });
        return scored;
    }

    /** −1 for a lower-is-better measure: what the core compares is always "larger is better". */
    double signOf(long measureId) {
        return measures.card(measureId).lowerIsBetter() ? -1 : 1;
    }

    Map<StudentId, CountingValue> values(long classId, long measureId) {
        LocalDate today = school.today();
        return measures.counting(measureId, roster.byId(classId).keySet(), today);
    }

    private List<Double> mirroredCuts(long classId, long measureId) {
        double sign = signOf(measureId);
        return measures.cutsOf(measureId, roster.gradeOf(classId), school.today()).stream()
                .map(cut -> sign * cut.score())
                .sorted()
                .toList();
    }

    /** A contradiction in a teacher's words. */
    static String sentence(Contradiction contradiction) {
        if (contradiction instanceof Contradiction.TooFewSeats few) {
            return few.students() + " students do not fit in " + groups(few.groups()) + " of at most " + few.largest()
                    + ": there are " + few.seats() + " seats. Raise the largest size or take more groups.";
        }
        if (contradiction instanceof Contradiction.TooFewStudents few) {
            return few.students() + " students cannot fill " + groups(few.groups()) + " of at least " + few.smallest()
                    + ": that takes " + few.needed() + ". Lower the smallest size or take fewer groups.";
        }
        if (contradiction instanceof Contradiction.NoBands) {
            return "This measure has no benchmark cuts for this grade and season. Start from similar scores instead.";
        }
        return "Nobody has a score on this measure yet. Bring in scores, or place students by hand.";
    }

    private static String groups(int number) {
        return number == 1 ? "1 group" : number + " groups";
    }
}
