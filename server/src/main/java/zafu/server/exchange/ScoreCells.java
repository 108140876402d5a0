package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.DecimalMark;
import zafu.core.measure.OddScore;
import zafu.core.measure.OddScore.Kind;
import zafu.core.measure.OddScore.Meaning;
import zafu.server.exchange.ImportQuestion.Choice;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.measure.TypedScore;

/** Reads the score columns of a list. What is no plain value of its measure is asked once a column and kind, never guessed. */
final class ScoreCells {
    private static final String ROWS_OUT = "ROWS_OUT";
    private final Sheet sheet;
    private final List<Column> columns = new ArrayList<>();

    /** @param answers by kind of what is odd; the row of a kind without an answer waits for it */
    private record Column(ColumnUse use, MeasureCard measure, DecimalMark mark, Map<Kind, Optional<String>> answers) {}

    /** One cell, read: a score, or that its row waits for an answer, or is left out by one. */
    record Cell(TypedScore score, @Nullable Hold hold) {}

    ScoreCells(Sheet sheet, List<ColumnUse> uses, Function<ColumnUse, MeasureCard> scales, Asking asking) {
        this.sheet = sheet;
        ColumnUse.scores(uses).forEach(use -> columns.add(column(use, scales.apply(use), asking)));
    }

    private Column column(ColumnUse use, MeasureCard measure, Asking asking) {
        List<String> cells =
                sheet.rows().stream().map(row -> row.cell(use.column())).toList();
        DecimalMark mark = TypedScore.markIn(cells, measure);
        Map<Kind, List<OddScore>> odd = cells.stream()
                .flatMap(cell -> TypedScore.odd(cell, measure, mark).stream())
                .collect(Collectors.groupingBy(OddScore::kind, () -> new EnumMap<>(Kind.class), Collectors.toList()));
        Map<Kind, Optional<String>> answers = new EnumMap<>(Kind.class);
        odd.forEach((kind, all) -> answers.put(kind, ask(use, measure, kind, all, asking)));
        return new Column(use, measure, mark, answers);
    }

    private Optional<String> ask(ColumnUse use, MeasureCard measure, Kind kind, List<OddScore> cells, Asking asking) {
        String header = sheet.header().get(use.column());
        Set<String> typed = cells.stream().map(OddScore::typed).collect(Collectors.toCollection(LinkedHashSet::new));
        String asks = inWords(
                "exchange.cells-say", "column", header, "count", cells.size(), "examples", Asking.examples(typed));
        return asking.ofShape("cells:" + use.column() + ":" + kind, asks, why(kind, measure), choices(cells, measure));
    }

    private static String why(Kind kind, MeasureCard measure) {
        String scale = measure.levels().isEmpty()
                ? inWords(
                        "exchange.goes-from-to",
                        "name",
                        measure.name(),
                        "lowest",
                        TypedScore.shown(measure.lowest(), measure),
                        "highest",
                        TypedScore.shown(measure.highest(), measure))
                : inWords(
                        "exchange.goes-from-to",
                        "name",
                        measure.name(),
                        "lowest",
                        measure.levels().get(0),
                        "highest",
                        measure.levels().get(measure.levels().size() - 1));
        return switch (kind) {
            case BELOW -> inWords("exchange.the-test-reports-nothing-lower", "scale", scale);
            case ABOVE -> inWords("exchange.the-test-reports-nothing-higher", "scale", scale);
            case PART -> inWords("exchange.that-is-a-part-of-a-whole", "scale", scale);
            case PERCENT -> inWords("exchange.that-is-a-percentage", "scale", scale);
            case OUTSIDE -> scale + ".";
            case FINER ->
                measure.decimals() == 0
                        ? inWords("exchange.has-whole-numbers", "name", measure.name())
                        : inWords(
                                "exchange.has-decimals-at-most",
                                "name",
                                measure.name(),
                                "decimals",
                                measure.decimals());
            case EITHER -> inWords("exchange.the-mark-can-stand-between");
            case WORDS -> inWords("exchange.that-is-no-value", "scale", scale);
        };
    }

    private static List<Choice> choices(List<OddScore> cells, MeasureCard measure) {
        List<Choice> choices = new ArrayList<>();
        for (Meaning meaning : TypedScore.meanings(cells.get(0), measure)) {
            if (cells.stream()
                    .allMatch(cell -> TypedScore.meanings(cell, measure).contains(meaning))) {
                choices.add(new Choice(meaning.name(), words(meaning, cells.get(0), measure)));
            }
        }
        choices.add(new Choice(
                ROWS_OUT,
                cells.size() == 1 ? inWords("exchange.leave-its-row-out") : inWords("exchange.leave-their-rows-out")));
        return choices;
    }

    private static String words(Meaning meaning, OddScore example, MeasureCard measure) {
        return switch (meaning) {
            case NOTED -> inWords("exchange.note-not-assessed", "typed", example.typed());
            case EMPTY -> inWords("exchange.leave-empty");
            case NUMBER, SHARE ->
                inWords(
                        meaning == Meaning.SHARE ? "exchange.take-the-share" : "exchange.take-the-number",
                        "value",
                        TypedScore.shown(
                                TypedScore.valueAs(meaning, example, measure).orElseThrow(), measure));
            case THOUSANDS, DECIMALS ->
                inWords(
                        "exchange.is",
                        "typed",
                        example.typed(),
                        "value",
                        TypedScore.shown(
                                TypedScore.valueAs(meaning, example, measure).orElseThrow(), measure));
        };
    }

    /** By column. What is no value in a column that is asked about leaves the row to wait; what is wrong is a problem. */
    Map<Integer, Cell> read(Sheet.Row row, List<String> problems) {
        Map<Integer, Cell> cells = new LinkedHashMap<>();
        for (Column column : columns) {
            Cell cell = cell(row.cell(column.use.column()), column);
            cells.put(column.use.column(), cell);
            if (cell.score.fault() != null) {
                problems.add(inWords(
                        "exchange.has-under-which-2",
                        "typed",
                        cell.score.typed(),
                        "column",
                        sheet.header().get(column.use.column()),
                        "fault",
                        cell.score.fault()));
            }
        }
        return cells;
    }

    private static Cell cell(String typed, Column column) {
        Optional<OddScore> odd = TypedScore.odd(typed, column.measure, column.mark);
        if (odd.isEmpty()) {
            return new Cell(TypedScore.read(typed, column.measure, column.mark), null);
        }
        Optional<String> answer = column.answers.getOrDefault(odd.get().kind(), Optional.empty());
        if (answer.isEmpty()) {
            return new Cell(new TypedScore(null, typed, null), Hold.WAITS);
        }
        if (answer.get().equals(ROWS_OUT)) {
            return new Cell(new TypedScore(null, typed, null), Hold.LEFT_OUT);
        }
        Meaning meaning = Meaning.valueOf(answer.get());
        OptionalDouble value = TypedScore.valueAs(meaning, odd.get(), column.measure);
        if (value.isPresent()) {
            return new Cell(TypedScore.of(value.getAsDouble(), typed, column.measure), null);
        }
        return new Cell(new TypedScore(null, meaning == Meaning.EMPTY ? "" : typed, null), null);
    }
}
