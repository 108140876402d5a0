package zafu.server.link;

import org.springframework.data.jpa.repository.JpaRepository;

interface LinkCheckRepository extends JpaRepository<LinkCheck, Long> {}
