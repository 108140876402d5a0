package zafu.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartNamesTest {
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 5, 20})
    void everyPartIsShownOnceAndFoundByItsName(int size) {
        PartNames names = PartNames.of("secret", 7, size);
        assertThat(names.order())
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.range(0, size).boxed().toList());
        for (int place = 0; place < size; place++) {
            assertThat(names.placeOf(names.nameOf(place))).hasValue(place);
        }
    }

    @Test
    void everyOrderComesUpAsOftenAsAnyOther() {
        Map<List<Integer>, Integer> shown = new HashMap<>();
        for (int attempt = 0; attempt < 6000; attempt++) {
            shown.merge(PartNames.of("attempt " + attempt, 7, 3).order(), 1, Integer::sum);
        }
        // A thousand each, but for chance.
        assertThat(shown).hasSize(6);
        assertThat(shown.values()).allSatisfy(times -> assertThat(times).isBetween(850, 1150));
    }

    @Test
    void namesAreOthersInEveryAttemptAndTheSameWithinOne() {
        Set<Integer> firstNames = new HashSet<>();
        for (int attempt = 0; attempt < 200; attempt++) {
            firstNames.add(PartNames.of("attempt " + attempt, 7, 4).nameOf(0));
        }
        assertThat(firstNames).hasSize(200);
        assertThat(PartNames.of("one", 7, 4).order())
                .isEqualTo(PartNames.of("one", 7, 4).order());
    }

    @Test
    void aPartKeepsItsNameWhenAnotherIsAdded() {
        PartNames before = PartNames.of("secret", 7, 3);
        PartNames after = PartNames.of("secret", 7, 4);
        assertThat(after.nameOf(2)).isEqualTo(before.nameOf(2));
    }

    @Test
    void aNameThatNoPartHasIsNotFound() {
        assertThat(PartNames.of("secret", 7, 4).placeOf(3)).isEmpty();
    }
}
