package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;
import zafu.core.grouping.BandGroups;
import zafu.core.grouping.ByHand;
import zafu.core.grouping.Choices;
import zafu.core.grouping.Composite;
import zafu.core.grouping.GroupingMethod;
import zafu.core.grouping.Mixed;
import zafu.core.grouping.OneSkill;
import zafu.core.grouping.Profiles;
import zafu.core.grouping.RandomDraw;
import zafu.core.grouping.SameSize;
import zafu.core.grouping.Scored;
import zafu.core.grouping.SharedNeeds;
import zafu.core.grouping.SimilarScores;
import zafu.core.grouping.Sizes;
import zafu.core.grouping.Weighted;
import zafu.core.measure.Better;
import zafu.core.measure.CountingValue;
import zafu.core.need.Accommodation;
import zafu.core.need.NeedsForWork;
import zafu.core.need.Support;
import zafu.core.need.WorkKind;
import zafu.core.roster.StudentId;
import zafu.core.skill.SkillStatus;
import zafu.server.arrangement.BenchCommand.ProposalAsked;
import zafu.server.measure.Measures;
import zafu.server.need.Needs;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.skill.Skills;
import zafu.server.wish.Wishes;

/** Makes of what a teacher asks the question that the core answers, with all that is known of the class today. */
@Component
class Questions {
    private final Measures measures;
    private final Roster roster;
    private final SchoolSettings school;
    private final Needs needs;
    private final Skills skills;
    private final Wishes wishes;
    private final Arrangements arrangements;
    private final Pools pools;

    Questions(
            Measures measures,
            Roster roster,
            SchoolSettings school,
            Needs needs,
            Skills skills,
            Wishes wishes,
            Arrangements arrangements,
            Pools pools) {
        this.measures = measures;
        this.roster = roster;
        this.school = school;
        this.needs = needs;
        this.skills = skills;
        this.wishes = wishes;
        this.arrangements = arrangements;
        this.pools = pools;
    }

    /**
     * @param names of the groups in the order of the answer; empty where they have none of their own
     * @param bestFirst whether the answer begins with the best group, which the bench shows last
     */
    record Question(GroupingMethod method, List<String> names, boolean bestFirst) {
        static Question of(GroupingMethod method) {
            return new Question(method, List.of(), false);
        }

        static Question bestFirst(GroupingMethod method) {
            return new Question(method, List.of(), true);
        }
    }

    Question of(Pool pool, ProposalAsked asked) {
        Sizes sizes = sizes(asked);
        int groups = requireGroups(asked);
        return switch (asked.method()) {
            case SIMILAR -> Question.bestFirst(new SimilarScores(scored(pool, asked.measureId()), groups, sizes));
            case BANDS ->
                Question.bestFirst(
                        new BandGroups(scored(pool, asked.measureId()), mirroredCuts(pool, asked.measureId()), sizes));
            case SAME_SIZE -> Question.bestFirst(new SameSize(scored(pool, asked.measureId()), groups));
            case COMPOSITE ->
                Question.bestFirst(new Composite(pool.students(), weighted(pool, asked, 1), groups, sizes));
            case PROFILES -> Question.of(new Profiles(pool.students(), weighted(pool, asked, 2), groups, sizes));
            case MIXED ->
                Question.of(new Mixed(pool.students(), weighted(pool, asked, 0), spreads(pool, asked), groups));
            case SKILL -> skill(pool, asked);
            case NEEDS -> Question.of(new SharedNeeds(needs(pool), OptionalInt.of(groups)));
            case RANDOM -> Question.of(new RandomDraw(pool.students(), groups));
            case CHOICES -> choices(pool, asked, sizes);
            case BY_HAND -> Question.of(new ByHand.Empty(groups));
            case ONE_EACH -> Question.of(oneEach(pool));
            case WHOLE_CLASS -> Question.of(new ByHand.WholeClass(pool.students()));
            case COPY -> copy(pool, asked);
        };
    }

