package zafu.server.skill;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.PrePersist;
import jakarta.persistence.PreUpdate;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;
import zafu.core.skill.SkillId;

/** Something that can be learnt and shown. */
@Entity
class Skill {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String name = "";

    /** Whose own it is; absent where the whole school shares it. */
    @Nullable
    Long classId;

    /** Unique, so that two who make the same at once do not both make it. */
    String nameInClass = "";

    @Nullable
    Long strandId;

    @Nullable
    Integer grade;

    /** In its strand. */
    int place;

    String description = "";

    /** A value of this measure at or past {@link #screenCut} places a student past the skill. */
    @Nullable
    Long screenMeasureId;

    @Nullable
    Double screenCut;

    @Nullable
    Instant removedAt;

    @Version
    long version;

    @ElementCollection
    @CollectionTable(name = "skill_prerequisite", joinColumns = @JoinColumn(name = "skill_id"))
    @Column(name = "before_id")
    @BatchSize(size = 1000)
    Set<Long> prerequisites = new TreeSet<>();

    @ElementCollection
    @CollectionTable(name = "skill_code", joinColumns = @JoinColumn(name = "skill_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = 1000)
    List<Code> codes = new ArrayList<>();

    /** What a standard calls the skill. */
    @Embeddable
    record Code(String scheme, String code) {}

    @PrePersist
    @PreUpdate
    void nameInClass() {
        nameInClass = (classId == null ? "" : classId) + "/" + name;
    }

    SkillId skillId() {
        return new SkillId(id);
    }

    /** As the core knows it; its place counts over all strands. */
    zafu.core.skill.Skill asCore(int placeOverAll) {
        return new zafu.core.skill.Skill(
                skillId(),
                name,
                placeOverAll,
                prerequisites.stream().map(SkillId::new).collect(Collectors.toSet()));
    }
}
