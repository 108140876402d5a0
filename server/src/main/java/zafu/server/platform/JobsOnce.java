package zafu.server.platform;

import javax.sql.DataSource;
import net.javacrumbs.shedlock.core.LockProvider;
import net.javacrumbs.shedlock.provider.jdbctemplate.JdbcTemplateLockProvider;
import net.javacrumbs.shedlock.spring.annotation.EnableSchedulerLock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * What runs by the clock runs at one server at a time, by a line in the database they share. A server that dies with a
 * lock in hand keeps the others from the job for half an hour, not longer.
 */
@Configuration
@EnableSchedulerLock(defaultLockAtMostFor = "PT30M")
public class JobsOnce {
    /** For what is done once a night: the clocks of two servers differ by less. */
    public static final String A_WHILE = "PT10M";

    @Bean
    LockProvider lockProvider(DataSource database) {
        return new JdbcTemplateLockProvider(JdbcTemplateLockProvider.Configuration.builder()
                .withJdbcTemplate(new JdbcTemplate(database))
                .withTableName("job_lock")
                .usingDbTime()
                .build());
    }
}
