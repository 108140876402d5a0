package zafu.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class WordIndexTest {
    private final WordIndex index = new WordIndex();

    @AfterEach
    void close() {
        index.close();
    }

    private void put(long id, String title, String text) {
        index.put(List.of(new WordIndex.Words(id, title, text)), List.of());
    }

    @Test
    void aWordIsFoundInItsBaseForm() {
        put(1, "Tides", "The marshes were flooding.");
        assertThat(index.find("marsh")).containsOnlyKeys(1L);
        assertThat(index.find("flooded")).containsOnlyKeys(1L);
    }

    @Test
    void theBeginningOfAWordIsEnough() {
        put(1, "Cordgrass", "");
        assertThat(index.find("cordg")).containsOnlyKeys(1L);
    }

    @Test
    void everyWordMustBeMet() {
        put(1, "Moon", "and sea");
        put(2, "Moon", "and land");
        assertThat(index.find("moon sea")).containsOnlyKeys(1L);
        assertThat(index.find("moon storm")).isEmpty();
    }

    @Test
    void theTitleWeighsMoreAndTheBestIsOne() {
        put(1, "A walk", "We saw a heron, a gull and a duck by the water, and it rained.");
        put(2, "The heron", "It waits.");
        Map<Long, Double> found = index.find("heron");
        assertThat(found.keySet()).containsExactly(2L, 1L);
        assertThat(found.get(2L)).isEqualTo(1);
        assertThat(found.get(1L)).isBetween(0.0, 0.99);
    }

    @Test
    void whatIsChangedIsFoundByItsNewWordsAloneAndWhatIsGoneByNone() {
        put(1, "Old", "gull");
        put(1, "New", "heron");
        assertThat(index.find("gull")).isEmpty();
        assertThat(index.find("heron")).containsOnlyKeys(1L);
        index.put(List.of(), List.of(1L));
        assertThat(index.find("heron")).isEmpty();
    }

    @Test
    void signsOfAQueryLanguageAreWordsOrNothing() {
        put(1, "Tide", "high");
        assertThat(index.find("tide AND (high"))
                .as("words are words, brackets nothing")
                .hasSizeLessThanOrEqualTo(1);
        assertThat(index.find("\"tide\" *")).containsOnlyKeys(1L);
        assertThat(index.find("title:tide OR")).hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void wordsOfOtherLanguagesAreFoundAsTheyStand() {
        put(1, "La marisma bebe dos veces", "El mar entra despacio.");
        assertThat(index.find("marisma")).containsOnlyKeys(1L);
        assertThat(index.find("Marisma DESPACIO")).containsOnlyKeys(1L);
    }
}
