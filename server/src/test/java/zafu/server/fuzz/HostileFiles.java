package zafu.server.fuzz;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import zafu.server.exchange.TableFuzz;
import zafu.server.library.MarkdownFuzz;
import zafu.server.oneroster.BundleFuzz;
import zafu.server.platform.FileFuzz;
import zafu.server.qti.PackageFuzz;
import zafu.server.skill.SkillsFuzz;

/**
 * Reads files that were made to be too much, and what the fuzzer found before, one after the other. To be run where
 * there is no more memory than one request may take; whatever is not refused or read ends the program.
 */
public final class HostileFiles {
    private static final int MEGABYTE = 1 << 20;

    private HostileFiles() {}

    /** What makes a file, made only when it is its turn. */
    private interface Maker {
        byte[] make() throws IOException;
    }

    private record Attack(String name, Consumer<byte[]> reader, Maker file) {}

    /** @param args the folder with what the fuzzer found, a folder for each reader */
    public static void main(String[] args) throws IOException {
        int done = 0;
        for (Attack each : attacks()) {
            System.out.println("reads " + each.name());
            each.reader().accept(each.file().make());
            done++;
        }
        done += corpus(Path.of(args[0]));
        System.out.println("all " + done + " were read or refused");
    }

    private static int corpus(Path folder) throws IOException {
        int done = 0;
        for (Fuzzed reader : Fuzzed.values()) {
            try (Stream<Path> found = Files.list(folder.resolve(reader.folder()))) {
                for (Path each : found.sorted().toList()) {
                    System.out.println("reads " + each);
                    reader.read(Files.readAllBytes(each));
                    done++;
                }
            }
        }
        return done;
    }

    private static List<Attack> attacks() {
        return Stream.of(tables(), bundles(), packages(), skills(), texts(), pictures())
                .flatMap(List::stream)
                .toList();
    }

    private static List<Attack> tables() {
        return List.of(
                table("a cell at ZZZZZZ", () -> sheet("<c r=\"ZZZZZZ1\"><v>1</v></c>", 1)),
                table("a cell at ZZZZZZZZZZZZZZZZ", () -> sheet("<c r=\"ZZZZZZZZZZZZZZZZ1\"><v>1</v></c>", 1)),
                table("a cell in a row of twelve digits", () -> sheet("<c r=\"A999999999999\"><v>1</v></c>", 1)),
                table("a million cells of one row", () -> sheet("<c><v>1</v></c>", 1_000_000)),
                table(
                        "twenty thousand rows to the last column",
                        () -> sheet("</row><row><c r=\"A1\"><v>1</v></c><c r=\"XFD1\"><v>1</v></c>", 20_000)),
                table("a million short texts shared", () -> workbook("<c r=\"A1\"><v>1</v></c>", 1)
                        .and("xl/sharedStrings.xml", bytes("<si><t>a</t></si>"), 1_000_000)
                        .made()),
                table("a part of 150 MB", () -> workbook("", 1)
                        .and("xl/media/a.png", new byte[MEGABYTE], 150)
                        .made()),
                table("a sheet of 150 MB", () -> TableFuzz.workbook()
                        .and("xl/worksheets/sheet1.xml", new byte[MEGABYTE], 150)
                        .made()),
                table(
                        "cells and rows repeated without end",
                        () -> ods(
                                "<table:table-row table:number-rows-repeated=\"9999999\"><table:table-cell "
                                        + "table:number-columns-repeated=\"9999999\"><text:p>a</text:p></table:table-cell>"
                                        + "</table:table-row>",
                                1)),
                table(
                        "two hundred columns and rows without end",
                        () -> ods(
                                "<table:table-row table:number-rows-repeated=\"9999999\"><table:table-cell "
                                        + "table:number-columns-repeated=\"200\"><text:p>a</text:p></table:table-cell>"
                                        + "</table:table-row>",
                                1)),
                table("a text a hundred thousand deep", () -> ods("<text:p>", 100_000)),
                table("five megabytes of commas", () -> repeated(",", 5 * MEGABYTE)),
                table("five megabytes of lines", () -> repeated("a\n", 5 * MEGABYTE / 2)),
                table("five megabytes of short cells", () -> repeated("a,".repeat(150) + "\n", 17_000)),
                table("five megabytes in quotes", () -> repeated("\"a\",", 5 * MEGABYTE / 4)),
                table("an open quote", () -> repeated("\"a\n", 5 * MEGABYTE / 3)),
                table("forty megabytes", () -> new byte[40 * MEGABYTE]));
    }

