package zafu.core.grouping;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import zafu.core.roster.StudentId;

/**
 * Groups of students alike across several measures at once: strong in one, weak in another. Least Σ of the weighted
 * squares about the group means of the standardised values, by search. Who lacks a measure is left out. Rule 2,
 * profiles.
 *
 * @param students all who are asked about
 * @param measures two to five
 * @param groups how many groups, from 1
 * @param sizes bounds of every group
 */
public record Profiles(Collection<StudentId> students, List<Weighted> measures, int groups, Sizes sizes)
        implements GroupingMethod {
    public Profiles {
        students = students.stream().sorted().toList();
        measures = List.copyOf(measures);
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        Features features = Features.of(students, measures);
        if (features.students().isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        Placing placing =
                Placing.byCost(features.students(), Room.same(groups, sizes), GroupCost.spread(), features.rows());
        Placing.Outcome outcome = placing.seat(rules, seed, Optional.empty());
        if (!(outcome instanceof Placing.Outcome.Seated seated)) {
            return Proposal.of(outcome);
        }
        double all = features.squares();
        double cost = seated.cost() + all;
        return new Proposal.Groups(
                seated.groups(),
                features.leftOut(students),
                cost,
                OptionalDouble.of(all <= 0 ? 1 : Math.max(0, 1 - cost / all)));
    }

    /** What else there was for each student of a proposal of this method. */
    public List<NextBest> nextBest(Proposal.Groups made) {
        Features features = Features.of(students, measures);
        return NextBest.of(made.groups(), features, GroupCost.spread(), Room.same(groups, sizes), features.squares());
    }
}
