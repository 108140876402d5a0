package zafu.core.grouping;

import java.util.List;

/**
 * What the values of a student since the groups were cut say of the group they are in. Values are better the larger; groups count
 * from 0, the highest. Nothing moves until the teacher says so. Rule 2, regrouping.
 *
 * @param to the group the advice names: for a move the farthest for which it is sure enough, else the neighbour that is watched, or
 *     the own one
 * @param probability that the student is beyond the cut of their own group; for who stays, that they are in it
 * @param oneMoreDecides while a student is watched: whether one more value like these would make it a move
 */
public record MoveByEvidence(Advice advice, int to, double probability, boolean oneMoreDecides) {
    /** From so sure on a move is advised. */
    public static final double SURE = 0.90;
    /** From so likely on a student is watched. */
    public static final double LIKELY = 0.60;

    public enum Advice {
        MOVE_UP,
        MOVE_DOWN,
        WATCH,
        STAY
    }

    /** @param group that the student is in now */
    public static MoveByEvidence of(List<Double> cutsHighestFirst, int group, Evidence evidence) {
        Certainty certainty = new Certainty(cutsHighestFirst);
        Certainty.Measured now = evidence.estimate();
        double up = above(certainty, now, group);
        double down = below(certainty, now, group);
        for (int to = 0; to < group; to++) {
            if (above(certainty, now, to + 1) >= SURE) {
                return new MoveByEvidence(Advice.MOVE_UP, to, up, false);
            }
        }
        for (int to = cutsHighestFirst.size(); to > group; to--) {
            if (below(certainty, now, to - 1) >= SURE) {
                return new MoveByEvidence(Advice.MOVE_DOWN, to, down, false);
            }
        }
        if (Math.max(up, down) < LIKELY) {
            return new MoveByEvidence(Advice.STAY, group, certainty.share(group, now), false);
        }
        Certainty.Measured then = evidence.withOneMore().estimate();
        return up > down
                ? new MoveByEvidence(Advice.WATCH, group - 1, up, above(certainty, then, group) >= SURE)
                : new MoveByEvidence(Advice.WATCH, group + 1, down, below(certainty, then, group) >= SURE);
    }

    /** The chance of being in a group above this one. */
    private static double above(Certainty certainty, Certainty.Measured of, int group) {
        double sum = 0;
        for (int each = 0; each < group; each++) {
            sum += certainty.share(each, of);
        }
        return sum;
    }

    /** The chance of being in a group below this one. */
    private static double below(Certainty certainty, Certainty.Measured of, int group) {
        double sum = 0;
        for (int each = group + 1; each <= certainty.cutsHighestFirst().size(); each++) {
            sum += certainty.share(each, of);
        }
        return sum;
    }
}
