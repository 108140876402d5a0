package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import zafu.core.grouping.Contradiction;
import zafu.core.grouping.Rules;
import zafu.core.roster.StudentId;
import zafu.server.roster.Roster;

/** A contradiction in a teacher's words. */
final class ContradictionWords {
    private final Map<StudentId, Roster.StudentName> names;

    ContradictionWords(Map<StudentId, Roster.StudentName> names) {
        this.names = names;
    }

    String of(Contradiction contradiction) {
        if (contradiction instanceof Contradiction.TooFewSeats few) {
            return inWords(
                    "arrangement.too-few-seats",
                    "students",
                    few.students(),
                    "groups",
                    few.groups(),
                    "largest",
                    few.largest(),
                    "seats",
                    few.seats());
        }
        if (contradiction instanceof Contradiction.TooFewStudents few) {
            return inWords(
                    "arrangement.too-few-students",
                    "students",
                    few.students(),
                    "groups",
                    few.groups(),
                    "smallest",
                    few.smallest(),
                    "needed",
                    few.needed());
        }
        if (contradiction instanceof Contradiction.NoBands) {
            return inWords("arrangement.this-measure-has-no-benchmark-cuts");
        }
        if (contradiction instanceof Contradiction.NobodyToPlace) {
            return inWords("arrangement.there-is-no-data-yet-to-form-these");
        }
        return ofRules(contradiction);
    }

    private String ofRules(Contradiction contradiction) {
        if (contradiction instanceof Contradiction.TogetherAndApart both) {
            List<String> two = and(List.of(both.one(), both.other()));
            return both.locked()
                    ? inWords("arrangement.are-locked-in-one-group-but-must", "two", two)
                    : inWords("arrangement.must-be-together-and-must-be-apart", "two", two);
        }
        if (contradiction instanceof Contradiction.TogetherButLockedApart two) {
            return inWords(
                    "arrangement.must-be-together-but-are-locked-in", "names", and(List.of(two.one(), two.other())));
        }
        if (contradiction instanceof Contradiction.LockedOutside locked) {
            return inWords(
                    "arrangement.is-locked-in-a-group-that-would-go",
                    "student",
                    name(locked.student()),
                    "groups",
                    locked.groups());
        }
        if (contradiction instanceof Contradiction.TooManyTogether many) {
            return inWords(
                    "arrangement.must-be-together-but-a-group-takes",
                    "students",
                    and(many.students()),
                    "largest",
                    many.largest());
        }
        if (contradiction instanceof Contradiction.TooManyApart many) {
            return inWords(
                    "arrangement.must-all-be-apart-from-each-other",
                    "students",
                    and(many.students()),
                    "count",
                    many.students().size(),
                    "groups",
                    many.groups());
        }
        return inWords(
                "arrangement.these-cannot-all-hold",
                "rules",
                String.join("; ", clauses(((Contradiction.RulesClash) contradiction).rules())));
    }

    private List<String> clauses(Rules rules) {
        List<String> clauses = new ArrayList<>();
        rules.locked().keySet().stream()
                .sorted()
                .forEach(each -> clauses.add(inWords("arrangement.is-locked", "name", name(each))));
        rules.together().forEach(set -> clauses.add(inWords("arrangement.must-be-together", "names", and(set))));
        rules.apart()
                .forEach(pair -> clauses.add(
                        inWords("arrangement.must-be-apart", "names", and(List.of(pair.one(), pair.other())))));
        return clauses;
    }

    private List<String> and(Collection<StudentId> students) {
        return students.stream().sorted().map(this::name).toList();
    }

    private String name(StudentId student) {
        Roster.StudentName name = names.get(student);
        return name == null ? inWords("everyone.somebody") : name.givenName();
    }
}
