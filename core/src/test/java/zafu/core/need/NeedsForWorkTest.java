package zafu.core.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NeedsForWorkTest {
    private static final LocalDate TUESDAY = LocalDate.parse("2027-02-09");
    private static final Accommodation.Work QUIZ = new Accommodation.Work(WorkKind.QUIZ, "Reading");

    private static Accommodation grant(Support support, String amount) {
        return new Accommodation(
                support,
                amount.isEmpty() ? Optional.empty() : Optional.of(new BigDecimal(amount)),
                "",
                Set.of(),
                Set.of(),
                Optional.empty(),
                Optional.empty());
    }

    private static Accommodation only(Accommodation all, Set<WorkKind> works, Set<String> subjects) {
        return new Accommodation(all.support(), all.amount(), all.detail(), works, subjects, all.from(), all.to());
    }

    private static Accommodation within(Accommodation all, String from, String to) {
        return new Accommodation(
                all.support(),
                all.amount(),
                all.detail(),
                all.works(),
                all.subjects(),
                Optional.ofNullable(from).map(LocalDate::parse),
                Optional.ofNullable(to).map(LocalDate::parse));
    }

    private static NeedsForWork sum(Accommodation... granted) {
        return NeedsForWork.of(List.of(granted), QUIZ, TUESDAY);
    }

    @Test
    void theMostGenerousOfAKindCounts() {
        NeedsForWork needs = sum(
                grant(Support.EXTRA_DAYS, "1"),
                grant(Support.EXTRA_DAYS, "3"),
                grant(Support.FEWER_CHOICES, "4"),
                grant(Support.FEWER_CHOICES, "3"));
        assertThat(needs.extraDays()).isEqualTo(3);
        assertThat(needs.amountOf(Support.FEWER_CHOICES)).contains(new BigDecimal("3"));
    }

    @Test
    void allFactorsGoToTheTimeLimitWhichTakesTheLargest() {
        assertThat(sum(grant(Support.EXTENDED_TIME, "1.5"), grant(Support.EXTENDED_TIME, "1.25"))
                        .time()
                        .factors())
                .containsExactly(new BigDecimal("1.5"), new BigDecimal("1.25"));
        assertThat(sum(grant(Support.UNTIMED, "")).time().untimed()).isTrue();
    }

    @Test
    void whatDoesNotCoverTheWorkIsLeftOut() {
        Accommodation aloud = grant(Support.READ_ALOUD, "");
        assertThat(sum(only(aloud, Set.of(WorkKind.READING), Set.of())).has(Support.READ_ALOUD))
                .isFalse();
        assertThat(sum(only(aloud, Set.of(WorkKind.QUIZ), Set.of("mathematics")))
                        .has(Support.READ_ALOUD))
                .isFalse();
        assertThat(sum(only(aloud, Set.of(WorkKind.QUIZ), Set.of("READING "))).has(Support.READ_ALOUD))
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "2027-02-09, 2027-02-09, true",
        "2027-02-10, , false",
        ", 2027-02-08, false",
        ", 2027-02-09, true",
        "2027-02-09, , true"
    })
    void bothEndsOfTheDatesAreIncluded(String from, String to, boolean inForce) {
        assertThat(sum(within(grant(Support.LARGE_TEXT, ""), from, to)).has(Support.LARGE_TEXT))
                .isEqualTo(inForce);
    }

    @ParameterizedTest
    @CsvSource({
        "EXTENDED_TIME, 1.1, true",
        "EXTENDED_TIME, 1.05, false",
        "EXTENDED_TIME, 4, true",
        "EXTENDED_TIME, 4.1, false",
        "EXTENDED_TIME, 1.255, false",
        "EXTENDED_TIME, '', false",
        "EXTRA_DAYS, 1.5, false",
        "EXTRA_DAYS, 2, true",
        "BREAKS, 0, false",
        "READ_ALOUD, '', true",
        "READ_ALOUD, 2, false"
    })
    void anAmountMustBeWhatTheSupportAllows(Support support, String amount, boolean fine) {
        assertThat(grant(support, amount).fault().isEmpty()).isEqualTo(fine);
    }

    @Test
    void faultsSayWhatIsAllowed() {
        assertThat(grant(Support.EXTENDED_TIME, "9").fault())
                .contains(new Accommodation.Fault.Amount(
                        Support.EXTENDED_TIME, Support.EXTENDED_TIME.amount().orElseThrow()));
        assertThat(grant(Support.TOOL, "").fault()).contains(new Accommodation.Fault.Detail(Support.TOOL));
        assertThat(within(grant(Support.UNTIMED, ""), "2027-02-10", "2027-02-09")
                        .fault())
                .contains(new Accommodation.Fault.EndsEarly(
                        LocalDate.parse("2027-02-10"), LocalDate.parse("2027-02-09")));
    }
}