    private static Sizes sizes(ProposalAsked asked) {
        if (asked.smallest() < 1 || asked.largest() < asked.smallest()) {
            throw Refusal.unusableField(
                    "bad-sizes",
                    "largest",
                    inWords(
                            "arrangement.groups-of-to-cannot-be-the",
                            "smallest",
                            asked.smallest(),
                            "largest",
                            asked.largest()));
        }
        return new Sizes(asked.smallest(), asked.largest());
    }

    private static int requireGroups(ProposalAsked asked) {
        if (asked.groups() < 1 || asked.groups() > BenchState.MOST_GROUPS) {
            throw Refusal.unusableField(
                    "bad-number",
                    "groups",
                    inWords("arrangement.the-number-of-groups-is-from-to", "most", BenchState.MOST_GROUPS));
        }
        return asked.groups();
    }

    /** Students with a value that counts, better always the larger. */
    List<Scored> scored(Pool pool, long measureId) {
        Better better = better(measureId);
        List<Scored> scored = new ArrayList<>();
        values(pool, measureId).forEach((student, value) -> {
            if (value instanceof CountingValue.Counts counts) {
                scored.add(new Scored(student, better.rising(counts.value())));
            }
        });
        return scored;
    }

    Better better(long measureId) {
        return measures.chosen(measureId).better();
    }

    Map<StudentId, CountingValue> values(Pool pool, long measureId) {
        LocalDate today = school.today();
        return measures.counting(measureId, pool.students(), today);
    }

    private List<Double> mirroredCuts(Pool pool, long measureId) {
        Better better = better(measureId);
        return measures.cutsOf(measureId, roster.gradeOf(pool.classId()), school.today()).stream()
                .map(cut -> better.rising(cut.score()))
                .sorted()
                .toList();
    }

    private List<Weighted> weighted(Pool pool, ProposalAsked asked, int least) {
        List<BenchCommand.MeasureWeight> chosen = asked.measures() == null ? List.of() : asked.measures();
        if (chosen.size() < least
                || chosen.stream()
                                .map(BenchCommand.MeasureWeight::measureId)
                                .distinct()
                                .count()
                        < chosen.size()) {
            throw Refusal.unusableField(
                    "bad-measures",
                    "measures",
                    least < 2
                            ? inWords("arrangement.choose-the-measures-to-go-by-each")
                            : inWords("arrangement.similar-profiles-need-two-or-more"));
        }
        return chosen.stream()
                .map(each ->
                        new Weighted(each.weight(), better(each.measureId()), counting(values(pool, each.measureId()))))
                .toList();
    }

    /** The plain values of those who have one that counts. */
    static Map<StudentId, Double> counting(Map<StudentId, CountingValue> values) {
        Map<StudentId, Double> found = new LinkedHashMap<>();
        values.forEach((student, value) -> {
            if (value instanceof CountingValue.Counts counts) {
                found.put(student, counts.value());
            }
        });
        return found;
    }

    private List<Mixed.Spread> spreads(Pool pool, ProposalAsked asked) {
        List<String> tags = asked.tags() == null ? List.of() : asked.tags();
        if (tags.isEmpty() && (asked.measures() == null || asked.measures().isEmpty())) {
            throw Refusal.unusableField(
                    "nothing-to-mix", "measures", inWords("arrangement.choose-at-least-one-measure-or-tag"));
        }
        List<Roster.KnownStudent> known = roster.known(pool.classIds());
        return tags.stream()
                .map(tag -> new Mixed.Spread(
                        1,
                        known.stream()
                                .filter(each -> each.tags().contains(tag))
                                .map(each -> new StudentId(each.id()))
                                .collect(Collectors.toSet())))
                .toList();
    }

