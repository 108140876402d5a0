package zafu.core.grouping;

import java.util.ArrayList;
import java.util.List;

/**
 * How sure the places of a grouping by score are. Values are better the larger. Rule 2, how sure a place is.
 *
 * @param cutsHighestFirst the cut below each group but the last; groups count from 0, the highest
 */
public record Certainty(List<Double> cutsHighestFirst) {
    public Certainty {
        cutsHighestFirst = List.copyOf(cutsHighestFirst);
    }

    /**
     * A value with its standard error.
     *
     * @param error in the unit of the value, 0 where the value is taken as it is
     */
    public record Measured(double value, double error) {
        public Measured {
            if (!(error >= 0)) {
                throw new IllegalArgumentException("error " + error + " is below 0");
            }
        }
    }

    /** The group a value is in; on a cut it is the upper one. */
    public int groupOf(double value) {
        return (int) cutsHighestFirst.stream().filter(cut -> value < cut).count();
    }

    /** The chance that the true value is in each group, the highest first; they add up to 1. */
    public List<Double> shares(Measured of) {
        List<Double> shares = new ArrayList<>();
        for (int group = 0; group <= cutsHighestFirst.size(); group++) {
            shares.add(share(group, of));
        }
        return shares;
    }

    /** The chance that the true value is in one group. */
    public double share(int group, Measured of) {
        if (of.error() == 0) {
            return group == groupOf(of.value()) ? 1 : 0;
        }
        double upper = group == 0 ? Double.POSITIVE_INFINITY : cutsHighestFirst.get(group - 1);
        double lower = group == cutsHighestFirst.size() ? Double.NEGATIVE_INFINITY : cutsHighestFirst.get(group);
        double above = (lower - of.value()) / of.error();
        double below = (upper - of.value()) / of.error();
        // Far out on the upper side the difference is taken from the other end, where nothing is lost.
        return above > 0 ? Normal.below(-above) - Normal.below(-below) : Normal.below(below) - Normal.below(above);
    }

    /** The chance of standing in the same group if tested again: the share of the own group with √2 times the error. */
    public double again(Measured of) {
        return share(groupOf(of.value()), new Measured(of.value(), of.error() * Math.sqrt(2)));
    }

    /** How many of these, as a share, would stand in the same group if all were tested again. */
    public double steadiness(List<Measured> all) {
        return all.stream().mapToDouble(this::again).average().orElse(1);
    }
}
