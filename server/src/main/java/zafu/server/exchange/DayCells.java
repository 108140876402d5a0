package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zafu.server.exchange.ImportQuestion.Choice;

/**
 * Reads the day in each row. Day or month first is what the whole column allows, else it is asked; so is a day that no
 * score of these students can be of.
 */
final class DayCells {
    private static final int YEARS_BACK = 20;
    private static final String LIST_DAY = "LIST_DAY";
    private static final String ROWS_OUT = "ROWS_OUT";

    private final @Nullable Integer column;
    private final String header;
    private final LocalDate otherwise;
    private final DateText.Order order;
    private final Optional<String> far;
    private final boolean waitsForOrder;

    /** One day, read, or why its row is not taken yet. */
    record Cell(LocalDate day, @Nullable Hold hold) {}

    /** @param otherwise the day of the whole list, which is never a day to come */
    DayCells(Sheet sheet, List<ColumnUse> uses, LocalDate otherwise, Asking asking) {
        List<ColumnUse> days = ColumnUse.of(ColumnUse.Use.DATE, uses);
        this.column = days.isEmpty() ? null : (Integer) days.get(0).column();
        this.header = days.isEmpty() ? "" : sheet.header().get(days.get(0).column());
        this.otherwise = otherwise;
        List<String> cells = days.isEmpty()
                ? List.of()
                : sheet.rows().stream()
                        .map(row -> row.cell(days.get(0).column()))
                        .filter(cell -> !cell.isEmpty())
                        .toList();
        DateText.Order written = DateText.orderOf(cells);
        List<String> either = written == DateText.Order.EITHER
                ? cells.stream().filter(DateText::isEitherOrder).distinct().toList()
                : List.of();
        Optional<String> said = either.isEmpty() ? Optional.empty() : askOrder(either.get(0), asking);
        this.order = said.map(DateText.Order::valueOf).orElse(written);
        this.waitsForOrder = !either.isEmpty() && said.isEmpty();
        this.far = askFar(cells, asking);
    }

    private Optional<String> askOrder(String example, Asking asking) {
        return asking.ofShape(
                "dates",
                inWords("exchange.column-is-written-with-the-month", "header", header, "example", example),
                inWords("exchange.every-day-in-the-column-can-be"),
                List.of(
                        new Choice(
                                DateText.Order.MONTH_FIRST.name(),
                                inWords(
                                        "exchange.month-first",
                                        "day",
                                        DateText.shown(example, DateText.Order.MONTH_FIRST))),
                        new Choice(
                                DateText.Order.DAY_FIRST.name(),
                                inWords(
                                        "exchange.day-first",
                                        "day",
                                        DateText.shown(example, DateText.Order.DAY_FIRST)))));
    }

    private Optional<String> askFar(List<String> cells, Asking asking) {
        List<String> far = waitsForOrder
                ? List.of()
                : cells.stream()
                        .filter(cell -> DateText.read(cell, order) instanceof DateText.Day day && isFar(day.date()))
                        .distinct()
                        .toList();
        if (far.isEmpty()) {
            return Optional.empty();
        }
        return asking.ofFile(
                "far-days",
                inWords("exchange.column-says", "header", header, "examples", Asking.examples(far)),
                inWords("exchange.no-score-of-these-students-can-be"),
                List.of(
                        new Choice(LIST_DAY, inWords("exchange.take-instead", "otherwise", otherwise)),
                        new Choice(
                                ROWS_OUT,
                                far.size() == 1
                                        ? inWords("exchange.leave-its-rows-out")
                                        : inWords("exchange.leave-their-rows-out"))));
    }

    private boolean isFar(LocalDate day) {
        return day.isBefore(otherwise.minusYears(YEARS_BACK)) || day.isAfter(otherwise.plusYears(1));
    }

    /** Whether each row gives its own day. */
    boolean isGiven() {
        return column != null;
    }

    Cell read(Sheet.Row row, List<String> problems) {
        if (column == null) {
            return new Cell(otherwise, null);
        }
        String typed = row.cell(column);
        if (waitsForOrder && DateText.isEitherOrder(typed)) {
            return new Cell(otherwise, Hold.WAITS);
        }
        DateText read = DateText.read(typed, order);
        if (read instanceof DateText.NoDay none) {
            problems.add(inWords("exchange.has-under-which", "typed", typed, "header", header, "fault", none.fault()));
        }
        if (!(read instanceof DateText.Day day)) {
            return new Cell(otherwise, null);
        }
        if (!isFar(day.date())) {
            return new Cell(day.date(), null);
        }
        if (far.isEmpty()) {
            return new Cell(otherwise, Hold.WAITS);
        }
        return new Cell(otherwise, far.get().equals(ROWS_OUT) ? Hold.LEFT_OUT : null);
    }
}
