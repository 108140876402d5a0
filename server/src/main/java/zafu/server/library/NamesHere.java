package zafu.server.library;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.server.library.ItemDraft.Level;
import zafu.server.library.ItemDraft.SkillNamed;
import zafu.server.library.LibraryApi.SkillUse;
import zafu.server.library.LibraryExchange.Wanted;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.skill.Skills;

/** The skills and measures that drafts call by name, as they are here. */
@Component
class NamesHere {
    private final Measures measures;
    private final Skills skills;

    NamesHere(Measures measures, Skills skills) {
        this.measures = measures;
        this.skills = skills;
    }

    /** The level of an item on a measure of this school. */
    record LevelHere(long measureId, double low, double high) {}

    /** What skills and measures are called, for what goes out. */
    record Called(Map<Long, String> skills, Map<Long, String> measures) {

        /** Empty for none, and for one that is not in use or not seen. */
        String skill(@Nullable Long id) {
            return id == null ? "" : skills.getOrDefault(id, "");
        }

        String measure(long id) {
            return measures.getOrDefault(id, "");
        }
    }

    Called called() {
        Map<Long, String> skillNames = new LinkedHashMap<>();
        skills.names().forEach((id, skill) -> skillNames.put(id, skill.name()));
        Map<Long, String> measureNames = new LinkedHashMap<>();
        measures.all().forEach(each -> measureNames.put(each.id(), each.name()));
        return new Called(skillNames, measureNames);
    }

    /** The skills and measures that what is taken for these may name, by their names. */
    Known known(Wanted wanted) {
        Map<Long, Skills.SkillName> inUse = skills.names();
        Map<Long, @Nullable Long> classes = skills.classesOf(inUse.keySet());
        Map<String, Long> skillIds = new LinkedHashMap<>();
        inUse.forEach((id, skill) -> {
            Long own = classes.get(id);
            if (own == null || wanted.visibility() == Visibility.PRIVATE || own.equals(wanted.classId())) {
                skillIds.putIfAbsent(plain(skill.name()), id);
            }
        });
        Map<String, MeasureCard> measuresHere = new LinkedHashMap<>();
        measures.all().stream()
                .filter(each -> each.classId() == null || each.classId().equals(wanted.classId()))
                .forEach(each -> measuresHere.putIfAbsent(plain(each.name()), each));
        return new Known(skillIds, measuresHere, wanted.skillId());
    }

    private static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** @param forAll the skill that everything trains; absent where nothing is said */
    record Known(Map<String, Long> skills, Map<String, MeasureCard> measures, @Nullable Long forAll) {

        List<SkillUse> skills(List<SkillNamed> named) {
            Set<SkillUse> found = new LinkedHashSet<>();
            if (forAll != null) {
                found.add(new SkillUse(forAll, SkillRole.TRAINS));
            }
            named.stream()
                    .filter(each -> skills.containsKey(plain(each.name())))
                    .forEach(each -> found.add(new SkillUse(skills.get(plain(each.name())), each.role())));
            return List.copyOf(found);
        }

        @Nullable
        Long skillOfQuestion(String name) {
            return skills.getOrDefault(plain(name), forAll);
        }

        /** Absent where nothing is said, the measure is not here, or it does not go so far. */
        @Nullable
        LevelHere level(@Nullable Level level) {
            MeasureCard measure = level == null ? null : measures.get(plain(level.measure()));
            return measure == null || level.low() < measure.lowest() || level.high() > measure.highest()
                    ? null
                    : new LevelHere(measure.id(), level.low(), level.high());
        }

        /** What a draft names that it comes without, each as the end of a sentence. */
        List<String> missing(ItemDraft draft) {
            Set<String> unknown = new LinkedHashSet<>();
            draft.about().skills().forEach(each -> unknown.add(each.name()));
            draft.questions().forEach(each -> unknown.add(each.skill()));
            List<String> found = new ArrayList<>();
            unknown.stream()
                    .filter(name -> !name.isEmpty() && !skills.containsKey(plain(name)))
                    .forEach(name -> found.add(inWords("library.the-skill-is-not-here-it-comes", "name", name)));
            Level level = draft.about().level();
            if (level != null && level(level) == null) {
                found.add(inWords(
                        measures.containsKey(plain(level.measure()))
                                ? "library.level-beyond-the-measure"
                                : "library.level-without-its-measure",
                        "measure",
                        level.measure()));
            }
            return found;
        }
    }
}
