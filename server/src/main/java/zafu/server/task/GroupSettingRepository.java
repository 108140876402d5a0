package zafu.server.task;

import org.springframework.data.jpa.repository.JpaRepository;

interface GroupSettingRepository extends JpaRepository<GroupSetting, Long> {}
