package zafu.server.access;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AdultRepository extends JpaRepository<Adult, Long> {
    Optional<Adult> findByName(String name);

    /** In the database's own words, because what an adult may be named in belongs to other features. */
    @Modifying
    @Query(
            nativeQuery = true,
            value =
                    """
                    delete from adult where id = ?1 and password_hash = ''
                    and not exists (select 1 from class_adult where adult_id = ?1)
                    and not exists (select 1 from group_lead where adult_id = ?1)
                    and not exists (select 1 from led_session where adult_id = ?1)
                    """)
    int removeUnused(long adultId);
}
