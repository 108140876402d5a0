package zafu.server.report;

import com.ibm.icu.util.ULocale;
import java.util.List;
import java.util.stream.Collectors;
import zafu.server.platform.PdfPages;
import zafu.server.report.Sheet.SheetTable;

/** Lays sheets out on paper, each beginning a page. */
final class SheetPages {
    private static final String STYLE = String.join(
            " ",
            "body { margin: 0; color: #2E1F38; font-size: 11pt; line-height: 1.4; }",
            "h1 { font-size: 20pt; margin: 0 0 1mm; } h2 { font-size: 13pt; margin: 5mm 0 1mm; }",
            "p { margin: 0 0 3mm; } .soft { color: #6B5E72; font-size: 10pt; }",
            ".sheet { page-break-after: always; } .sheet:last-child { page-break-after: auto; }",
            "table { width: 100%; border-collapse: collapse; -fs-table-paginate: paginate; }",
            "th { text-align: left; font-size: 9pt; color: #6B5E72; } tr { page-break-inside: avoid; }",
            "th, td { padding: 1mm 3mm 1mm 0; border-bottom: 0.2mm solid #DCD0BF; vertical-align: top; }",
            "[dir=rtl] { direction: rtl; text-align: right; } [dir=rtl] th { text-align: right; }",
            ".own { border-left: 0.8mm solid #DCD0BF; padding-left: 4mm; margin: 5mm 0; white-space: pre-line; }",
            ".closing { margin-top: 7mm; } .closing p { margin: 0 0 2mm; }",
            ".large { text-align: center; padding-top: 55mm; } .large h1 { font-size: 44pt; margin-bottom: 10mm; }",
            ".large .first { font-size: 32pt; font-weight: bold; margin: 8mm 0; } .large p { font-size: 15pt; }",
            ".large .closing { margin-top: 30mm; }");

    private SheetPages() {}

    static byte[] pdf(List<Sheet> sheets, String paper) {
        String body = sheets.stream().map(SheetPages::sheet).collect(Collectors.joining());
        return PdfPages.of(
                "<html><head><title>" + PdfPages.text(sheets.get(0).title()) + "</title><style>@page { size: " + paper
                        + "; margin: 18mm 20mm; } " + STYLE + "</style></head><body>" + body + "</body></html>");
    }

    private static String sheet(Sheet sheet) {
        StringBuilder html = new StringBuilder("<div class='sheet" + (sheet.large() ? " large" : "") + "' lang='")
                .append(sheet.language())
                .append(ULocale.forLanguageTag(sheet.language()).isRightToLeft() ? "' dir='rtl" : "")
                .append("'><p class='soft'>")
                .append(PdfPages.text(sheet.school()))
                .append("</p><h1>")
                .append(PdfPages.text(sheet.title()))
                .append("</h1><p class='soft'>")
                .append(PdfPages.text(sheet.about()))
                .append("</p>");
        for (int i = 0; i < sheet.paragraphs().size(); i++) {
            html.append(i == 0 ? "<p class='first'>" : "<p>")
                    .append(PdfPages.text(sheet.paragraphs().get(i)))
                    .append("</p>");
        }
        if (!sheet.ownWords().isEmpty()) {
            html.append("<div class='own'>")
                    .append(PdfPages.text(sheet.ownWords()))
                    .append("</div>");
        }
        sheet.tables().forEach(table -> html.append(table(table)));
        return html.append("<div class='closing'>")
                .append(sheet.closing().stream()
                        .map(line -> "<p>" + PdfPages.text(line) + "</p>")
                        .collect(Collectors.joining()))
                .append("</div></div>")
                .toString();
    }

    private static String table(SheetTable table) {
        return "<h2>" + PdfPages.text(table.heading()) + "</h2><table><thead>" + row("th", table.columns())
                + "</thead><tbody>"
                + table.rows().stream().map(each -> row("td", each)).collect(Collectors.joining()) + "</tbody></table>";
    }

    private static String row(String tag, List<String> cells) {
        return cells.stream()
                .map(cell -> "<" + tag + ">" + PdfPages.text(cell) + "</" + tag + ">")
                .collect(Collectors.joining("", "<tr>", "</tr>"));
    }
}
