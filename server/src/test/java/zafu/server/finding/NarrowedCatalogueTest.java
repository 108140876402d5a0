package zafu.server.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import zafu.server.finding.FindApi.ItemNarrowing;
import zafu.server.library.Catalogue;
import zafu.server.library.ItemKind;
import zafu.server.library.Visibility;

class NarrowedCatalogueTest {
    private static final ItemNarrowing NOTHING =
            new ItemNarrowing(null, null, null, null, null, null, null, null, null, null, null, null, null, null, null);

    private static final List<Catalogue.Found> ALL = List.of(
            found(1, ItemKind.TEXT, "en", 8, 500.0, List.of(1L), List.of("marsh")),
            found(2, ItemKind.TEXT, "es", 12, 700.0, List.of(1L, 2L), List.of("marsh", "moon")),
            found(3, ItemKind.QUIZ, "en", null, null, List.of(2L), List.of()));

    private static Catalogue.Found found(
            long id,
            ItemKind kind,
            String language,
            @Nullable Integer minutes,
            @Nullable Double level,
            List<Long> trains,
            List<String> tags) {
        Catalogue.Entry entry = new Catalogue.Entry(
                id,
                kind,
                "Item " + id,
                language,
                minutes,
                level == null ? null : 1L,
                level,
                level,
                id == 1 ? 3 : null,
                id == 1 ? 4 : null,
                trains,
                List.of(),
                List.of(),
                tags,
                0,
                Visibility.SCHOOL,
                null,
                7L,
                LocalDate.EPOCH,
                0);
        return new Catalogue.Found(entry, 0);
    }

    private static NarrowedCatalogue narrowed(ItemNarrowing narrowing) {
        return new NarrowedCatalogue(
                ALL, narrowing, 1L, entry -> entry.id() == 2, entry -> entry.id() != 1, entry -> true, Set.of(3L));
    }

    private static List<Long> ids(NarrowedCatalogue narrowed) {
        return narrowed.hits().stream().map(each -> each.entry().id()).toList();
    }

    private static ItemNarrowing with(
            @Nullable Set<Long> skills,
            @Nullable Set<ItemKind> kinds,
            @Nullable Integer grade,
            @Nullable Integer minutes,
            @Nullable Double low,
            @Nullable Double high) {
        return new ItemNarrowing(
                null, skills, kinds, null, null, grade, minutes, null, low, high, null, null, null, null, null);
    }

    @Test
    void nothingNarrowsNothing() {
        assertThat(ids(narrowed(NOTHING))).containsExactly(1L, 2L, 3L);
        assertThat(ids(narrowed(with(Set.of(), Set.of(), null, null, null, null))))
                .hasSize(3);
    }

    @Test
    void valuesOfOneWayAddUpAndWaysNarrowEachOther() {
        assertThat(ids(narrowed(with(Set.of(1L, 2L), null, null, null, null, null))))
                .containsExactly(1L, 2L, 3L);
        assertThat(ids(narrowed(with(Set.of(2L), Set.of(ItemKind.TEXT), null, null, null, null))))
                .containsExactly(2L);
    }

    @Test
    void aCountBesideAValueIsWhatChoosingItWouldBring() {
        NarrowedCatalogue texts = narrowed(with(Set.of(2L), Set.of(ItemKind.TEXT), null, null, null, null));
        assertThat(texts.counts(Facet.KIND, entry -> List.of(entry.kind())))
                .isEqualTo(Map.of(ItemKind.TEXT, 1, ItemKind.QUIZ, 1));
        assertThat(texts.counts(Facet.SKILL, Catalogue.Entry::trains)).isEqualTo(Map.of(1L, 2, 2L, 1));
        assertThat(texts.counts(Facet.TAG, Catalogue.Entry::tags)).isEqualTo(Map.of("marsh", 1, "moon", 1));
    }

    @Test
    void whatHasNoLevelOrGradeIsNotJudgedByThemButWithoutMinutesItIsNotShort() {
        assertThat(ids(narrowed(with(null, null, null, null, 600.0, 800.0)))).containsExactly(2L, 3L);
        assertThat(ids(narrowed(with(null, null, 5, null, null, null)))).containsExactly(2L, 3L);
        assertThat(ids(narrowed(with(null, null, null, 10, null, null)))).containsExactly(1L);
    }

    @Test
    void aLevelTouchesARangeAtItsEnds() {
        assertThat(ids(narrowed(with(null, null, null, null, 500.0, 500.0)))).containsExactly(1L, 3L);
        assertThat(ids(narrowed(with(null, null, null, null, 501.0, null)))).containsExactly(2L, 3L);
    }

    @Test
    void flagsNarrowOnlyWhereTheyAreOn() {
        ItemNarrowing starred = new ItemNarrowing(
                null, null, null, null, null, null, null, null, null, null, null, true, false, null, null);
        assertThat(ids(narrowed(starred))).containsExactly(2L);
        ItemNarrowing unusedInUnit = new ItemNarrowing(
                null, null, null, null, null, null, null, null, null, null, null, null, true, null, 9L);
        assertThat(ids(narrowed(unusedInUnit))).containsExactly(3L);
    }
}
