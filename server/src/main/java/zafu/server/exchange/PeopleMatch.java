package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.NamesAlike;
import zafu.server.exchange.ClassListReading.ReadRow;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.exchange.ImportQuestion.Choice;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.StudentFacts;

/**
 * Finds out whom a row means: by the school's number among all students that the adult knows, where the name does not
 * speak against it, else by name among those of the class. Where that is not one person, it is asked and not guessed.
 */
final class PeopleMatch {
    private final Map<String, KnownStudent> byNumber = new HashMap<>();
    private static final String OTHER = "OTHER";
    private static final String SAME = "SAME";
    private final Map<String, List<KnownStudent>> byName = new HashMap<>();
    private final Asking asking;

    PeopleMatch(List<KnownStudent> everybody, List<KnownStudent> ofClass, Asking asking) {
        this.asking = asking;
        everybody.forEach(each -> {
            if (!each.facts().studentNumber().isEmpty()) {
                byNumber.put(plain(each.facts().studentNumber()), each);
            }
        });
        ofClass.forEach(each -> {
            StudentFacts facts = each.facts();
            addName(facts.givenName() + " " + facts.familyName(), each);
            if (!facts.preferredName().isEmpty() && !facts.preferredName().equalsIgnoreCase(facts.givenName())) {
                addName(facts.preferredName() + " " + facts.familyName(), each);
            }
        });
    }

    private void addName(String name, KnownStudent student) {
        byName.computeIfAbsent(plain(name), key -> new ArrayList<>()).add(student);
    }

    /** @param known the student who is here already; absent for a new one */
    record Match(ReadRow row, @Nullable KnownStudent known) {
        boolean isGood() {
            return row.isGood();
        }

        /** What will be written down of the student. */
        StudentFacts facts() {
            StudentFacts now =
                    known == null ? StudentFacts.named(row.givenName(), row.familyName(), row.grade()) : known.facts();
            boolean calledByPreferred =
                    known != null && row.number().isEmpty() && row.givenName().equalsIgnoreCase(now.preferredName());
            return new StudentFacts(
                    known == null || !calledByPreferred ? kept(row.givenName(), now.givenName()) : now.givenName(),
                    kept(row.familyName(), now.familyName()),
                    row.other().getOrDefault(Use.PREFERRED_NAME, now.preferredName()),
                    row.gradeGiven() || known == null ? row.grade() : now.grade(),
                    row.other().getOrDefault(Use.LANGUAGE, now.language()),
                    row.other().getOrDefault(Use.HOME_CLASS, now.homeClass()),
                    row.number().isEmpty() ? now.studentNumber() : row.number());
        }

        /** A name that differs only in its case is not a new name. */
        private static String kept(String typed, String now) {
            return typed.equalsIgnoreCase(now) ? now : typed;
        }

        List<String> tags() {
            String typed = row.other().get(Use.TAGS);
            if (typed != null) {
                return ClassListReading.tags(typed);
            }
            return known == null ? List.of() : known.tags();
        }
    }

    Match match(ReadRow row) {
        if (!row.isGood()) {
            return new Match(row, null);
        }
        KnownStudent numbered = row.number().isEmpty() ? null : byNumber.get(plain(row.number()));
        if (numbered != null) {
            return couldBe(row, numbered) ? new Match(row, numbered) : anotherChild(row, numbered);
        }
        return matchByName(row);
    }

    private Match matchByName(ReadRow row) {
        List<KnownStudent> named = byName.getOrDefault(plain(row.fullName()), List.of());
        if (named.size() > 1) {
            return oneOf(row, named);
        }
        if (named.isEmpty()) {
            return new Match(row, null);
        }
        KnownStudent found = named.get(0);
        String number = found.facts().studentNumber();
        boolean anotherNumber = !row.number().isEmpty() && !number.isEmpty();
        return anotherNumber ? anotherNumber(row, found) : new Match(row, found);
    }

    /** Whether a student here has the number of the row. */
    boolean hasANumberHere(ReadRow row) {
        return !row.number().isEmpty() && byNumber.containsKey(plain(row.number()));
    }

