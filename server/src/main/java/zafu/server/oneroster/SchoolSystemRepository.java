package zafu.server.oneroster;

import org.springframework.data.jpa.repository.JpaRepository;

interface SchoolSystemRepository extends JpaRepository<SchoolSystem, Long> {}
