package zafu.server.measure;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import zafu.core.measure.Season;

interface MeasureCutRepository extends JpaRepository<MeasureCut, Long> {
    List<MeasureCut> findBySeasonOrderByScore(Season season);

    List<MeasureCut> findByMeasureIdAndGradeAndSeasonOrderByScore(long measureId, int grade, Season season);

    List<MeasureCut> findByMeasureIdOrderByGradeAscSeasonAscScoreAsc(long measureId);

    void deleteByMeasureIdAndGradeAndSeason(long measureId, int grade, Season season);
}
