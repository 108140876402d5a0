package zafu.server.roster;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MeetingTimeRepository extends JpaRepository<MeetingTime, Long> {
    List<MeetingTime> findByClassIdOrderByWeekdayAscBeginsAtAsc(long classId);

    void deleteByClassId(long classId);
}
