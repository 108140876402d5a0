package zafu.server.finding;

import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;
import zafu.server.finding.SkillMapApi.ItemFor;
import zafu.server.finding.SkillMapApi.ItemsForSkill;
import zafu.server.library.Catalogue;

/** What the library has to train a skill or to get ready for it. */
@Service
class PreparingItems {
    private static final int MOST_ITEMS = 8;
    private final Catalogue catalogue;

    PreparingItems(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    List<ItemsForSkill> of(List<Long> skills) {
        List<Catalogue.Entry> all =
                catalogue.find("").stream().map(Catalogue.Found::entry).toList();
        return skills.stream()
                .distinct()
                .map(skill -> new ItemsForSkill(skill, forSkill(skill, all)))
                .toList();
    }

    /** Those for fewest minutes first. */
    static List<ItemFor> forSkill(long skill, List<Catalogue.Entry> all) {
        return all.stream()
                .filter(entry ->
                        entry.trains().contains(skill) || entry.prepares().contains(skill))
                .sorted(Comparator.comparing(Catalogue.Entry::minutes, Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(Catalogue.Entry::title))
                .limit(MOST_ITEMS)
                .map(entry -> new ItemFor(entry.id(), entry.kind(), entry.title(), entry.minutes()))
                .toList();
    }
}
