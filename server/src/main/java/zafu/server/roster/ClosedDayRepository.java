package zafu.server.roster;

import org.springframework.data.jpa.repository.JpaRepository;

interface ClosedDayRepository extends JpaRepository<ClosedDay, Long> {}
