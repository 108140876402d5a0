package zafu.server.access;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.transaction.annotation.Transactional;

interface DeviceEntryRepository extends JpaRepository<DeviceEntry, Long> {
    List<DeviceEntry> findByDeviceIdOrderByPicture(long deviceId);

    Optional<DeviceEntry> findByDeviceIdAndStudentId(long deviceId, long studentId);

    List<DeviceEntry> findByStudentId(long studentId);

    @Transactional
    void deleteByStudentId(long studentId);
}
