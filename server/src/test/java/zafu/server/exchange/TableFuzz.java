package zafu.server.exchange;

import java.util.Arrays;
import zafu.server.fuzz.Zips;
import zafu.server.platform.Refusal;

/** Any bytes at all as a list, or as what is inside a spreadsheet: read, or refused in a sentence. */
public final class TableFuzz {
    private static final String WORKBOOK =
            "<workbook xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\""
                    + " xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\">"
                    + "<sheets><sheet name=\"a\" sheetId=\"1\" r:id=\"r1\"/></sheets></workbook>";
    private static final String RELATIONS =
            "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">"
                    + "<Relationship Id=\"r1\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/"
                    + "relationships/worksheet\" Target=\"worksheets/sheet1.xml\"/></Relationships>";
    private static final String ROOT =
            "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">"
                    + "<Relationship Id=\"r0\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/"
                    + "relationships/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>";
    private static final String TYPES = "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">"
            + "<Default Extension=\"rels\" ContentType=\"application/vnd.openxmlformats-package.relationships"
            + "+xml\"/><Default Extension=\"xml\" ContentType=\"application/xml\"/>"
            + "<Override PartName=\"/xl/workbook.xml\" ContentType=\"application/"
            + "vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml\"/>"
            + "<Override PartName=\"/xl/worksheets/sheet1.xml\" ContentType=\"application/"
            + "vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml\"/></Types>";

    private TableFuzz() {}

    /** The first byte says what the others are. */
    public static void fuzzerTestOneInput(byte[] input) {
        byte[] rest = input.length == 0 ? input : Arrays.copyOfRange(input, 1, input.length);
        switch (input.length == 0 ? 0 : input[0] % 4) {
            case 1 -> read(workbook().and("xl/worksheets/sheet1.xml", rest).made());
            case 2 -> read(Zips.with("content.xml", rest).made());
            case 3 -> tryRead(() -> SheetReader.readPasted(rest, Asking.nobody()));
            default -> read(rest);
        }
    }

    /** All of a workbook but its only sheet, {@code xl/worksheets/sheet1.xml}. */
    public static Zips workbook() {
        return Zips.with("[Content_Types].xml", TYPES)
                .and("_rels/.rels", ROOT)
                .and("xl/workbook.xml", WORKBOOK)
                .and("xl/_rels/workbook.xml.rels", RELATIONS);
    }

    public static void read(byte[] file) {
        tryRead(() -> SheetReader.read(file, Asking.nobody()));
    }

    private static void tryRead(Runnable reading) {
        try {
            reading.run();
        } catch (Refusal said) {
            // That is how it should be.
        }
    }
}
