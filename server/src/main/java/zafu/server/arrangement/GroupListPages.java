package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.server.arrangement.GroupListApi.ListedGroup;
import zafu.server.arrangement.GroupListApi.ListedStudent;
import zafu.server.arrangement.GroupListApi.PrivateList;
import zafu.server.arrangement.GroupListApi.WallGroup;
import zafu.server.arrangement.GroupListApi.WallList;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.platform.PdfPages;
import zafu.server.platform.Words;

/** Lays the lists of groups out on paper: all groups together, or a page for each. */
final class GroupListPages {
    private final String paper;
    private final boolean pageEach;

    /** @param pageEach whether every group gets a page of its own */
    GroupListPages(String paper, boolean pageEach) {
        this.paper = paper;
        this.pageEach = pageEach;
    }

    byte[] wall(WallList list) {
        StringBuilder body = new StringBuilder();
        if (!pageEach) {
            body.append("<h1>").append(PdfPages.text(list.subject())).append("</h1>");
        }
        for (WallGroup group : list.groups()) {
            body.append("<div class='group wall'><h2>")
                    .append(PdfPages.text(group.name()))
                    .append("</h2>")
                    .append(group.students().stream()
                            .map(each -> "<div class='name'>" + PdfPages.text(each) + "</div>")
                            .collect(Collectors.joining()))
                    .append("</div>");
        }
        return PdfPages.of(page(inWords("arrangement.groups"), body));
    }

    byte[] forTeacher(PrivateList list, boolean notes, boolean figures) {
        StringBuilder body = new StringBuilder("<h1>" + PdfPages.text(list.name()) + "</h1><p class='soft'>"
                + PdfPages.text(list.subject()) + " · " + days(list.beginsOn(), list.endsOn()) + "</p>");
        if (notes && !list.note().isEmpty()) {
            body.append("<p>").append(PdfPages.text(list.note())).append("</p>");
        }
        for (ListedGroup group : list.groups()) {
            body.append("<div class='group'>").append(head(group, list.measure(), figures));
            if (notes && !group.note().isEmpty()) {
                body.append("<p>").append(PdfPages.text(group.note())).append("</p>");
            }
            body.append("<table>")
                    .append(group.students().stream()
                            .map(each -> row(each, list.measure(), figures))
                            .collect(Collectors.joining()))
                    .append("</table></div>");
        }
        if (!list.notPlaced().isEmpty()) {
            body.append("<p><b>" + PdfPages.text(inWords("arrangement.not-placed")) + "</b> ")
                    .append(PdfPages.text(String.join(", ", list.notPlaced())))
                    .append("</p>");
        }
        return PdfPages.of(page(list.name(), body));
    }

    private static String head(ListedGroup group, MeasureCard measure, boolean figures) {
        StringBuilder head = new StringBuilder("<h2>" + PdfPages.text(group.name()));
        if (group.studentName() != null && !group.studentName().equals(group.name())) {
            head.append(" <span class='soft'>")
                    .append(PdfPages.text(inWords("arrangement.students-say", "name", group.studentName())))
                    .append("</span>");
        }
        head.append("</h2><p class='soft'>")
                .append(PdfPages.text(inWords(
                        "arrangement.students", "count", group.students().size())));
        if (figures && group.median() != null) {
            head.append(" · ")
                    .append(PdfPages.text(inWords(
                            "arrangement.median",
                            "median",
                            shown(group.median(), measure),
                            "lowest",
                            shown(group.lowest(), measure),
                            "highest",
                            shown(group.highest(), measure))));
        }
        if (!group.leads().isEmpty()) {
            head.append(" · ").append(PdfPages.text(inWords("arrangement.with", "names", group.leads())));
        }
        return head.append("</p>").toString();
    }

    private static String row(ListedStudent student, MeasureCard measure, boolean figures) {
        String value = figures && student.value() != null ? shown(student.value(), measure) : "";
        return "<tr><td>" + PdfPages.text(student.name()) + "</td><td class='value'>" + PdfPages.text(value)
                + (!value.isEmpty() && student.stale() ? " " + PdfPages.text(inWords("arrangement.old")) : "")
                + "</td><td class='need'>"
                + (student.timeNeed() == null ? "" : PdfPages.text(student.timeNeed())) + "</td></tr>";
    }

    private static String shown(@Nullable Double value, MeasureCard measure) {
        return value == null ? "" : measure.shown(value, Words.locale());
    }

    private static String days(LocalDate from, LocalDate to) {
        return inWords("arrangement.days", "from", from, "to", to);
    }

    private String page(String title, CharSequence body) {
        List<String> style = List.of(
                "@page { size: " + paper
                        + "; margin: 15mm 16mm; } body { margin: 0; color: #2E1F38; font-size: 11pt; }",
                "h1 { font-size: 20pt; margin: 0 0 2mm; } h2 { font-size: 15pt; margin: 0 0 1mm; }",
                "p { margin: 0 0 2mm; } .soft { color: #6B5E72; font-size: 10pt; font-weight: normal; }",
                ".group { page-break-inside: avoid; margin: 0 0 7mm; }",
                ".wall h2 { border-bottom: 0.4mm solid #2E1F38; padding-bottom: 1mm; }",
                ".name { font-size: 14pt; padding: 0.8mm 0; }",
                "table { width: 100%; border-collapse: collapse; } td { padding: 0.8mm 0; border-bottom: 0.2mm solid #DCD0BF; }",
                ".value { width: 28mm; text-align: right; } .need { width: 26mm; text-align: right; }",
                pageEach
                        ? ".group { page-break-after: always; } .group:last-child { page-break-after: auto; }"
                                + " .wall h2 { font-size: 34pt; } .wall .name { font-size: 26pt; padding: 2mm 0; }"
                        : "");
        return "<html><head><title>" + PdfPages.text(title) + "</title><style>" + String.join(" ", style)
                + "</style></head><body>" + body + "</body></html>";
    }
}