    private static List<Attack> bundles() {
        String head = "sourcedId,classSourcedId,userSourcedId,role,status\n";
        return List.of(
                bundle("24 MB of enrolments without a day", () -> BundleFuzz.bundle("enrollments")
                        .and("enrollments.csv", bytes(head + "a,b,c,student,\n"), 24 * MEGABYTE / 66)
                        .made()),
                bundle("as many enrolments as can be", () -> BundleFuzz.bundle("enrollments")
                        .and("enrollments.csv", bytes(enrolments(249_999)))
                        .made()),
                bundle("one enrolment too many", () -> BundleFuzz.bundle("enrollments")
                        .and("enrollments.csv", bytes(enrolments(250_001)))
                        .made()),
                bundle("a line of 24 MB", () -> BundleFuzz.bundle("users")
                        .and("users.csv", bytes("a,"), 12 * MEGABYTE)
                        .made()),
                bundle("a part of 150 MB", () -> BundleFuzz.bundle("users")
                        .and("users.csv", new byte[MEGABYTE], 150)
                        .made()),
                bundle("ten parts of 20 MB", () -> {
                    Zips zip = BundleFuzz.bundle("users");
                    for (int i = 0; i < 10; i++) {
                        zip.and(i + ".csv", new byte[MEGABYTE], 20);
                    }
                    return zip.made();
                }));
    }

    private static String enrolments(int many) {
        StringBuilder lines = new StringBuilder("sourcedId,classSourcedId,userSourcedId,role\n");
        for (int i = 0; i < many; i++) {
            lines.append("enrolment-")
                    .append(i)
                    .append(",class-")
                    .append(i / 30)
                    .append(",student-")
                    .append(i)
                    .append(",student\n");
        }
        return lines.toString();
    }

    private static List<Attack> packages() {
        return List.of(
                pack("a manifest a hundred thousand deep", () -> Zips.with("imsmanifest.xml", repeated("<a>", 100_000))
                        .made()),
                pack("a question a hundred thousand deep", () -> PackageFuzz.holding("imsqti_item_xmlv2p1", "a.xml")
                        .and("a.xml", repeated("<a>", 100_000))
                        .made()),
                pack("a question of half a million elements", () -> PackageFuzz.holding("imsqti_item_xmlv2p1", "a.xml")
                        .and("a.xml", bytes("<assessmentItem>" + "<a/>".repeat(500_000) + "</assessmentItem>"))
                        .made()),
                pack("a question of 20 MB", () -> PackageFuzz.holding("imsqti_item_xmlv2p1", "a.xml")
                        .and("a.xml", repeated("<a/>", 5 * MEGABYTE))
                        .made()),
                page("nothing but bold", repeated("<b>", MEGABYTE / 6)),
                page("boxes in boxes", repeated("<div>", MEGABYTE / 10)),
                page("tables in tables", repeated("<table><tr><td>", 150)),
                page("lists in lists", repeated("<ul><li>", 10_000)),
                page("nothing but paragraphs", repeated("<p>", MEGABYTE / 6)),
                page("twenty megabytes", repeated("<p>a", 5 * MEGABYTE)));
    }

    private static List<Attack> skills() {
        return List.of(
                skill("a list in a list in a list", () -> repeated("{\"CFItems\":[", 100_000)),
                skill(
                        "nothing, five million bytes of it",
                        () -> bytes("{\"CFItems\":[" + "{},".repeat(1_700_000) + "{}]}")),
                skill("lists in an item", () -> bytes("{\"CFItems\":[{\"x\":[" + "[],".repeat(1_500_000) + "[]]}]}")),
                skill(
                        "an association with a tree in it",
                        () -> bytes("{\"CFItems\":[],\"CFAssociations\":" + "[{\"originNodeURI\":["
                                + "[],".repeat(1_500_000) + "[]]}]}")),
                skill("five megabytes of commas", () -> repeated(",", 5 * MEGABYTE)),
                skill("five megabytes of rows", () -> bytes("name\n" + "a\n".repeat(2_500_000))));
    }

