package yellowkite.server.database;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import org.springframework.stereotype.Component;

/** The time as it is stored: UTC, to the millisecond. */
@Component
public class HouseClock {
    private final Clock clock = Clock.systemUTC();

    HouseClock() {}

    public LocalDateTime now() {
        return LocalDateTime.now(clock.withZone(ZoneOffset.UTC)).truncatedTo(ChronoUnit.MILLIS);
    }
}
