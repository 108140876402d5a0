package zafu.server.entry;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.EntryCodes;
import zafu.server.platform.PdfPages;
import zafu.server.platform.Refusal;
import zafu.server.platform.SpokenLanguage;
import zafu.server.platform.Words;
import zafu.server.roster.Roster;
import zafu.server.roster.Roster.StudentName;
import zafu.server.roster.SchoolSettings;

/** Lays out entry cards, eight to a page with lines to cut along. */
@Service
class EntryCards {
    private static final int TO_A_PAGE = 8;
    private static final int ACROSS = 2;
    private static final int LONG_NAME = 36;
    private final Roster roster;
    private final EntryCodes codes;
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final AuditTrail audit;

    EntryCards(Roster roster, EntryCodes codes, SchoolSettings school, ClassPermission permission, AuditTrail audit) {
        this.roster = roster;
        this.codes = codes;
        this.school = school;
        this.permission = permission;
        this.audit = audit;
    }

    private record Card(StudentName student, String code) {}

    /** @param wanted ids of students; none for everybody */
    @Transactional
    byte[] pdf(long classId, List<Long> wanted, String home) {
        permission.requireSee(classId);
        if (!permission.mayHandOutCodes(classId)) {
            throw Refusal.notAllowed(inWords("entry.only-the-classs-teachers-and"));
        }
        List<Card> cards = cards(classId, wanted);
        if (cards.isEmpty()) {
            throw Refusal.conflict("no-codes", inWords("entry.none-of-these-students-has-an"));
        }
        audit.note(classId, "entry-cards.printed", classId, keptWords("entry.cards", "count", cards.size()));
        return PdfPages.of(html(cards, home, school.paper()));
    }

    /** Names of the class's students with letters that no typeface here has, and that papers come without. */
    @Transactional(readOnly = true)
    List<String> notPrinted(long classId) {
        permission.requireSee(classId);
        return roster.studentsOf(classId).stream()
                .map(StudentName::fullName)
                .filter(name -> !PdfPages.isPrintable(name))
                .toList();
    }

    private List<Card> cards(long classId, List<Long> wanted) {
        List<StudentName> students = roster.studentsOf(classId).stream()
                .filter(student -> wanted.isEmpty() || wanted.contains(student.id()))
                .toList();
        Map<Long, EntryCodes.Issued> issued =
                codes.of(students.stream().map(StudentName::id).toList());
        Map<StudentName, String> found = new LinkedHashMap<>();
        students.forEach(student -> {
            EntryCodes.Issued code = issued.get(student.id());
            if (code != null && code.code() != null) {
                found.put(student, code.code());
            }
        });
        return found.entrySet().stream()
                .map(each -> new Card(each.getKey(), each.getValue()))
                .toList();
    }

    private String html(List<Card> cards, String home, String paper) {
        StringBuilder pages = new StringBuilder();
        for (int from = 0; from < cards.size(); from += TO_A_PAGE) {
            List<Card> page = new ArrayList<>(cards.subList(from, Math.min(from + TO_A_PAGE, cards.size())));
            pages.append("<table class='page'>");
            for (int row = 0; row < page.size(); row += ACROSS) {
                pages.append("<tr>");
                for (int column = row; column < row + ACROSS; column++) {
                    pages.append("<td class='cell'>")
                            .append(column < page.size() ? card(page.get(column), home) : "")
                            .append("</td>");
                }
                pages.append("</tr>");
            }
            pages.append("</table>");
        }
        return "<html><head><title>" + PdfPages.text(inWords("entry.entry-cards")) + "</title><style>" + style(paper)
                + "</style></head><body>" + pages + "</body></html>";
    }

    private static String style(String paper) {
        return "@page { size: " + paper + "; margin: 8mm 10mm; } body { margin: 0; color: #2E1F38; }"
                + ".page { width: 100%; border-collapse: collapse; page-break-after: always; table-layout: fixed; }"
                + ".page > tr, .page > tbody > tr { page-break-inside: avoid; }"
                + ".page:last-child { page-break-after: auto; }"
                + ".cell { height: 60mm; width: 50%; border: 0.3mm dashed #6B5E72; padding: 5mm; vertical-align: middle; }"
                + ".card { width: 100%; } .card td { vertical-align: middle; }"
                + ".school { font-size: 9pt; color: #6B5E72; } .name { font-size: 17pt; font-weight: bold; }"
                + ".long { font-size: 11pt; max-height: 20mm; overflow: hidden; }"
                + ".code { font-size: 19pt; font-weight: bold; letter-spacing: 1pt; padding-top: 3mm; }"
                + ".how { font-size: 9.5pt; padding-top: 3mm; } img { width: 33mm; height: 33mm; }";
    }

    /** A long name is smaller, so that its card stays as high as the others and eight fill a page. */
    private static String nameClass(StudentName student) {
        return student.fullName().length() > LONG_NAME ? "name long" : "name";
    }

    private String card(Card card, String home) {
        String code = card.code();
        String shown = code.substring(0, 4) + "-" + code.substring(4);
        return "<table class='card'><tr><td><div class='school'>" + PdfPages.text(school.name())
                + "</div><div class='" + nameClass(card.student()) + "'>"
                + PdfPages.text(card.student().fullName()) + "</div><div class='code'>" + shown
                + "</div><div class='how'>" + how(card.student(), home)
                + "</div></td><td style='width:34mm'><img src='"
                + QrImage.dataUri(home + "/#" + code) + "' alt=''/></td></tr></table>";
    }

    /** What to do with the card: as the school says it, and as it is said at home. */
    private String how(StudentName student, String home) {
        Set<String> said = new LinkedHashSet<>();
        said.add(how(home));
        SpokenLanguage.among(SpokenLanguage.TO_STUDENTS, roster.languageAtHome(student.id()))
                .ifPresent(language -> said.add(Words.speaking(language, () -> how(home))));
        return said.stream().map(PdfPages::text).collect(Collectors.joining("<br/>"));
    }

    private static String how(String home) {
        return inWords("everyone.how-to-enter", "address", home);
    }
}
