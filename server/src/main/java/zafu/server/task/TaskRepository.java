package zafu.server.task;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TaskRepository extends JpaRepository<Task, Long> {
    List<Task> findByClassIdOrderById(long classId);
}
