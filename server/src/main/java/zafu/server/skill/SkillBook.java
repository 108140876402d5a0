package zafu.server.skill;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.skill.SkillGraph;
import zafu.core.skill.SkillId;
import zafu.server.access.AuditTrail;
import zafu.server.access.OwnOrShared;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;
import zafu.server.skill.SkillApi.CodeShown;
import zafu.server.skill.SkillApi.SkillEdit;
import zafu.server.skill.SkillApi.SkillList;
import zafu.server.skill.SkillApi.SkillShown;
import zafu.server.skill.SkillApi.StrandShown;

/** The skills of the school: kept by its teachers, without circles among what comes before what. */
@Service
class SkillBook {
    private final SkillRepository skills;
    private final StrandRepository strands;
    private final Skills all;
    private final Measures measures;
    private final OwnOrShared sharing;
    private final AuditTrail audit;
    private final Clock clock;

    SkillBook(
            SkillRepository skills,
            StrandRepository strands,
            Skills all,
            Measures measures,
            OwnOrShared sharing,
            AuditTrail audit,
            Clock clock) {
        this.skills = skills;
        this.strands = strands;
        this.all = all;
        this.measures = measures;
        this.sharing = sharing;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    SkillList all() {
        Map<Long, List<SkillShown>> byStrand = new LinkedHashMap<>();
        all.inUseInOrder().forEach(each -> byStrand.computeIfAbsent(
                        each.strandId == null ? -1 : each.strandId, id -> new ArrayList<>())
                .add(shown(each)));
        List<StrandShown> found = new ArrayList<>();
        for (Strand strand : strands.findAllByOrderByPlaceAscIdAsc()) {
            if (byStrand.containsKey(strand.id)) {
                found.add(new StrandShown(strand.id, strand.name, byStrand.get(strand.id)));
            }
        }
        if (byStrand.containsKey(-1L)) {
            found.add(new StrandShown(null, "", byStrand.get(-1L)));
        }
        return new SkillList(found);
    }

    @Transactional
    SkillShown add(SkillEdit wanted) {
        sharing.requireMayKeep(wanted.classId());
        Skill made = namesake(wanted)
                .filter(each -> each.removedAt != null && Objects.equals(each.classId, wanted.classId()))
                .findFirst()
                .orElseGet(Skill::new);
        requireFreeName(wanted, made.id);
        made.removedAt = null;
        return shown(saved(made, wanted));
    }

    @Transactional
    SkillShown change(long skillId, SkillEdit wanted) {
        Skill found = skills.findById(skillId)
                .filter(each -> each.removedAt == null && sharing.seen().test(each.classId))
                .orElseThrow(() -> Refusal.notFound("skill"));
        sharing.requireMayKeep(found.classId, wanted.classId());
        if (wanted.version() == null || wanted.version() != found.version) {
            throw new OptimisticLockingFailureException("skill " + skillId);
        }
        requireFreeName(wanted, skillId);
        return shown(saved(found, wanted));
    }

    /** In no class do two skills have one name. */
    private void requireFreeName(SkillEdit wanted, @Nullable Long of) {
        namesake(wanted)
                .filter(other -> !other.id.equals(of))
                .filter(other -> other.removedAt == null || Objects.equals(other.classId, wanted.classId()))
                .findFirst()
                .ifPresent(other -> {
                    throw Refusal.conflict(
                            "skill-known", inWords("skill.there-is-a-skill-already", "name", other.name));
                });
    }

    /** Skills of the wanted name, those put away as well, that some class would have beside the wanted one. */
    private Stream<Skill> namesake(SkillEdit wanted) {
        return skills.findByNameIgnoreCaseOrderById(wanted.name().strip()).stream()
                .filter(other ->
                        other.classId == null || wanted.classId() == null || other.classId.equals(wanted.classId()));
    }

    private Skill saved(Skill skill, SkillEdit wanted) {
        requireUsable(wanted);
        Long strand = strandId(wanted.strand().strip());
        if (wanted.place() != null) {
            skill.place = wanted.place();
        } else if (skill.id == null) {
            skill.place = lastPlace(strand) + 1;
        }
        skill.name = wanted.name().strip();
        skill.classId = wanted.classId();
        skill.strandId = strand;
        skill.grade = wanted.grade();
        skill.description = wanted.description().strip();
        skill.screenMeasureId = wanted.screenMeasureId();
        skill.screenCut = wanted.screenCut();
        skill.prerequisites = new TreeSet<>(wanted.prerequisites());
        skill.codes = new ArrayList<>(wanted.codes().stream()
                .map(each -> new Skill.Code(each.scheme().strip(), each.code().strip()))
                .toList());
        Skill saved = skills.saveAndFlush(skill);
        requireNoCircle();
        audit.note(null, "skill.saved", saved.id, saved.name);
        return saved;
    }

    private void requireUsable(SkillEdit wanted) {
        all.requireFor(wanted.classId(), wanted.prerequisites());
        if ((wanted.screenMeasureId() == null) != (wanted.screenCut() == null)) {
            throw Refusal.unusableField(
                    "screening-incomplete", "screenCut", inWords("skill.a-screening-needs-both-a-measure"));
        }
        if (wanted.screenMeasureId() != null) {
            Measures.MeasureCard measure = measures.chosen(wanted.screenMeasureId());
            if (measure.classId() != null && !measure.classId().equals(wanted.classId())) {
                throw Refusal.unusableField(
                        "measure-of-one-class",
                        "screenMeasureId",
                        inWords("library.is-one-classs-own-measure-choose", "name", measure.name()));
            }
        }
    }

    /** @return absent for a skill of no strand */
    @Nullable
    Long strandId(String name) {
        if (name.isEmpty()) {
            return null;
        }
        return strands.findByNameIgnoreCase(name)
                .orElseGet(() -> {
                    Strand made = new Strand();
                    made.name = name;
                    made.place = (int) strands.count();
                    return strands.save(made);
                })
                .id;
    }

    int lastPlace(@Nullable Long strandId) {
        return all.inUseInOrder().stream()
                .filter(each -> Objects.equals(each.strandId, strandId))
                .mapToInt(each -> each.place)
                .max()
                .orElse(-1);
    }

    /** @throws Refusal that names the skills of the circle in their order */
    void requireNoCircle() {
        List<zafu.core.skill.Skill> inOrder = all.inOrder();
        SkillGraph.of(inOrder).cycle().ifPresent(circle -> {
            Map<SkillId, String> names = new LinkedHashMap<>();
            inOrder.forEach(each -> names.put(each.id(), each.name()));
            List<String> inTurn =
                    circle.stream().map(each -> String.valueOf(names.get(each))).toList();
            throw Refusal.conflict(
                    "skills-in-a-circle",
                    inWords(
                            "skill.in-a-circle",
                            "way",
                            String.join(inWords("skill.needs-next"), inTurn),
                            "first",
                            inTurn.get(0)));
        });
    }

    @Transactional
    void remove(Collection<Long> ids) {
        for (Skill skill : skills.findAllById(ids)) {
            sharing.requireMayKeep(skill.classId);
            skill.removedAt = clock.instant();
            audit.note(null, "skill.removed", skill.id, skill.name);
        }
    }

    @Transactional
    void restore(Collection<Long> ids) {
        for (Skill skill : skills.findAllById(ids)) {
            sharing.requireMayKeep(skill.classId);
            skill.removedAt = null;
            audit.note(null, "skill.restored", skill.id, skill.name);
        }
        skills.flush();
        requireNoCircle();
    }

    static SkillShown shown(Skill each) {
        return new SkillShown(
                each.id,
                each.name,
                each.grade,
                each.description,
                List.copyOf(each.prerequisites),
                each.codes.stream()
                        .map(code -> new CodeShown(code.scheme(), code.code()))
                        .toList(),
                each.screenMeasureId,
                each.screenCut,
                each.classId,
                each.version);
    }
}
