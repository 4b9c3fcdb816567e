package yellowkite.server.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class LongStepTest {
    private final LinkedBlockingQueue<String> said = new LinkedBlockingQueue<>();

    @Test
    void whatTakesLongIsSaidAndThenThatItStillDoes() throws Exception {
        new LongStep(Duration.ZERO, Duration.ofMillis(1), said::add).during("The tables are brought up", () -> {
            assertThat(said.poll(20, TimeUnit.SECONDS)).isEqualTo("The tables are brought up ...");
            assertThat(said.poll(20, TimeUnit.SECONDS)).matches("\\.\\.\\. still, after \\d+ s");
        });
    }

    @Test
    void whatIsQuickIsNotSaid() {
        var done = new AtomicInteger();
        new LongStep(Duration.ofHours(1), Duration.ofHours(1), said::add).during("The database comes up", done::incrementAndGet);
        assertThat(done).hasValue(1);
        assertThat(said).isEmpty();
    }
}
