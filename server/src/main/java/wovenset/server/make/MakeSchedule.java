package wovenset.server.make;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** The queue in the database: a job that a stopped process left is taken up again by the next one. */
@Configuration
class MakeSchedule {
    private static final int AT_ONCE = 2;
    private static final Duration AGAIN = Duration.ofSeconds(5);

    @Bean
    OneTimeTask<Void> makeTask(MakeRunner runner) {
        return Tasks.oneTime("make")
                // A process that is stopped ends its jobs with an error; the next one goes on with them.
                .onFailure(new FailureHandler.OnFailureRetryLater<>(AGAIN))
                .execute((instance, context) -> runner.run(UUID.fromString(instance.getId())));
    }

    @Bean(initMethod = "start", destroyMethod = "stop")
    Scheduler scheduler(DataSource dataSource, OneTimeTask<Void> makeTask) {
        return Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), makeTask)
                .threads(AT_ONCE)
                .pollingInterval(Duration.ofSeconds(1))
                .heartbeatInterval(Duration.ofSeconds(5))
                .missedHeartbeatsLimit(4)
                .shutdownMaxWait(Duration.ofSeconds(3))
                .alwaysPersistTimestampInUTC()
                .enableImmediateExecution()
                .build();
    }

    /** A job whose process ended before it stood in the queue is put there by the next one. */
    @Bean
    ApplicationRunner takeUpJobs(
            MakeRepository repository, Scheduler scheduler, OneTimeTask<Void> makeTask, Clock clock) {
        return arguments -> repository
                .unfinished()
                .forEach(id -> scheduler.scheduleIfNotExists(makeTask.instance(id.toString()), clock.instant()));
    }
}
