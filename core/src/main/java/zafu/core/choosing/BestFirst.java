package zafu.core.choosing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import zafu.core.skill.SkillId;

/**
 * The order in which candidates are shown. Rule 8: the sum of five parts, each 0 to 1, times its weight.
 *
 * <table>
 * <caption>parts and weights</caption>
 * <tr><td>words</td><td>8</td><td>how well the words searched for are met</td></tr>
 * <tr><td>skill</td><td>4</td><td>share of the skills asked for that it trains</td></tr>
 * <tr><td>level</td><td>3</td><td>1 within the range, 0 from one range's width away; half without a level</td></tr>
 * <tr><td>starred</td><td>2</td><td>1 or 0</td></tr>
 * <tr><td>unused</td><td>2</td><td>share of the students who have not had it</td></tr>
 * <tr><td>new</td><td>1</td><td>1 today, 0 from a year ago</td></tr>
 * </table>
 *
 * Equal sums: by title, then id.
 *
 * @param skills asked for, or else those that the group is ready for
 * @param range of levels that suit; empty when no group is chosen
 * @param students how many it would be given to
 */
public record BestFirst(Set<SkillId> skills, Optional<LevelRange> range, int students, LocalDate today) {
    private static final double WORDS = 8;
    private static final double SKILL = 4;
    private static final double LEVEL = 3;
    private static final double STARRED = 2;
    private static final double UNUSED = 2;
    private static final double NEW = 1;
    private static final double DAYS_NEW = 365;
    private static final double NO_LEVEL = 0.5;

    public BestFirst {
        skills = Set.copyOf(skills);
    }

    /** All of them, the best first. */
    public List<Candidate> sort(Collection<Candidate> candidates) {
        record Rated(Candidate candidate, double score) {}
        return candidates.stream()
                .map(each -> new Rated(each, score(each)))
                .sorted(Comparator.<Rated>comparingDouble(each -> -each.score())
                        .thenComparing(each -> each.candidate().title())
                        .thenComparingLong(each -> each.candidate().id()))
                .map(Rated::candidate)
                .toList();
    }

    /** The weighted sum. */
    public double score(Candidate each) {
        return WORDS * each.words()
                + SKILL * skill(each)
                + LEVEL * level(each)
                + (each.starred() ? STARRED : 0)
                + UNUSED * unused(each)
                + NEW * newness(each);
    }

    private double skill(Candidate each) {
        if (skills.isEmpty()) {
            return 0;
        }
        long trained = skills.stream().filter(each.trains()::contains).count();
        return (double) trained / skills.size();
    }

    private double level(Candidate each) {
        if (range.isEmpty() || each.levels().isEmpty()) {
            return NO_LEVEL;
        }
        LevelRange own = each.levels().get();
        double away = range.get().distanceTo(own.low(), own.high());
        double width = Math.max(range.get().width(), Double.MIN_NORMAL);
        return Math.max(0, 1 - away / width);
    }

    private double unused(Candidate each) {
        return students == 0 ? 0 : 1 - (double) each.usedBy() / students;
    }

    private double newness(Candidate each) {
        long days = Math.max(0, ChronoUnit.DAYS.between(each.madeOn(), today));
        return Math.max(0, 1 - days / DAYS_NEW);
    }
}
