package zafu.server.roster;

import org.springframework.data.jpa.repository.JpaRepository;

interface TermRepository extends JpaRepository<SchoolTerm, Long> {}
