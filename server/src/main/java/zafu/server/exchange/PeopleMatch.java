package zafu.server.exchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.NamesAlike;
import zafu.server.exchange.ClassListReading.ReadRow;
import zafu.server.exchange.ColumnUse.Use;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.StudentFacts;

/**
 * Finds out whom a row means: by the school's number among all students that the adult knows, where the name does not
 * speak against it, else by name among those of the class. Where that is not one person, the row has a problem rather than a guess.
 */
final class PeopleMatch {
    private final Map<String, KnownStudent> byNumber = new HashMap<>();
    private final Map<String, List<KnownStudent>> byName = new HashMap<>();

    PeopleMatch(List<KnownStudent> everybody, List<KnownStudent> ofClass) {
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
            return row.problem() == null;
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
        KnownStudent numbered = row.number().isEmpty() ? null : byNumber.get(plain(row.number()));
        if (numbered != null) {
            return couldBe(row, numbered) ? new Match(row, numbered) : anotherChild(row, numbered);
        }
        List<KnownStudent> named = byName.getOrDefault(plain(row.fullName()), List.of());
        if (named.size() > 1) {
            return new Match(
                    row.withProblem("Row " + row.row() + " names " + row.fullName() + ", of whom there are "
                            + named.size() + " in the class. Add a column with their numbers."),
                    null);
        }
        if (named.isEmpty()) {
            return new Match(row, null);
        }
        KnownStudent found = named.get(0);
        String number = found.facts().studentNumber();
        boolean anotherNumber = !row.number().isEmpty() && !number.isEmpty();
        return anotherNumber
                ? new Match(
                        row.withProblem("Row " + row.row() + " gives " + row.fullName() + " the number " + row.number()
                                + ", but here the number is " + number + "."),
                        null)
                : new Match(row, found);
    }

    private static boolean couldBe(ReadRow row, KnownStudent numbered) {
        StudentFacts facts = numbered.facts();
        return NamesAlike.couldBeOne(
                row.fullName(), facts.givenName() + " " + facts.familyName() + " " + facts.preferredName());
    }

    /** Numbers that only count the rows of a list would otherwise turn one class into another. */
    private static Match anotherChild(ReadRow row, KnownStudent numbered) {
        StudentFacts facts = numbered.facts();
        return new Match(
                row.withProblem("Row " + row.row() + " gives " + row.fullName() + " the number " + row.number()
                        + ", which is " + (facts.givenName() + " " + facts.familyName()).strip()
                        + "'s here. Is it the same child? Then change the name here first. If the numbers only count"
                        + " the rows, take nothing from that column."),
                null);
    }

    private static String plain(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }
}
