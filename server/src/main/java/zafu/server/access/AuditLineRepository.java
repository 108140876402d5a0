package zafu.server.access;

import org.springframework.data.jpa.repository.JpaRepository;

interface AuditLineRepository extends JpaRepository<AuditLine, Long> {}
