package zafu.server.finding;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.choosing.BestFirst;
import zafu.core.choosing.Candidate;
import zafu.core.choosing.LevelRange;
import zafu.core.roster.StudentId;
import zafu.core.skill.ReadyToTeach;
import zafu.core.skill.SkillId;
import zafu.server.access.CurrentPerson;
import zafu.server.finding.FindApi.Facets;
import zafu.server.finding.FindApi.Found;
import zafu.server.finding.FindApi.Hit;
import zafu.server.finding.FindApi.ItemKindCount;
import zafu.server.finding.FindApi.ItemNarrowing;
import zafu.server.finding.FindApi.LevelShown;
import zafu.server.finding.FindApi.NumberCount;
import zafu.server.finding.FindApi.SkillCount;
import zafu.server.finding.FindApi.SkillHeld;
import zafu.server.finding.FindApi.WordCount;
import zafu.server.library.Catalogue;
import zafu.server.library.ItemKind;
import zafu.server.library.ItemUse;
import zafu.server.library.Stars;
import zafu.server.library.Units;
import zafu.server.link.LinkChecks;
import zafu.server.roster.SchoolSettings;
import zafu.server.skill.Skills;

/** Finds what suits: by words and every narrowing together, the best for the students first. */
@Service
class FindService {
    private static final int MOST_HITS = 500;
    private static final int GRADES = 14;
    private final Students students;
    private final Catalogue catalogue;
    private final Stars stars;
    private final Units units;
    private final List<ItemUse> uses;
    private final Skills skills;
    private final LevelOfStudents levels;
    private final LinkChecks links;
    private final CurrentPerson current;
    private final SchoolSettings school;

    FindService(
            Students students,
            Catalogue catalogue,
            Stars stars,
            Units units,
            List<ItemUse> uses,
            Skills skills,
            LevelOfStudents levels,
            LinkChecks links,
            CurrentPerson current,
            SchoolSettings school) {
        this.students = students;
        this.catalogue = catalogue;
        this.stars = stars;
        this.units = units;
        this.uses = uses;
        this.skills = skills;
        this.levels = levels;
        this.links = links;
        this.current = current;
        this.school = school;
    }

    /** What is known of the students and the adult who asks. */
    private record Known(
            List<Long> students,
            Map<StudentId, Set<SkillId>> held,
            Map<Long, Set<Long>> usedBy,
            Set<Long> starred,
            Map<Long, Skills.SkillName> skillNames,
            Map<Long, LinkChecks.Checked> links) {}

    @Transactional(readOnly = true)
    Found find(long classId, @Nullable Long groupId, ItemNarrowing asked, int limit) {
        List<Long> whom = students.of(classId, groupId);
        Known known = new Known(whom, skills.held(whom), usedBy(whom), stars.mine(), skills.names(), links.states());
        String words = asked.words() == null ? "" : asked.words();
        List<Catalogue.Found> all = catalogue.find(words);
        List<Long> measures = LevelOfStudents.measuresOf(words.isBlank() ? all : catalogue.find(""));
        LevelShown level = levels.of(measures, asked.measureId(), whom);
        ItemNarrowing narrowing = Boolean.TRUE.equals(asked.suggestedLevels()) && level != null
                ? asked.withLevels(level.suggestedLow(), level.suggestedHigh())
                : asked;
        NarrowedCatalogue narrowed = narrowed(all, narrowing, level, known);
        Set<SkillId> sortedBy = sortedBy(classId, narrowing, known);
        List<Candidate> best = new BestFirst(sortedBy, range(narrowing, level), whom.size(), school.today())
                .sort(narrowed.hits().stream()
                        .map(each -> candidate(each, level, known))
                        .toList());
        Map<Long, Catalogue.Entry> byId = narrowed.hits().stream()
                .collect(Collectors.toMap(each -> each.entry().id(), Catalogue.Found::entry));
        return new Found(
                best.size(),
                whom.size(),
                best.stream()
                        .limit(Math.min(Math.max(limit, 1), MOST_HITS))
                        .map(each -> hit(byId.get(each.id()), each, known))
                        .toList(),
                facets(narrowed, known),
                level,
                sortedBy.stream().map(SkillId::value).sorted().toList());
    }

    private Map<Long, Set<Long>> usedBy(List<Long> whom) {
        Map<Long, Set<Long>> all = new LinkedHashMap<>();
        uses.forEach(use -> use.usedBy(whom).forEach((item, had) -> all.computeIfAbsent(item, id -> new TreeSet<>())
                .addAll(had)));
        return all;
    }

    private NarrowedCatalogue narrowed(
            Collection<Catalogue.Found> all, ItemNarrowing narrowing, @Nullable LevelShown level, Known known) {
        long adult = current.adult().adultId();
        Set<Long> unit = narrowing.unitId() == null
                ? Set.of()
                : units.unit(narrowing.unitId()).items().stream()
                        .map(Units.UnitItem::id)
                        .collect(Collectors.toSet());
        return new NarrowedCatalogue(
                all,
                narrowing,
                level == null ? null : level.measureId(),
                entry -> known.starred().contains(entry.id()),
                entry -> !known.usedBy().containsKey(entry.id()),
                entry -> entry.madeBy() != null && entry.madeBy() == adult,
                unit);
    }

