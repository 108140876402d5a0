package zafu.server.roster;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface TermRepository extends JpaRepository<SchoolTerm, Long> {
    /** @return 1, or 0 where a class is of this term */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "delete from term where id = ?1 and not exists (select 1 from class_term where term_id = ?1)")
    int removeUnused(long termId);
}
