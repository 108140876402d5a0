package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import zafu.server.platform.Bounds;
import zafu.server.platform.Refusal;

/** Gathers the rows of a table while it is read; where there are more than any list has, the others are only counted. */
final class RowsRead {
    private final List<Sheet.Row> rows = new ArrayList<>();
    private long found;
    private long cells;

    RowsRead() {}

    /** Another table of the same file, whose cells count together with those of the ones before. */
    RowsRead(RowsRead before) {
        this.cells = before.cells;
    }

    /** Blank rows are passed over. */
    void add(Sheet.Row row) {
        if (row.isBlank()) {
            return;
        }
        if (++found > Bounds.TABLE_ROWS + 1) {
            return;
        }
        cells += row.cells().size();
        if (row.cells().size() > Bounds.TABLE_COLUMNS || cells > Bounds.TABLE_CELLS) {
            throw Refusal.unusable(
                    "file-too-wide",
                    inWords(
                            "exchange.row-has-something-beyond-column-or",
                            "row",
                            row.number(),
                            "most",
                            Bounds.TABLE_COLUMNS));
        }
        rows.add(row);
    }

    /** @throws Refusal where there were too many, with how many */
    List<Sheet.Row> rows() {
        if (found > Bounds.TABLE_ROWS + 1) {
            throw Refusal.unusable(
                    "file-too-long",
                    inWords(
                            "exchange.the-file-has-rows-a-list-holds-at",
                            "count",
                            (found - 1),
                            "most",
                            Bounds.TABLE_ROWS));
        }
        return rows;
    }
}
