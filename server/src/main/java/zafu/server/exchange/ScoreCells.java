package zafu.server.exchange;

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
        String asks = "Column “" + header + "”: "
                + (cells.size() == 1 ? "one cell says " : cells.size() + " cells say ") + Asking.examples(typed) + ".";
        return asking.ofShape("cells:" + use.column() + ":" + kind, asks, why(kind, measure), choices(cells, measure));
    }

    private static String why(Kind kind, MeasureCard measure) {
        String scale = measure.levels().isEmpty()
                ? "“" + measure.name() + "” goes from " + TypedScore.shown(measure.lowest(), measure) + " to "
                        + TypedScore.shown(measure.highest(), measure)
                : "“" + measure.name() + "” goes from " + measure.levels().get(0) + " to "
                        + measure.levels().get(measure.levels().size() - 1);
        return switch (kind) {
            case BELOW -> "The test reports nothing lower. " + scale + ".";
            case ABOVE -> "The test reports nothing higher. " + scale + ".";
            case PART -> "That is a part of a whole. " + scale + ".";
            case PERCENT -> "That is a percentage. " + scale + ".";
            case OUTSIDE -> scale + ".";
            case FINER ->
                measure.decimals() == 0
                        ? "“" + measure.name() + "” has whole numbers."
                        : "“" + measure.name() + "” has " + measure.decimals() + " decimals at most.";
            case EITHER ->
                "The mark can stand between thousands or before decimals, and nothing in the column says which.";
            case WORDS -> "That is no value: " + scale + ".";
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
        choices.add(new Choice(ROWS_OUT, cells.size() == 1 ? "Leave its row out" : "Leave their rows out"));
        return choices;
    }

    private static String words(Meaning meaning, OddScore example, MeasureCard measure) {
        return switch (meaning) {
            case NOTED -> "Note “not assessed: " + example.typed() + "”";
            case EMPTY -> "Leave empty";
            case NUMBER, SHARE ->
                (meaning == Meaning.SHARE ? "Take the share of the highest: " : "Take ")
                        + TypedScore.shown(
                                TypedScore.valueAs(meaning, example, measure).orElseThrow(), measure);
            case THOUSANDS, DECIMALS ->
                "“" + example.typed() + "” is "
                        + TypedScore.shown(
                                TypedScore.valueAs(meaning, example, measure).orElseThrow(), measure);
        };
    }

    /** By column. What is no value in a column that is asked about leaves the row to wait; what is wrong is a problem. */
    Map<Integer, Cell> read(Sheet.Row row, List<String> problems) {
        Map<Integer, Cell> cells = new LinkedHashMap<>();
        for (Column column : columns) {
            Cell cell = cell(row.cell(column.use.column()), column);
            cells.put(column.use.column(), cell);
            if (cell.score.fault() != null) {
                problems.add("has \"" + cell.score.typed() + "\" under "
                        + sheet.header().get(column.use.column()) + ", which " + cell.score.fault());
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
