package zafu.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A student who may come back on one device by a picture and a PIN. */
@Entity
class DeviceEntry {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long deviceId;
    long studentId;

    /** Which picture, from 0. */
    int picture;

    String pinHash = "";

    /** Wrong PINs since the last right one. */
    int failures;

    Instant madeAt = Instant.EPOCH;

    @Nullable
    Instant lastUsedAt;
}
