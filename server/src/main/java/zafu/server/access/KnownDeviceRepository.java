package zafu.server.access;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface KnownDeviceRepository extends JpaRepository<KnownDevice, Long> {
    Optional<KnownDevice> findByTokenHash(String tokenHash);
}
