package zafu.server.measure;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.Season;

/** A cut score of a measure for one grade and season, and the name of the band that begins there. */
@Entity
class MeasureCut {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long measureId;
    int grade;

    @Enumerated(EnumType.STRING)
    Season season = Season.AUTUMN;

    double score;
    String name = "";
}
