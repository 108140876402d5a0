package zafu.server.exchange;

import java.util.List;

/**
 * A table as it was found in a file.
 *
 * @param header column names as typed, stripped
 * @param rows every row below the header, cells stripped; a row may be shorter or longer than the header
 * @param passedOver what stood above the header, a sentence each
 */
record Sheet(List<String> header, List<Row> rows, List<String> passedOver) {

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

        boolean isBlank() {
            return cells.stream().allMatch(String::isEmpty);
        }
    }
}
