package zafu.server.ease;

import org.springframework.data.jpa.repository.JpaRepository;

interface StudentEaseRepository extends JpaRepository<StudentEase, Long> {}
