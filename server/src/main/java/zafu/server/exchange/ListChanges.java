package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import zafu.core.measure.Observation;
import zafu.server.exchange.PeopleMatch.Match;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.measure.TypedScore;
import zafu.server.roster.StudentFacts;

/** What a list would change, line by line: what is here now, and what it will be. */
final class ListChanges {
    private final ListReading.ReadList list;
    private final ListTaking.Held held;
    private final Function<ColumnUse, MeasureCard> scales;
    private final List<Change> changes = new ArrayList<>();

    ListChanges(ListReading.ReadList list, ListTaking.Held held, Function<ColumnUse, MeasureCard> scales) {
        this.list = list;
        this.held = held;
        this.scales = scales;
    }

    /** What kind of thing changes. */
    enum Kind {
        STUDENT_NEW,
        STUDENT_CHANGED,
        SCORE,
        SKILL,
        NEED
    }

    /**
     * One thing that changes.
     *
     * @param row of the file
     * @param now blank where nothing is there yet
     */
    record Change(int row, String givenName, String familyName, Kind kind, String what, String now, String willBe) {}

    List<Change> all() {
        for (Match match : list.good()) {
            student(match);
            scores(match);
            skills(match);
            needs(match);
        }
        return List.copyOf(changes);
    }

    private void note(Match match, Kind kind, String what, String now, String willBe) {
        StudentFacts facts =
                match.known() == null ? match.facts() : match.known().facts();
        changes.add(new Change(match.row().row(), facts.givenName(), facts.familyName(), kind, what, now, willBe));
    }

    private void student(Match match) {
        StudentFacts next = match.facts();
        if (match.known() == null) {
            note(
                    match,
                    Kind.STUDENT_NEW,
                    inWords("exchange.new-student"),
                    "",
                    inWords("exchange.grade", "grade", next.grade()));
            return;
        }
        StudentFacts now = match.known().facts();
        changed(match, inWords("exchange.given-name-2"), now.givenName(), next.givenName());
        changed(match, inWords("exchange.family-name-2"), now.familyName(), next.familyName());
        changed(match, inWords("exchange.name-in-class"), now.preferredName(), next.preferredName());
        changed(match, inWords("exchange.column.GRADE"), String.valueOf(now.grade()), String.valueOf(next.grade()));
        changed(match, inWords("exchange.number-3"), now.studentNumber(), next.studentNumber());
        changed(match, inWords("exchange.home-class-2"), now.homeClass(), next.homeClass());
        changed(match, inWords("exchange.column.LANGUAGE"), now.language(), next.language());
        changed(
                match,
                inWords("exchange.column.TAGS"),
                String.join(", ", match.known().tags()),
                String.join(", ", match.tags()));
        if (match.known().archived()) {
            note(
                    match,
                    Kind.STUDENT_CHANGED,
                    inWords("exchange.archived"),
                    inWords("exchange.archived"),
                    inWords("exchange.in-the-class-again"));
        }
    }

    private void changed(Match match, String what, String now, String next) {
        if (!now.equals(next)) {
            note(match, Kind.STUDENT_CHANGED, what, now, next);
        }
    }

    private void scores(Match match) {
        for (ColumnUse use : ColumnUse.scores(list.uses())) {
            MeasureCard measure = scales.apply(use);
            Optional<Observation> next = ListTaking.observation(match, use, list);
            List<Observation> noted = match.known() == null || use.measureId() == null
                    ? List.of()
                    : held.notedOf(match.known().id(), use.measureId());
            if (next.isEmpty() || noted.contains(next.get())) {
                continue;
            }
            String now = noted.isEmpty() ? "" : shown(noted.get(noted.size() - 1), measure);
            note(match, Kind.SCORE, measure.name(), now, shown(next.get(), measure));
        }
    }

    private static String shown(Observation of, MeasureCard measure) {
        String value = of.value().isPresent()
                ? TypedScore.shown(of.value().getAsDouble(), measure)
                : inWords("exchange.not-assessed");
        return inWords("exchange.on", "value", value, "day", of.takenOn().toString());
    }

    private void skills(Match match) {
        match.row()
                .skills()
                .forEach((column, share) -> note(
                        match,
                        Kind.SKILL,
                        list.sheet().header().get(column),
                        "",
                        inWords(
                                "exchange.on-2",
                                "share",
                                Math.round(share * 100),
                                "day",
                                match.row().takenOn().toString())));
    }

    private void needs(Match match) {
        match.row().needs().stream()
                .filter(need -> match.known() == null
                        || !held.grantedTo(match.known().id()).contains(need))
                .forEach(need -> note(match, Kind.NEED, inWords("exchange.need"), "", RowWords.words(need)));
    }
}
