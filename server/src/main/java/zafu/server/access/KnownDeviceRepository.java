package zafu.server.access;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface KnownDeviceRepository extends JpaRepository<KnownDevice, Long> {
    Optional<KnownDevice> findByTokenHash(String tokenHash);

    /** How many accounts of this name have been opened on the device: one or none. */
    @Query(
            nativeQuery = true,
            value = "select count(*) from adult_device d join adult a on a.id = d.adult_id"
                    + " where a.name = :name and d.device_id = :device")
    long accountsOpened(String name, long device);

    /** Keeps that an adult has signed in on the device; once is enough. */
    @Transactional
    @Modifying
    @Query(
            nativeQuery = true,
            value = "insert into adult_device (adult_id, device_id) select a.id, d.id from adult a, known_device d"
                    + " where a.id = :adult and d.id = :device and not exists"
                    + " (select 1 from adult_device k where k.adult_id = :adult and k.device_id = :device)")
    void keepOpened(long adult, long device);
}
