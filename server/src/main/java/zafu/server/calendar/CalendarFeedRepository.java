package zafu.server.calendar;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeedRepository extends JpaRepository<CalendarFeed, Long> {
    Optional<CalendarFeed> findByAddressAndRevokedAtIsNull(String address);

    List<CalendarFeed> findByAdultIdAndRevokedAtIsNullOrderById(long adultId);

    List<CalendarFeed> findByStudentIdAndRevokedAtIsNullOrderById(long studentId);

    List<CalendarFeed> findByStudentId(long studentId);
}
