package zafu.server.roster;

import org.springframework.data.jpa.repository.JpaRepository;

interface SchoolClassRepository extends JpaRepository<SchoolClass, Long> {}
