package zafu.server.library;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.UnguessableId;

/** Something that can be given, or led. */
@Entity
class LibraryItem {
    @Id
    @UnguessableId
    @Nullable
    Long id;

    @Enumerated(EnumType.STRING)
    ItemKind kind = ItemKind.TEXT;

    String title = "";

    /** Markdown: the text itself, or what a link is for, or what to talk about or do. */
    @Column(length = 100_000)
    String body = "";

    /** A BCP 47 tag. */
    String language = "en";

    /** The item that this one says over again in another language. */
    @Nullable
    Long sameAs;

    @Nullable
    Integer minutes;

    @Nullable
    Long levelMeasureId;

    /** In the unit of the level measure, as is {@link #levelHigh}; equal for a single level. */
    @Nullable
    Double levelLow;

    @Nullable
    Double levelHigh;

    @Nullable
    Integer gradeLow;

    @Nullable
    Integer gradeHigh;

    @Enumerated(EnumType.STRING)
    Visibility visibility = Visibility.SCHOOL;

    /** Whose adults see it, with {@link Visibility#CLASS}. */
    @Nullable
    Long classId;

    /** One a line. */
    String tags = "";

    String licence = "";
    /** Of a link. */
    String address = "";

    /** Of a lesson, Markdown, as are {@link #steps} and {@link #materials}. */
    String aims = "";

    String steps = "";
    String materials = "";

    /** The sheet of a printable. */
    @Nullable
    Long fileId;

    @Nullable
    Long createdBy;

    Instant createdAt = Instant.EPOCH;

    @Nullable
    Instant deletedAt;

    @Version
    long version;

    @ElementCollection
    @CollectionTable(name = "library_item_skill", joinColumns = @JoinColumn(name = "item_id"))
    @BatchSize(size = 1000)
    Set<ItemSkill> skills = new LinkedHashSet<>();

    /** A skill, and what the item has to do with it. */
    @Embeddable
    record ItemSkill(long skillId, @Enumerated(EnumType.STRING) SkillRole role) {}

    List<Long> skillsThat(SkillRole role) {
        return skills.stream()
                .filter(each -> each.role() == role)
                .map(ItemSkill::skillId)
                .sorted()
                .toList();
    }

    List<String> tagList() {
        return tags.isEmpty() ? List.of() : Arrays.asList(tags.split("\n"));
    }
}
