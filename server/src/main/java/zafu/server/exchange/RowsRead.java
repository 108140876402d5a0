package zafu.server.exchange;

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
                    "Row " + row.number() + " has something beyond column " + Bounds.TABLE_COLUMNS
                            + ", or there are more than a million cells. A list has at most "
                            + Bounds.TABLE_COLUMNS + " columns.");
        }
        rows.add(row);
    }

    /** @throws Refusal where there were too many, with how many */
    List<Sheet.Row> rows() {
        if (found > Bounds.TABLE_ROWS + 1) {
            throw Refusal.unusable(
                    "file-too-long",
                    "The file has " + (found - 1) + " rows. A list holds at most " + Bounds.TABLE_ROWS
                            + "; import a larger one in parts.");
        }
        return rows;
    }
}
