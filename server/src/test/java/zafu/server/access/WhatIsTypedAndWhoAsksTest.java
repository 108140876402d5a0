package zafu.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WhatIsTypedAndWhoAsksTest {
    @RepeatedTest(20)
    void aCodeIsItselfHoweverItIsTyped() {
        String code = EntryCodes.draw(8);
        assertThat(EntryCodes.plain(code)).isEqualTo(code);
        assertThat(EntryCodes.plain(
                        " " + code.substring(0, 4) + "-" + code.substring(4).toLowerCase()))
                .isEqualTo(code);
    }

    @ParameterizedTest
    @CsvSource({"QJ2O, QJ2Q", "0I1L, QJJJ", "ab-c d, ABCD"})
    void whatAChildMixesUpIsReadAsWhatCanStandThere(String typed, String read) {
        assertThat(EntryCodes.plain(typed)).isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource({
        "2001:db8:1:2::5,  2001:db8:1:2:ffff::9, true",
        "2001:db8:1:2::5,  2001:db8:1:3::5,      false",
        "192.0.2.7,        192.0.2.7,            true",
        "192.0.2.7,        192.0.2.8,            false"
    })
    void whoHasAnAddressOfSixHasAllOfItsNetwork(String one, String other, boolean same) {
        assertThat(NetworkOf.address(one).equals(NetworkOf.address(other))).isEqualTo(same);
    }

    @Test
    void whoLeadsGroupsSeesThoseInThemAlone() {
        Reach some = new Reach(ClassRole.GROUP_SUPPORT, Set.of(4L), Set.of(7L));
        assertThat(some.sees(7)).isTrue();
        assertThat(some.sees(8)).isFalse();
        assertThat(some.seesGroup(5)).isFalse();
        assertThat(Reach.whole(ClassRole.SUPPORT).sees(8)).isTrue();
    }

    @Test
    void whatIsDoneToResultsIsToldOfTheTask() {
        assertThat(AuditSubject.of("key.corrected", 5L)).contains(AuditSubject.task(5));
        assertThat(AuditSubject.of("question.taken-out", 5L)).contains(AuditSubject.task(5));
        assertThat(AuditSubject.of("mark.answer", 5L)).contains(AuditSubject.student(5));
        assertThat(AuditSubject.of("mark.accepted-for-all", 5L)).contains(AuditSubject.task(5));
        assertThat(AuditSubject.of("mark.answer", null)).isEmpty();
    }
}
