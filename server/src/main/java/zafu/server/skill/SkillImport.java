package zafu.server.skill;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.skill.FrameworkRead.SkillRead;
import zafu.server.skill.SkillImportApi.Brought;

/** Brings skills in from a file: all of them or, where something forbids it, none. */
@Service
class SkillImport {
    private static final int MOST = 5_000;
    private final SkillRepository skills;
    private final SkillBook book;
    private final ClassPermission permission;
    private final AuditTrail audit;

    SkillImport(SkillRepository skills, SkillBook book, ClassPermission permission, AuditTrail audit) {
        this.skills = skills;
        this.book = book;
        this.permission = permission;
        this.audit = audit;
    }

    /**
     * A skill that is known already, by its code or else its name, keeps what it has and gets the code and prerequisites
     * of the file besides.
     */
    @Transactional
    Brought take(FrameworkRead read) {
        permission.requireKeepsShared();
        if (read.skills().isEmpty()) {
            throw Refusal.unusable("nothing-to-take", inWords("skill.the-file-holds-no-skill-that-can"));
        }
        if (read.skills().size() > MOST) {
            throw Refusal.unusable("too-many", inWords("skill.the-file-holds-more-than-skills", "most", MOST));
        }
        Map<String, Skill> known = new LinkedHashMap<>();
        skills.findAll().stream().filter(each -> each.classId == null).forEach(each -> remember(known, each));
        Map<String, Skill> byKey = new LinkedHashMap<>();
        Map<String, Integer> lastPlaces = new LinkedHashMap<>();
        List<Long> made = new ArrayList<>();
        for (SkillRead each : read.skills()) {
            Optional<Skill> there = Optional.ofNullable(known.get(codeKey(each.scheme(), each.code())))
                    .or(() -> Optional.ofNullable(known.get(nameKey(each.name()))));
            Skill skill = there.orElseGet(() -> make(each, lastPlaces));
            addCode(skill, each);
            skill.removedAt = null;
            skills.save(skill);
            if (there.isEmpty()) {
                made.add(skill.id);
            }
            remember(known, skill);
            byKey.put(each.key(), skill);
        }
        List<String> passedOver = new ArrayList<>(read.passedOver());
        connect(read, byKey, known, passedOver);
        skills.flush();
        book.requireNoCircle();
        audit.note(
                null,
                "skills.brought-in",
                null,
                keptWords(
                        "skill.new-of",
                        "count",
                        made.size(),
                        "all",
                        read.skills().size()));
        return new Brought(made, read.skills().size() - made.size(), passedOver);
    }

    private Skill make(SkillRead read, Map<String, Integer> lastPlaces) {
        Skill made = new Skill();
        made.name = read.name();
        made.strandId = book.strandId(read.strand());
        made.grade = read.grade();
        made.description = read.description();
        int place = lastPlaces.computeIfAbsent(read.strand(), strand -> book.lastPlace(made.strandId)) + 1;
        lastPlaces.put(read.strand(), place);
        made.place = place;
        return made;
    }

    private static void addCode(Skill skill, SkillRead read) {
        Skill.Code code = new Skill.Code(read.scheme(), read.code());
        if (!read.code().isEmpty() && !skill.codes.contains(code)) {
            skill.codes.add(code);
        }
    }

    private static void connect(
            FrameworkRead read, Map<String, Skill> byKey, Map<String, Skill> known, List<String> passedOver) {
        for (SkillRead each : read.skills()) {
            for (String before : each.before()) {
                Skill prerequisite = Optional.ofNullable(byKey.get(before))
                        .or(() -> Optional.ofNullable(known.get(nameKey(before))))
                        .or(() -> Optional.ofNullable(known.get(codeKey(each.scheme(), before))))
                        .orElse(null);
                if (prerequisite == null) {
                    passedOver.add(
                            inWords("skill.needs-which-is-neither-in-the-file", "name", each.name(), "before", before));
                } else {
                    byKey.get(each.key()).prerequisites.add(prerequisite.id);
                }
            }
        }
    }

    private static void remember(Map<String, Skill> known, Skill skill) {
        known.put(nameKey(skill.name), skill);
        skill.codes.forEach(code -> known.put(codeKey(code.scheme(), code.code()), skill));
    }

    private static String nameKey(String name) {
        return "name " + name.strip().toLowerCase(Locale.ROOT);
    }

    private static String codeKey(String scheme, String code) {
        return "code " + scheme + " " + code;
    }
}
