package zafu.server.library;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;

/** Items in the order in which they are taught, and the skills that should be held when it begins. */
@Entity
class LibraryUnit {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String title = "";
    String about = "";

    @Nullable
    LocalDate beginsOn;

    @Nullable
    Long createdBy;

    @Nullable
    Instant deletedAt;

    @Version
    long version;

    @ElementCollection
    @CollectionTable(name = "library_unit_item", joinColumns = @JoinColumn(name = "unit_id"))
    @OrderColumn(name = "place")
    @Column(name = "item_id")
    @BatchSize(size = 200)
    List<Long> items = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "library_unit_skill", joinColumns = @JoinColumn(name = "unit_id"))
    @Column(name = "skill_id")
    @BatchSize(size = 200)
    Set<Long> skills = new TreeSet<>();
}
