package zafu.server.library;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** Something a task can be made of: a text to read, or a set of questions. */
@Entity
class LibraryItem {
    enum Kind {
        TEXT,
        QUESTIONS
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    @Enumerated(EnumType.STRING)
    Kind kind = Kind.TEXT;

    String title = "";

    /** Paragraphs of a text, separated by a blank line; empty for questions. */
    @Column(length = 100_000)
    String body = "";

    /** Reading level, on the school's reading scale. */
    @Nullable
    Integer level;

    @Nullable
    Long createdBy;

    @Version
    long version;
}
