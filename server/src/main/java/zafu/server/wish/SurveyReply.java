package zafu.server.wish;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What one student ranked, or what a teacher filled in for them. */
@Entity
class SurveyReply {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long surveyId;
    long studentId;
    /** Ids of options, the first choice first, commas between. */
    String ranked = "";

    Instant repliedAt = Instant.EPOCH;

    @Nullable
    Long filledInBy;

    List<Long> options() {
        return Arrays.stream(ranked.split(","))
                .filter(each -> !each.isEmpty())
                .map(Long::valueOf)
                .toList();
    }

    void rank(List<Long> options) {
        ranked = options.stream().map(String::valueOf).collect(Collectors.joining(","));
    }
}
