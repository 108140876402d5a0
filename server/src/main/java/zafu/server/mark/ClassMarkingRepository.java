package zafu.server.mark;

import org.springframework.data.jpa.repository.JpaRepository;

interface ClassMarkingRepository extends JpaRepository<ClassMarking, Long> {}
