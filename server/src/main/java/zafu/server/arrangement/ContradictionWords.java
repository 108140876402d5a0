package zafu.server.arrangement;

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
            return few.students() + " students do not fit in " + groups(few.groups()) + " of at most " + few.largest()
                    + ": there are " + few.seats() + " seats. Raise the largest size or take more groups.";
        }
        if (contradiction instanceof Contradiction.TooFewStudents few) {
            return few.students() + " students cannot fill " + groups(few.groups()) + " of at least " + few.smallest()
                    + ": that takes " + few.needed() + ". Lower the smallest size or take fewer groups.";
        }
        if (contradiction instanceof Contradiction.NoBands) {
            return "This measure has no benchmark cuts for this grade and season. Start from similar scores instead.";
        }
        if (contradiction instanceof Contradiction.NobodyToPlace) {
            return "There is no data yet to form these groups from. Import it, or place students by hand.";
        }
        return ofRules(contradiction);
    }

    private String ofRules(Contradiction contradiction) {
        if (contradiction instanceof Contradiction.TogetherAndApart both) {
            String two = and(List.of(both.one(), both.other()));
            return both.locked()
                    ? two + " are locked in one group but must be kept apart."
                    : two + " must be together and must be apart. One of the two notes has to go.";
        }
        if (contradiction instanceof Contradiction.TogetherButLockedApart two) {
            return and(List.of(two.one(), two.other())) + " must be together but are locked in different groups.";
        }
        if (contradiction instanceof Contradiction.LockedOutside locked) {
            return name(locked.student()) + " is locked in a group that would go: there would be "
                    + groups(locked.groups()) + ". Unlock, or take more groups.";
        }
        if (contradiction instanceof Contradiction.TooManyTogether many) {
            return and(many.students()) + " must be together, but a group takes at most " + many.largest() + ".";
        }
        if (contradiction instanceof Contradiction.TooManyApart many) {
            return and(many.students()) + " must all be apart from each other. That takes "
                    + groups(many.students().size()) + ", and there are " + many.groups() + ".";
        }
        return "These cannot all hold: "
                + String.join("; ", clauses(((Contradiction.RulesClash) contradiction).rules())) + ".";
    }

    private List<String> clauses(Rules rules) {
        List<String> clauses = new ArrayList<>();
        rules.locked().keySet().stream().sorted().forEach(each -> clauses.add(name(each) + " is locked"));
        rules.together().forEach(set -> clauses.add(and(set) + " must be together"));
        rules.apart().forEach(pair -> clauses.add(and(List.of(pair.one(), pair.other())) + " must be apart"));
        return clauses;
    }

    private String and(Collection<StudentId> students) {
        List<String> all = students.stream().sorted().map(this::name).toList();
        int last = all.size() - 1;
        return last < 1 ? String.join("", all) : String.join(", ", all.subList(0, last)) + " and " + all.get(last);
    }

    private String name(StudentId student) {
        Roster.StudentName name = names.get(student);
        return name == null ? "Somebody" : name.givenName();
    }

    private static String groups(int number) {
        return number == 1 ? "1 group" : number + " groups";
    }
}