    /** The skills asked for; where none are, what the students are ready for. */
    private Set<SkillId> sortedBy(long classId, ItemNarrowing narrowing, Known known) {
        if (narrowing.skills() != null && !narrowing.skills().isEmpty()) {
            return narrowing.skills().stream().map(SkillId::new).collect(Collectors.toCollection(TreeSet::new));
        }
        return ReadyToTeach.of(skills.inOrder(classId), known.held()).stream()
                .map(each -> each.skill().id())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Optional<LevelRange> range(ItemNarrowing narrowing, @Nullable LevelShown level) {
        if (level == null) {
            return Optional.empty();
        }
        if (narrowing.low() != null && narrowing.high() != null && narrowing.low() <= narrowing.high()) {
            return Optional.of(new LevelRange(narrowing.low(), narrowing.high()));
        }
        return level.suggestedLow() == null || level.suggestedHigh() == null
                ? Optional.empty()
                : Optional.of(new LevelRange(level.suggestedLow(), level.suggestedHigh()));
    }

    private static Candidate candidate(Catalogue.Found found, @Nullable LevelShown level, Known known) {
        Catalogue.Entry entry = found.entry();
        boolean levelled =
                level != null && entry.levelMeasureId() != null && entry.levelMeasureId() == level.measureId();
        return new Candidate(
                entry.id(),
                entry.title(),
                entry.trains().stream().map(SkillId::new).collect(Collectors.toSet()),
                levelled ? Optional.of(new LevelRange(entry.levelLow(), entry.levelHigh())) : Optional.empty(),
                known.starred().contains(entry.id()),
                entry.madeOn(),
                known.usedBy().getOrDefault(entry.id(), Set.of()).size(),
                found.words());
    }

    private static Hit hit(Catalogue.Entry entry, Candidate candidate, Known known) {
        LinkChecks.Checked link = known.links().get(entry.id());
        return new Hit(
                entry.id(),
                entry.kind(),
                entry.title(),
                entry.language(),
                entry.levelLow(),
                entry.levelHigh(),
                entry.minutes(),
                entry.questions(),
                candidate.starred(),
                entry.visibility(),
                candidate.usedBy(),
                entry.needs().stream()
                        .filter(known.skillNames()::containsKey)
                        .map(skill -> held(skill, known))
                        .toList(),
                entry.trains(),
                entry.kind() == ItemKind.LINK && link != null ? link.state() : null);
    }

    private static SkillHeld held(long skill, Known known) {
        int heldBy = (int) known.held().values().stream()
                .filter(own -> own.contains(new SkillId(skill)))
                .count();
        return new SkillHeld(skill, known.skillNames().get(skill).name(), heldBy);
    }

    private static Facets facets(NarrowedCatalogue narrowed, Known known) {
        Map<Long, Integer> bySkill = narrowed.counts(Facet.SKILL, Catalogue.Entry::trains);
        List<SkillCount> skillCounts = known.skillNames().values().stream()
                .filter(each -> bySkill.containsKey(each.id()))
                .map(each -> new SkillCount(each.id(), each.name(), each.strand(), bySkill.get(each.id())))
                .toList();
        Map<ItemKind, Integer> byKind = new TreeMap<>(narrowed.counts(Facet.KIND, entry -> List.of(entry.kind())));
        List<ItemKindCount> kinds = new ArrayList<>();
        byKind.forEach((kind, count) -> kinds.add(new ItemKindCount(kind, count)));
        List<Catalogue.Entry> anyGrade = narrowed.without(Facet.GRADE);
        List<NumberCount> grades = IntStream.range(0, GRADES)
                .mapToObj(grade -> new NumberCount(grade, (int) anyGrade.stream()
                        .filter(entry -> entry.gradeLow() != null && NarrowedCatalogue.suitsGrade(entry, grade))
                        .count()))
                .filter(each -> each.count() > 0)
                .toList();
        return new Facets(
                skillCounts,
                kinds,
                mostFirst(narrowed.counts(Facet.LANGUAGE, entry -> List.of(entry.language()))),
                grades,
                mostFirst(narrowed.counts(Facet.TAG, Catalogue.Entry::tags)),
                count(narrowed.without(Facet.STARRED), known.starred()),
                (int) narrowed.without(Facet.UNUSED).stream()
                        .filter(entry -> !known.usedBy().containsKey(entry.id()))
                        .count(),
                narrowed.without(Facet.MINE).size());
    }

    private static int count(List<Catalogue.Entry> entries, Set<Long> among) {
        return (int)
                entries.stream().filter(entry -> among.contains(entry.id())).count();
    }

    private static List<WordCount> mostFirst(Map<String, Integer> counts) {
        return counts.entrySet().stream()
                .map(each -> new WordCount(each.getKey(), each.getValue()))
                .sorted(Comparator.comparingInt((WordCount each) -> -each.count())
                        .thenComparing(WordCount::word))
                .toList();
    }
}
