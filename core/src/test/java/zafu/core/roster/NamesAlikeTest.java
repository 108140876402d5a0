package zafu.core.roster;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NamesAlikeTest {
    @ParameterizedTest
    @CsvSource({
        "Umi Ilves, Umi Ilves-Marsh",
        "Umi Ilves, UMI TOLLIVER",
        "Quillon Mateo, Quillón Matéo",
        "Wren Tolliver, Wrenna Hale",
        "Linea Sjövik, Linnea Strand",
        "Ivo O'Dunmore, Dunmore",
        "Kofi Asterly, Kofi Astrely",
        "小林 桜, 小林 さくら",
        "अनिता शर्मा, अनिता वर्मा"
    })
    void aNameThatWasCorrectedOrChangedInPartIsAlike(String one, String other) {
        assertThat(NamesAlike.couldBeOne(one, other)).isTrue();
        assertThat(NamesAlike.couldBeOne(other, one)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "Umi Ilves, Linnea Sjövik",
        "Ann Bell, Ian Bolt",
        "Rue Saltmarsh, Hana Brill",
        "Bo Li, Bao Lin",
        "小林 桜, Sakura Kobayashi",
        "'', Umi Ilves"
    })
    void anotherChildsNameIsNot(String one, String other) {
        assertThat(NamesAlike.couldBeOne(one, other)).isFalse();
        assertThat(NamesAlike.couldBeOne(other, one)).isFalse();
    }
}
