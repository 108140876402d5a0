package zafu.server.report;

import java.util.List;
import zafu.server.roster.Roster.KnownStudent;

/** A certificate to hang up: a name, what for, when and by whom. */
final class Certificate {
    private Certificate() {}

    static Sheet of(ReportMaterial material, KnownStudent student) {
        ReportWords words = material.wordsFor(student);
        String reason = material.wanted().ownWords().isEmpty()
                ? words.of("certificate.reason", words.day(material.from()), words.day(material.to()))
                : material.wanted().ownWords();
        return new Sheet(
                words.language(),
                true,
                material.school(),
                words.of("certificate.title"),
                words.of("certificate.for"),
                List.of(ReportMaterial.fullName(student), reason),
                List.of(),
                "",
                List.of(words.day(material.to()), words.of("signed", material.adult(), material.className())));
    }
}
