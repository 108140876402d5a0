package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;
import zafu.core.grouping.BalanceCheck;
import zafu.core.grouping.Rules;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.BenchView.Imbalance;
import zafu.server.arrangement.BenchView.RuleKind;
import zafu.server.arrangement.BenchView.RuleShown;
import zafu.server.roster.Roster;
import zafu.server.wish.PairRules;

/** What is watched on a bench while students are moved: pair notes, and groups that differ from the class. */
@Component
class BenchWatch {
    /** Stands among the watched tags for a language other than the school's at home; no tag is called so. */
    static final String OTHER_LANGUAGE = "";

    private final PairRules pairRules;

    BenchWatch(PairRules pairRules) {
        this.pairRules = pairRules;
    }

    List<RuleShown> rules(Pool pool, BenchState state) {
        Rules rules = pairRules.of(pool.classIds());
        List<RuleShown> shown = new ArrayList<>();
        rules.together().forEach(set -> shown.add(rule(RuleKind.TOGETHER, List.copyOf(new TreeSet<>(set)), state)));
        rules.apart().forEach(pair -> shown.add(rule(RuleKind.APART, List.of(pair.one(), pair.other()), state)));
        rules.wishes()
                .forEach(wish -> shown.add(rule(
                        wish.together() ? RuleKind.RATHER_TOGETHER : RuleKind.RATHER_APART,
                        List.of(wish.pair().one(), wish.pair().other()),
                        state)));
        return shown;
    }

    private static RuleShown rule(RuleKind kind, List<StudentId> students, BenchState state) {
        List<Optional<Long>> groups =
                students.stream().map(each -> state.groupOf(each.value())).toList();
        boolean allPlaced = groups.stream().allMatch(Optional::isPresent);
        boolean inOne = groups.stream().distinct().count() == 1;
        boolean wantsOne = kind == RuleKind.TOGETHER || kind == RuleKind.RATHER_TOGETHER;
        return new RuleShown(
                kind, students.stream().map(StudentId::value).toList(), allPlaced ? inOne == wantsOne : null);
    }

    /** @param watched the tags to watch; absent for all there are */
    List<Imbalance> imbalances(List<Roster.KnownStudent> known, BenchState state, Optional<List<String>> watched) {
        Map<@Nullable String, Set<Long>> having = new LinkedHashMap<>();
        Set<Long> placed = state.placed().keySet();
        for (Roster.KnownStudent student : known) {
            if (placed.contains(student.id())) {
                student.tags().stream()
                        .filter(tag -> watched.map(tags -> tags.contains(tag)).orElse(true))
                        .forEach(tag -> having.computeIfAbsent(tag, key -> new TreeSet<>())
                                .add(student.id()));
                if (!student.facts().language().isEmpty()
                        && watched.map(tags -> tags.contains(OTHER_LANGUAGE)).orElse(true)) {
                    having.computeIfAbsent(null, key -> new TreeSet<>()).add(student.id());
                }
            }
        }
        List<Imbalance> found = new ArrayList<>();
        int comparisons = Math.max(1, having.size() * state.groups().size());
        having.forEach((tag, students) -> state.groups().forEach(group -> {
            List<Long> members = state.membersOf(group.id());
            int inGroup = (int) members.stream().filter(students::contains).count();
            BalanceCheck check = new BalanceCheck(placed.size(), students.size(), members.size(), inGroup, comparisons);
            if (check.pointedOut()) {
                found.add(new Imbalance(group.id(), tag, inGroup, members.size(), students.size(), placed.size()));
            }
        }));
        return found;
    }
}
