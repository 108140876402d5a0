package zafu.bench.bare;

import org.springframework.data.jpa.repository.JpaRepository;

interface ThingRepository extends JpaRepository<Thing, Long> {}
