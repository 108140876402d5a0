package zafu.server.report;

import java.util.List;
import java.util.stream.IntStream;

/**
 * One sheet of a report, all its words made; shown as a page and laid out as a PDF alike.
 *
 * @param language of its words, as a code
 * @param large whether it is to be hung up: little text, in the middle of the sheet
 * @param about a line under the title, empty for none
 * @param ownWords what the teacher added, empty for nothing
 * @param closing the last lines, such as who wrote it
 */
record Sheet(
        String language,
        boolean large,
        String school,
        String title,
        String about,
        List<String> paragraphs,
        List<SheetTable> tables,
        String ownWords,
        List<String> closing) {

    /** @param rows cells in the order of the columns */
    record SheetTable(String heading, List<String> columns, List<List<String>> rows) {

        /** Columns in which nothing is written are left out. */
        static SheetTable of(String heading, List<String> columns, List<List<String>> rows) {
            List<Integer> written = IntStream.range(0, columns.size())
                    .filter(column ->
                            rows.stream().anyMatch(row -> !row.get(column).isEmpty()))
                    .boxed()
                    .toList();
            return new SheetTable(
                    heading,
                    written.stream().map(columns::get).toList(),
                    rows.stream()
                            .map(row -> written.stream().map(row::get).toList())
                            .toList());
        }
    }
}