    private static List<Attack> texts() {
        return Stream.of(
                        ">", "> ", "- ", "1. ", "*a _a ", "**a *a ", "[", "![", "`", "[a](", "|", "*", "<b>", "~", "\\",
                        "&")
                .map(piece -> new Attack(
                        "Markdown of " + piece,
                        MarkdownFuzz::fuzzerTestOneInput,
                        () -> repeated(piece, 100_000 / piece.length())))
                .toList();
    }

    private static List<Attack> pictures() {
        return List.of(
                picture("9,999 by 9,999 dots", () -> png(9_999, 9_999, 8)),
                picture("of 16 bits", () -> png(9_000, 9_000, 16)),
                picture("a hundred thousand wide", () -> png(100_000, 900, 8)),
                picture("two thousand million dots", () -> png(2_000_000_000, 1, 8)));
    }

    private static Attack table(String name, Maker file) {
        return new Attack("a table: " + name, TableFuzz::read, file);
    }

    private static Attack bundle(String name, Maker file) {
        return new Attack("a bundle: " + name, BundleFuzz::read, file);
    }

    private static Attack pack(String name, Maker file) {
        return new Attack("a package: " + name, PackageFuzz::read, file);
    }

    private static Attack page(String name, byte[] html) {
        return pack("a page: " + name, () -> PackageFuzz.holding("webcontent", "a.html")
                .and("a.html", html)
                .made());
    }

    private static Attack skill(String name, Maker file) {
        return new Attack("skills: " + name, SkillsFuzz::fuzzerTestOneInput, file);
    }

    private static Attack picture(String name, Maker file) {
        return new Attack("a picture: " + name, content -> FileFuzz.read("a.png", content), file);
    }

    private static byte[] sheet(String piece, int times) {
        return workbook(piece, times).made();
    }

    private static Zips workbook(String piece, int times) {
        String sheet = "<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData><row>"
                + piece.repeat(times) + "</row></sheetData></worksheet>";
        return TableFuzz.workbook().and("xl/worksheets/sheet1.xml", sheet);
    }

    private static byte[] ods(String piece, int times) {
        return Zips.with(
                        "content.xml",
                        "<office:document-content xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
                                + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
                                + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\"><office:body>"
                                + "<office:spreadsheet><table:table>" + piece.repeat(times)
                                + "</table:table></office:spreadsheet></office:body></office:document-content>")
                .made();
    }

    private static byte[] repeated(String piece, int times) {
        return bytes(piece.repeat(times));
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** A picture of nothing: as small as it can be for as many dots. */
    private static byte[] png(int width, int height, int bits) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        out.write(chunk(
                "IHDR",
                ByteBuffer.allocate(13)
                        .putInt(width)
                        .putInt(height)
                        .put((byte) bits)
                        .put((byte) 2)
                        .array()));
        ByteArrayOutputStream dots = new ByteArrayOutputStream();
        byte[] line = new byte[(int) Math.min(4L * MEGABYTE, 1 + (long) width * 3 * bits / 8)];
        try (DeflaterOutputStream packed = new DeflaterOutputStream(dots)) {
            for (int i = 0; i < height; i++) {
                packed.write(line);
            }
        }
        out.write(chunk("IDAT", dots.toByteArray()));
        out.write(chunk("IEND", new byte[0]));
        return out.toByteArray();
    }

    private static byte[] chunk(String name, byte[] data) {
        ByteBuffer chunk = ByteBuffer.allocate(12 + data.length).putInt(data.length);
        chunk.put(name.getBytes(StandardCharsets.US_ASCII)).put(data);
        CRC32 sum = new CRC32();
        sum.update(chunk.array(), 4, 4 + data.length);
        return chunk.putInt((int) sum.getValue()).array();
    }
}
