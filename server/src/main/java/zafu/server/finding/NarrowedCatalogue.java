package zafu.server.finding;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import zafu.server.finding.FindApi.ItemNarrowing;
import zafu.server.library.Catalogue;

/**
 * The catalogue under a narrowing. What meets all of it is a hit; what fails in one way only is counted beside that way,
 * so that the counts say what a click would bring.
 */
final class NarrowedCatalogue {
    private final Map<Facet, Predicate<Catalogue.Entry>> wanted = new LinkedHashMap<>();
    private final List<Catalogue.Found> hits = new ArrayList<>();
    private final Map<Facet, List<Catalogue.Entry>> failingOnlyIn = new LinkedHashMap<>();

    /**
     * @param unused whether none of the students has had it
     * @param unit items of the unit narrowed to
     */
    NarrowedCatalogue(
            Collection<Catalogue.Found> all,
            ItemNarrowing narrowing,
            @Nullable Long measureId,
            Predicate<Catalogue.Entry> starred,
            Predicate<Catalogue.Entry> unused,
            Predicate<Catalogue.Entry> mine,
            Set<Long> unit) {
        whereAny(Facet.SKILL, narrowing.skills(), Catalogue.Entry::trains);
        whereAny(Facet.KIND, narrowing.kinds(), entry -> List.of(entry.kind()));
        whereAny(Facet.LANGUAGE, narrowing.languages(), entry -> List.of(entry.language()));
        whereAny(Facet.TAG, narrowing.tags(), Catalogue.Entry::tags);
        if (narrowing.grade() != null) {
            wanted.put(Facet.GRADE, entry -> suitsGrade(entry, narrowing.grade()));
        }
        if (narrowing.minutes() != null) {
            wanted.put(Facet.MINUTES, entry -> entry.minutes() != null && entry.minutes() <= narrowing.minutes());
        }
        if (narrowing.low() != null || narrowing.high() != null) {
            wanted.put(Facet.LEVEL, entry -> suitsLevel(entry, measureId, narrowing.low(), narrowing.high()));
        }
        whereFlag(Facet.STARRED, narrowing.starred(), starred);
        whereFlag(Facet.UNUSED, narrowing.unused(), unused);
        whereFlag(Facet.MINE, narrowing.mine(), mine);
        if (narrowing.unitId() != null) {
            wanted.put(Facet.UNIT, entry -> unit.contains(entry.id()));
        }
        all.forEach(this::sort);
    }

    private <T> void whereAny(Facet facet, @Nullable Set<T> chosen, Function<Catalogue.Entry, Collection<T>> valuesOf) {
        if (chosen != null && !chosen.isEmpty()) {
            wanted.put(facet, entry -> valuesOf.apply(entry).stream().anyMatch(chosen::contains));
        }
    }

    private void whereFlag(Facet facet, @Nullable Boolean on, Predicate<Catalogue.Entry> holds) {
        if (Boolean.TRUE.equals(on)) {
            wanted.put(facet, holds);
        }
    }

    /** An item without grades suits every one. */
    static boolean suitsGrade(Catalogue.Entry entry, int grade) {
        return entry.gradeLow() == null || (entry.gradeLow() <= grade && entry.gradeHigh() >= grade);
    }

    /** An item without a level on the measure is not judged by it. */
    private static boolean suitsLevel(
            Catalogue.Entry entry, @Nullable Long measureId, @Nullable Double low, @Nullable Double high) {
        if (entry.levelMeasureId() == null || !entry.levelMeasureId().equals(measureId)) {
            return true;
        }
        return (high == null || entry.levelLow() <= high) && (low == null || entry.levelHigh() >= low);
    }

    private void sort(Catalogue.Found found) {
        Set<Facet> failing = EnumSet.noneOf(Facet.class);
        wanted.forEach((facet, holds) -> {
            if (!holds.test(found.entry())) {
                failing.add(facet);
            }
        });
        if (failing.isEmpty()) {
            hits.add(found);
        } else if (failing.size() == 1) {
            failingOnlyIn
                    .computeIfAbsent(failing.iterator().next(), facet -> new ArrayList<>())
                    .add(found.entry());
        }
    }

    List<Catalogue.Found> hits() {
        return hits;
    }

    /** What there would be if the facet were not narrowed. */
    List<Catalogue.Entry> without(Facet facet) {
        List<Catalogue.Entry> all =
                new ArrayList<>(hits.stream().map(Catalogue.Found::entry).toList());
        all.addAll(failingOnlyIn.getOrDefault(facet, List.of()));
        return all;
    }

    /** How often each value occurs in what there would be if the facet were not narrowed. */
    <T> Map<T, Integer> counts(Facet facet, Function<Catalogue.Entry, Collection<T>> valuesOf) {
        Map<T, Integer> counts = new LinkedHashMap<>();
        without(facet).forEach(entry -> valuesOf.apply(entry).forEach(value -> counts.merge(value, 1, Integer::sum)));
        return counts;
    }
}
