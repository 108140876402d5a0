package zafu.server.finding;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zafu.server.library.ItemKind;
import zafu.server.library.Visibility;
import zafu.server.link.LinkState;

/** What {@link FindController} takes and gives. */
final class FindApi {
    private FindApi() {}

    /**
     * What was found, best first.
     *
     * @param total how many there are, of which the first are listed
     * @param students how many it would be given to
     * @param skills those it was sorted by: asked for, or what the group is ready for
     */
    record Found(
            int total, int students, List<Hit> hits, Facets facets, @Nullable LevelShown level, List<Long> skills) {}

    /**
     * @param usedBy how many of the students have had it
     * @param needs what it needs first, and how many of the students hold that
     */
    record Hit(
            long id,
            ItemKind kind,
            String title,
            String language,
            @Nullable Double levelLow,
            @Nullable Double levelHigh,
            @Nullable Integer minutes,
            int questions,
            boolean starred,
            Visibility visibility,
            int usedBy,
            List<SkillHeld> needs,
            List<Long> trains,
            @Nullable LinkState link) {}

    record SkillHeld(long id, String name, int heldBy) {}

    /** How many there would be of each, everything else being as it is narrowed. */
    record Facets(
            List<SkillCount> skills,
            List<ItemKindCount> kinds,
            List<WordCount> languages,
            List<NumberCount> grades,
            List<WordCount> tags,
            int starred,
            int unused,
            int mine) {}

    record SkillCount(long id, String name, @Nullable String strand, int count) {}

    record ItemKindCount(ItemKind kind, int count) {}

    record WordCount(String word, int count) {}

    record NumberCount(int number, int count) {}

    /**
     * The group's level on the measure, and what suits it.
     *
     * @param values of the students that have one, ascending
     * @param levels names of levels, lowest first; empty for a numeric measure
     * @param suggestedLow absent, as are median and the rest, where no student has a value
     */
    record LevelShown(
            long measureId,
            String measure,
            double lowest,
            double highest,
            double step,
            List<String> levels,
            List<Double> values,
            @Nullable Double median,
            @Nullable Double suggestedLow,
            @Nullable Double suggestedHigh,
            List<MeasureName> others) {}

    record MeasureName(long id, String name) {}

    /**
     * What to narrow to; an empty set or absent value narrows nothing.
     *
     * @param suggestedLevels whether the levels that suit the students take the place of {@code low} and {@code high}
     */
    record ItemNarrowing(
            @Nullable String words,
            @Nullable Set<Long> skills,
            @Nullable Set<ItemKind> kinds,
            @Nullable Set<String> languages,
            @Nullable Set<String> tags,
            @Nullable Integer grade,
            @Nullable Integer minutes,
            @Nullable Long measureId,
            @Nullable Double low,
            @Nullable Double high,
            @Nullable Boolean suggestedLevels,
            @Nullable Boolean starred,
            @Nullable Boolean unused,
            @Nullable Boolean mine,
            @Nullable Long unitId) {
        static final ItemNarrowing NONE = new ItemNarrowing(
                null, null, null, null, null, null, null, null, null, null, null, null, null, null, null);

        ItemNarrowing withLevels(@Nullable Double from, @Nullable Double to) {
            return new ItemNarrowing(
                    words,
                    skills,
                    kinds,
                    languages,
                    tags,
                    grade,
                    minutes,
                    measureId,
                    from,
                    to,
                    suggestedLevels,
                    starred,
                    unused,
                    mine,
                    unitId);
        }
    }
}
