package zafu.server.platform;

/**
 * How much is read of what a stranger sends, so that no request takes more than 128 MB of memory. Every reader keeps to
 * these while it reads: a small file can swell to a huge one, so that looking at its size before does not do. JSON is
 * bounded in the settings.
 */
public final class Bounds {

    /** Of a list of students, scores or skills. */
    public static final int TABLE_BYTES = 5 << 20;

    /** A school's whole list with a year of scores is well below this. */
    public static final int TABLE_ROWS = 20_000;

    public static final int TABLE_COLUMNS = 200;

    /** Sheets of one file that are looked at; their cells count together. */
    public static final int TABLES_OF_A_BOOK = 20;

    /** Of all rows together. */
    public static final int TABLE_CELLS = 1_000_000;

    /** Letters of one line of a text with commas: no row that a person made is longer. */
    public static final int LINE_LETTERS = 64_000;

    /** Columns and rows that a spreadsheet program has itself. */
    public static final int SPREADSHEET_COLUMNS = 16_384;

    public static final int SPREADSHEET_ROWS = 1_048_576;

    /** Of the texts that the cells of a workbook share. */
    public static final int SHARED_TEXTS_BYTES = 8 << 20;

    /** Of a zip with pictures or with a whole school in it. */
    public static final int PACKAGE_BYTES = 40 << 20;

    public static final int ZIP_PARTS = 2_000;

    /** Of all parts together, those that nobody wants too. */
    public static final long ZIP_BYTES = 200L << 20;

    /** Of the parts that are kept, together. */
    public static final int ZIP_BYTES_KEPT = 48 << 20;

    /** Of one part that is kept. */
    public static final int ZIP_PART_BYTES = 24 << 20;

    /** Of XML that is held in memory as a tree, which takes many times as much. */
    public static final int TREE_BYTES = 2 << 20;

    /** Of a page in HTML, whose tree takes still more. */
    public static final int PAGE_LETTERS = 512 << 10;

    /** Of all files of a school system's bundle together. */
    public static final int BUNDLE_LINES = 250_000;

    /** Of elements within elements. */
    public static final int TREE_DEPTH = 200;

    /** Of a picture, a PDF or whatever else is handed in or kept. */
    public static final int FILE_BYTES = 10 << 20;

    /** More than this is no photograph but an attempt to fill the memory. */
    public static final long PICTURE_PIXELS = 100_000_000L;

    /** What the pixels that are read of a picture may take; larger ones are read coarsely. */
    public static final long PICTURE_BYTES = 64L << 20;

    private Bounds() {}
}
