package zafu.server.roster;

import org.springframework.data.jpa.repository.JpaRepository;

interface SchoolRepository extends JpaRepository<School, Long> {}
