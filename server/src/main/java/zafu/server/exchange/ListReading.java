package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.need.NeedInWords;
import zafu.server.access.ClassPermission;
import zafu.server.exchange.ClassListApi.Wanted;
import zafu.server.exchange.ClassListReading.ReadRow;
import zafu.server.exchange.ColumnGuess.Guess;
import zafu.server.exchange.ImportQuestion.Choice;
import zafu.server.exchange.PeopleMatch.Match;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.need.NeedVocabulary;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Reads a file as a class list: its table, what its columns are, whom its rows mean, and what has to be asked. */
@Component
class ListReading {
    private static final int FEWEST_STRANGERS = 2;
    private final ClassPermission permission;
    private final Roster roster;
    private final Measures measures;
    private final ListTaking taking;
    private final ListShapes shapes;
    private final NeedVocabulary words;

    ListReading(
            ClassPermission permission,
            Roster roster,
            Measures measures,
            ListTaking taking,
            ListShapes shapes,
            NeedVocabulary words) {
        this.permission = permission;
        this.roster = roster;
        this.measures = measures;
        this.taking = taking;
        this.shapes = shapes;
        this.words = words;
    }

    /**
     * A list that was read.
     *
     * @param guesses what each column is taken for, and why
     * @param chosen the columns that were chosen by hand, now or for the last file of these columns
     * @param learntNeeds words for needs that answers gave a meaning
     * @param remembered whether something was read as it was for the last file of these columns
     */
    record ReadList(
            Sheet sheet,
            List<Guess> guesses,
            List<ColumnUse> chosen,
            List<Match> matches,
            List<String> passedOver,
            Map<String, NeedInWords> learntNeeds,
            Asking asking,
            boolean remembered) {
        List<ColumnUse> uses() {
            return guesses.stream().map(Guess::use).toList();
        }

        List<Match> good() {
            return matches.stream().filter(Match::isGood).toList();
        }
    }

    ReadList read(byte[] file, Wanted wanted) {
        requireMayBringIn(wanted);
        Asking asking = new Asking(wanted.answers() == null ? Map.of() : wanted.answers());
        Sheet sheet = Boolean.TRUE.equals(wanted.pasted())
                ? SheetReader.readPasted(file, asking)
                : SheetReader.read(file, asking);
        Optional<ListShapes.Known> known =
                Boolean.TRUE.equals(wanted.afresh()) ? Optional.empty() : shapes.of(sheet.header());
        known.ifPresent(shape -> asking.remember(shape.answers()));
        List<MeasureCard> scalesHere =
                wanted.classId() == null ? measures.shared() : measures.ofClass(wanted.classId());
        Map<Integer, Guess> settled =
                settled(sheet, wanted, known.map(ListShapes.Known::columns).orElse(List.of()), scalesHere);
        List<Guess> guesses = new ColumnGuess(sheet, scalesHere, settled, asking).guesses();
        List<ColumnUse> uses = guesses.stream().map(Guess::use).toList();
        requireMaySeeNeeds(uses, wanted.classId());
        Map<ColumnUse, MeasureCard> scales = new HashMap<>();
        ColumnUse.scores(uses).forEach(use -> scales.put(use, taking.measureOf(use)));
        ClassListReading reading =
                new ClassListReading(sheet, uses, wanted.grade(), wanted.takenOn(), scales::get, words::read, asking);
        List<Match> matches = people(reading.rows(), uses, sheet, wanted, asking);
        return new ReadList(
                sheet,
                guesses,
                settled.values().stream().map(Guess::use).toList(),
                matches,
                reading.passedOver(),
                reading.learntNeeds(),
                asking,
                known.isPresent());
    }

    private void requireMayBringIn(Wanted wanted) {
        if (wanted.classId() != null) {
            permission.requireChange(wanted.classId());
        } else {
            permission.requireMayBringInClass();
        }
    }

    private void requireMaySeeNeeds(List<ColumnUse> uses, @Nullable Long classId) {
        Set<ColumnUse.Use> ofNeeds = Set.of(ColumnUse.Use.NEED, ColumnUse.Use.TIME_FACTOR, ColumnUse.Use.EXTRA_DAYS);
        if (classId != null && uses.stream().anyMatch(use -> ofNeeds.contains(use.as()))) {
            permission.requireSeeNeeds(classId);
        }
    }

    /** By column: what was chosen now, else what was chosen for the last file of these columns. */
    private static Map<Integer, Guess> settled(
            Sheet sheet, Wanted wanted, List<ColumnUse> remembered, List<MeasureCard> known) {
        Map<Integer, Guess> settled = new LinkedHashMap<>();
        for (ColumnUse use : remembered) {
            settled.put(use.column(), new Guess(ListShapes.today(use, known), inWords("exchange.as-last-time"), true));
        }
        for (ColumnUse use : wanted.columns() == null ? List.<ColumnUse>of() : wanted.columns()) {
            if (use.column() < 0 || use.column() >= sheet.header().size()) {
                throw Refusal.unusable(
                        "no-such-column", inWords("exchange.the-file-has-no-column", "column", (use.column() + 1)));
            }
            settled.put(use.column(), new Guess(use, inWords("exchange.as-you-chose"), true));
        }
        return settled;
    }

    private List<Match> people(List<ReadRow> rows, List<ColumnUse> uses, Sheet sheet, Wanted wanted, Asking asking) {
        PeopleMatch people = new PeopleMatch(
                roster.known(permission.mine()),
                wanted.classId() == null ? List.of() : roster.known(List.of(wanted.classId())),
                asking);
        List<ReadRow> strangers = rows.stream().filter(people::isStranger).toList();
        long numbered = rows.stream().filter(people::hasANumberHere).count();
        if (strangers.size() < FEWEST_STRANGERS || strangers.size() * 2L <= numbered) {
            return rows.stream().map(people::match).toList();
        }
        Optional<String> answer = askOfNumbers(strangers.size(), numbered, uses, sheet, asking);
        if (answer.isEmpty()) {
            return rows.stream()
                    .map(row -> people.isStranger(row) ? new Match(row.held(Hold.WAITS), null) : people.match(row))
                    .toList();
        }
        boolean none = answer.get().equals(ColumnUse.Use.NOTHING.name());
        return rows.stream()
                .map(row -> people.match(none ? row.withoutNumber() : row))
                .toList();
    }

    /** Where most numbers are other children's, the column is the question and not row after row. */
    private static Optional<String> askOfNumbers(
            int strangers, long numbered, List<ColumnUse> uses, Sheet sheet, Asking asking) {
        int column = ColumnUse.of(ColumnUse.Use.STUDENT_NUMBER, uses).get(0).column();
        return asking.ofFile(
                "numbers:" + column,
                inWords(
                        "exchange.column-of-numbers-are-other",
                        "column",
                        sheet.header().get(column),
                        "strangers",
                        strangers,
                        "numbered",
                        numbered),
                inWords("exchange.the-names-have-nothing-in-common"),
                List.of(
                        new Choice(ColumnUse.Use.NOTHING.name(), inWords("exchange.take-nothing-from-this-column")),
                        new Choice(
                                ColumnUse.Use.STUDENT_NUMBER.name(),
                                inWords("exchange.they-are-right-ask-me-row-by-row"))));
    }
}
