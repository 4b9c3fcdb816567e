package yellowkite.server.database;

import java.time.Duration;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/** Says what a start waits for, once that takes long, and that it still does. */
public final class LongStep {
    private static final LongStep ON_THE_TERMINAL = new LongStep(Duration.ofSeconds(3), Duration.ofSeconds(15), System.out::println);
    private final Duration patience;
    private final Duration again;
    private final Consumer<String> to;

    /** @param patience after which it is said. @param again how often it is said then */
    LongStep(Duration patience, Duration again, Consumer<String> to) {
        this.patience = patience;
        this.again = again;
        this.to = to;
    }

    /** @param <X> what the work may throw */
    public interface Work<X extends Exception> {
        void run() throws X;
    }

    /** Does something, and says so on the terminal if it takes long. @param words what is done, without an end */
    public static <X extends Exception> void saying(String words, Work<X> work) throws X {
        ON_THE_TERMINAL.during(words, work);
    }

    <X extends Exception> void during(String words, Work<X> work) throws X {
        var voice = new ScheduledThreadPoolExecutor(1, task -> Thread.ofPlatform().daemon().name("long-step").unstarted(task));
        long since = System.nanoTime();
        voice.schedule(() -> to.accept(words + " ..."), patience.toMillis(), TimeUnit.MILLISECONDS);
        voice.scheduleAtFixedRate(
                () -> to.accept("... still, after " + Duration.ofNanos(System.nanoTime() - since).toSeconds() + " s"),
                patience.plus(again).toMillis(), again.toMillis(), TimeUnit.MILLISECONDS);
        try {
            work.run();
        } finally {
            voice.shutdownNow();
        }
    }
}
