package zafu.server.task;

import org.springframework.data.jpa.repository.JpaRepository;

interface TaskStepRepository extends JpaRepository<TaskStep, Long> {}
