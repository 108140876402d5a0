package zafu.server.ease;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** What a student has chosen; absent is what they have left as it comes. */
@Entity
class StudentEase {
    @Id
    @Nullable
    Long studentId;

    @Enumerated(EnumType.STRING)
    EaseController.@Nullable TextSize textSize;

    @Enumerated(EnumType.STRING)
    EaseController.@Nullable Spacing spacing;

    @Enumerated(EnumType.STRING)
    EaseController.@Nullable Typeface typeface;

    @Enumerated(EnumType.STRING)
    EaseController.@Nullable Colours colours;

    boolean lineFocus;
    boolean clockHidden;

    @Version
    @Nullable
    Long version;
}