    /** Whether a student here has the number of the row, and cannot have its name. */
    boolean isStranger(ReadRow row) {
        return hasANumberHere(row) && !couldBe(row, byNumber.get(plain(row.number())));
    }

    private static boolean couldBe(ReadRow row, KnownStudent numbered) {
        StudentFacts facts = numbered.facts();
        return NamesAlike.couldBeOne(
                row.fullName(), facts.givenName() + " " + facts.familyName() + " " + facts.preferredName());
    }

    /** Numbers that only count the rows of a list would otherwise turn one class into another. */
    private Match anotherChild(ReadRow row, KnownStudent numbered) {
        return answered(
                row,
                inWords(
                        "exchange.row-number-is-here-the-file-calls",
                        "row",
                        row.row(),
                        "number",
                        row.number(),
                        "name",
                        nameOf(numbered),
                        "fullName",
                        row.fullName()),
                inWords("exchange.the-names-have-nothing-in-common-2"),
                List.of(
                        new Choice(
                                OTHER, inWords("exchange.it-is-another-child-add-without", "fullName", row.fullName())),
                        new Choice(SAME, inWords("exchange.has-a-new-name", "name", nameOf(numbered)))),
                answer -> answer.equals(SAME) ? new Match(row, numbered) : matchByName(row.withoutNumber()));
    }

    /** What an answer makes of a row; without one it waits, and every such question has the choice to leave the row out. */
    private Match answered(
            ReadRow row, String asks, String why, List<Choice> choices, Function<String, Match> meaning) {
        List<Choice> all = new ArrayList<>(choices);
        all.add(leaveOut());
        Optional<String> answer = asking.ofFile("row:" + row.row(), asks, why, all);
        if (answer.isEmpty()) {
            return new Match(row.held(Hold.WAITS), null);
        }
        return answer.get().equals(leaveOut().key())
                ? new Match(row.held(Hold.LEFT_OUT), null)
                : meaning.apply(answer.get());
    }

    private Match oneOf(ReadRow row, List<KnownStudent> named) {
        List<Choice> choices = new ArrayList<>();
        named.forEach(each -> choices.add(new Choice(
                String.valueOf(each.id()),
                inWords("exchange.it-is", "name", nameOf(each), "details", numberOf(each)))));
        choices.add(anotherOfThatName());
        return answered(
                row,
                inWords("exchange.row-which-is-it", "row", row.row(), "fullName", row.fullName()),
                inWords("exchange.there-are-of-that-name-in-the", "count", named.size()),
                choices,
                answer -> new Match(
                        row,
                        named.stream()
                                .filter(each -> String.valueOf(each.id()).equals(answer))
                                .findFirst()
                                .orElse(null)));
    }

    private static String numberOf(KnownStudent student) {
        StudentFacts facts = student.facts();
        return facts.studentNumber().isEmpty()
                ? inWords("exchange.grade-2", "grade", facts.grade())
                : inWords("exchange.number", "number", facts.studentNumber());
    }

    private Match anotherNumber(ReadRow row, KnownStudent found) {
        return answered(
                row,
                inWords(
                        "exchange.row-gives-the-number-here-it-is",
                        "row",
                        row.row(),
                        "fullName",
                        row.fullName(),
                        "number",
                        row.number(),
                        "here",
                        found.facts().studentNumber()),
                inWords("exchange.two-children-may-share-a-name-one"),
                List.of(
                        new Choice(
                                SAME, inWords("exchange.it-is-the-same-child-the-number-is", "number", row.number())),
                        anotherOfThatName()),
                answer -> new Match(row, answer.equals(SAME) ? found : null));
    }

    private static String nameOf(KnownStudent student) {
        StudentFacts facts = student.facts();
        return (facts.givenName() + " " + facts.familyName()).strip();
    }

    private static String plain(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }

    private static Choice anotherOfThatName() {
        return new Choice(OTHER, inWords("exchange.it-is-another-child-of-that-name"));
    }

    private static Choice leaveOut() {
        return new Choice("OUT", inWords("exchange.leave-the-row-out"));
    }
}
