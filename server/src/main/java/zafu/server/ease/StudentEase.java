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
    EaseApi.@Nullable TextSize textSize;

    @Enumerated(EnumType.STRING)
    EaseApi.@Nullable Spacing spacing;

    @Enumerated(EnumType.STRING)
    EaseApi.@Nullable Typeface typeface;

    @Enumerated(EnumType.STRING)
    EaseApi.@Nullable Colours colours;

    @Nullable
    String language;

    boolean lineFocus;
    boolean clockHidden;

    @Version
    @Nullable
    Long version;
}
