package zafu.bench.bare;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.Id;

/** One table, so that JPA has something to do. */
@Entity
class Thing {
    @Id
    @GeneratedValue
    Long id;

    String name;
}
