package yellowkite.server.database;

import java.util.function.Supplier;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Runs work in one transaction, and again if another one came before it: by a deadlock, or by adding the same thing first. */
@Component
public final class Transactions {
    private static final int TRIES = 4;
    private final TransactionTemplate template;

    Transactions(PlatformTransactionManager manager) {
        this.template = new TransactionTemplate(manager);
    }

    /** {@return the work's result once committed} The work may run more than once, so it changes nothing but the database. */
    public <T> T run(Supplier<T> work) {
        for (int tried = 1;; tried++) {
            try {
                return template.execute(status -> work.get());
            } catch (ConcurrencyFailureException | DuplicateKeyException overtaken) {
                if (tried == TRIES) {
                    throw overtaken;
                }
            }
        }
    }
}
