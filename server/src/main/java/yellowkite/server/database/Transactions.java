package yellowkite.server.database;

import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.core.retry.RetryException;
import org.springframework.core.retry.RetryPolicy;
import org.springframework.core.retry.RetryTemplate;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Runs work in one transaction, and again after a while if another one came before it: by a deadlock, or by adding the same thing first.
 * Who waited looks at what is there now, not at what was there when it began (READ COMMITTED).
 */
@Component
public final class Transactions {
    private static final int MORE_TRIES = 5;
    private static final Duration PAUSE = Duration.ofMillis(10);
    private static final Duration JITTER = Duration.ofMillis(8);
    private static final Duration LONGEST_PAUSE = Duration.ofMillis(400);
    private final TransactionTemplate template;
    private final RetryTemplate retries = new RetryTemplate(RetryPolicy.builder()
        .includes(ConcurrencyFailureException.class, DuplicateKeyException.class)
        .maxRetries(MORE_TRIES)
        .delay(PAUSE)
        .jitter(JITTER)
        .multiplier(2)
        .maxDelay(LONGEST_PAUSE)
        .build());

    Transactions(PlatformTransactionManager manager) {
        this.template = new TransactionTemplate(manager);
    }

    /** {@return the work's result once committed} The work may run more than once, so it changes nothing but the database. */
    public <T> T run(Supplier<T> work) {
        try {
            return retries.execute(() -> template.execute(status -> work.get()));
        } catch (RetryException ended) {
            if (ended.getCause() instanceof RuntimeException last) {
                throw last;
            }
            throw new IllegalStateException(ended);
        }
    }
}