    private Question skill(Pool pool, ProposalAsked asked) {
        String skill = required(asked.skill(), "skill", inWords("arrangement.choose-the-skill-to-group-by"));
        Map<StudentId, SkillStatus> statuses = new LinkedHashMap<>();
        skills.statuses(skill, pool.students().stream().map(StudentId::value).toList())
                .forEach((student, status) -> statuses.put(new StudentId(student), status));
        List<String> names = new TreeSet<>(statuses.values())
                .stream()
                        .filter(status -> status != SkillStatus.NOT_ASSESSED)
                        .map(Questions::named)
                        .toList();
        return new Question(new OneSkill(statuses), names, true);
    }

    static String named(SkillStatus status) {
        return switch (status) {
            case ABOVE -> inWords("arrangement.past-it");
            case SECURE -> inWords("arrangement.secure");
            case NEARLY -> inWords("arrangement.nearly");
            case PRACTISING -> inWords("arrangement.practising");
            case NOT_YET -> inWords("arrangement.not-yet");
            case NOT_ASSESSED -> inWords("arrangement.not-assessed");
        };
    }

    private Map<StudentId, SharedNeeds.Needs> needs(Pool pool) {
        pools.requireSeeNeeds(pool);
        Map<StudentId, List<Accommodation>> granted = needs.granted(pool.students());
        Accommodation.Work quiz = new Accommodation.Work(WorkKind.QUIZ, "");
        Map<StudentId, SharedNeeds.Needs> found = new LinkedHashMap<>();
        pool.students()
                .forEach(each -> found.put(
                        each, needsOf(NeedsForWork.of(granted.getOrDefault(each, List.of()), quiz, school.today()))));
        return found;
    }

    private static SharedNeeds.Needs needsOf(NeedsForWork inForce) {
        BigDecimal factor =
                inForce.time().factors().stream().max(BigDecimal::compareTo).orElse(BigDecimal.ONE);
        Set<String> supports = new TreeSet<>();
        for (Support support : Support.values()) {
            if (support != Support.EXTENDED_TIME && support != Support.UNTIMED && inForce.has(support)) {
                supports.add(support + " " + inForce.amountOf(support).orElse(BigDecimal.ZERO));
            }
        }
        return new SharedNeeds.Needs(factor, inForce.time().untimed(), supports);
    }

    private Question choices(Pool pool, ProposalAsked asked, Sizes sizes) {
        Wishes.Ranked ranked = wishes.ranked(
                pool.classId(),
                required(asked.surveyId(), "surveyId", inWords("arrangement.choose-the-question-that-was-asked")));
        Map<StudentId, List<Integer>> here = new LinkedHashMap<>();
        pool.students().forEach(each -> here.put(each, ranked.ranked().getOrDefault(each, List.of())));
        int options = ranked.options().size();
        Choices method = new Choices(
                here, Collections.nCopies(options, sizes.smallest()), Collections.nCopies(options, sizes.largest()));
        return new Question(method, ranked.options(), false);
    }

    private ByHand oneEach(Pool pool) {
        Collection<StudentId> students = pool.students();
        if (students.size() > BenchState.MOST_GROUPS) {
            throw Refusal.unusable(
                    "too-many-groups",
                    inWords("arrangement.a-grouping-holds-at-most-groups", "most", BenchState.MOST_GROUPS));
        }
        return new ByHand.OneEach(students);
    }

    private Question copy(Pool pool, ProposalAsked asked) {
        long from = required(asked.copyOf(), "copyOf", inWords("arrangement.choose-the-grouping-to-copy"));
        List<Arrangements.GroupWithMembers> groups = arrangements.seenOfClass(pool.classId()).stream()
                .filter(each -> each.arrangementId() == from)
                .toList();
        if (groups.isEmpty()) {
            throw Refusal.notFound("grouping with groups");
        }
        List<List<StudentId>> members =
                groups.stream().map(each -> List.copyOf(each.members())).toList();
        return new Question(
                new ByHand.CopyOf(members, pool.students()),
                groups.stream().map(Arrangements.GroupWithMembers::name).toList(),
                false);
    }

    private static <T> T required(@Nullable T value, String field, String sentence) {
        if (value == null) {
            throw Refusal.unusableField("missing-field", field, sentence);
        }
        return Objects.requireNonNull(value);
    }
}
