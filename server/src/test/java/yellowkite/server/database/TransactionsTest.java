package yellowkite.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.SimpleTransactionStatus;

class TransactionsTest {
    private final Transactions transactions = new Transactions(manager());
    private final AtomicInteger runs = new AtomicInteger();

    private static PlatformTransactionManager manager() {
        var manager = mock(PlatformTransactionManager.class);
        when(manager.getTransaction(any())).thenReturn(new SimpleTransactionStatus());
        return manager;
    }

    @Test
    void workThatLostADeadlockIsDoneAgain() {
        var result = transactions.run(() -> {
            if (runs.incrementAndGet() < 3) {
                throw new PessimisticLockingFailureException("deadlock");
            }
            return "done";
        });

        assertThat(result).isEqualTo("done");
        assertThat(runs).hasValue(3);
    }

    @Test
    void itGivesUpAfterSixTriesAndOtherFailuresAreNotTriedAgain() {
        assertThatThrownBy(() -> transactions.run(() -> {
            runs.incrementAndGet();
            throw new PessimisticLockingFailureException("always");
        })).isInstanceOf(PessimisticLockingFailureException.class);
        assertThat(runs).hasValue(6);

        assertThatThrownBy(() -> transactions.run(() -> {
            throw new IllegalStateException("ours");
        })).hasMessage("ours");
    }
}
