package zafu.server.exchange;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A table as it was found in a file.
 *
 * @param header column names as typed, stripped
 * @param rows every row below the header, cells stripped; a row may be shorter or longer than the header
 * @param passedOver what stood above the header, a sentence each
 */
record Sheet(List<String> header, List<Row> rows, List<String> passedOver) {

    /**
     * All rows of a table, with those above its header.
     *
     * @param hiddenColumns places, from 0, of columns that a spreadsheet does not show
     */
    record Table(List<Row> rows, Set<Integer> hiddenColumns) {
        static Table seen(List<Row> rows) {
            return new Table(rows, Set.of());
        }
    }

    /**
     * @param number as a spreadsheet counts: the header is row 1
     * @param hidden whether a spreadsheet does not show it
     */
    record Row(int number, List<String> cells, boolean hidden) {
        Row(int number, List<String> cells) {
            this(number, cells, false);
        }

        String cell(int column) {
            return column < cells.size() ? cells.get(column) : "";
        }

        Row without(Set<Integer> columns) {
            List<String> left = IntStream.range(0, cells.size())
                    .filter(column -> !columns.contains(column))
                    .mapToObj(cells::get)
                    .toList();
            return new Row(number, left, hidden);
        }

        boolean isBlank() {
            return cells.stream().allMatch(String::isEmpty);
        }
    }
}
