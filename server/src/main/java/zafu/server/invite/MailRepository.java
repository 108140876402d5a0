package zafu.server.invite;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MailRepository extends JpaRepository<Mail, Long> {
    List<Mail> findTop100ByOrderByIdDesc();

    List<Mail> findTop50BySentAtIsNullAndTriesLessThanOrderById(int tries);
}
