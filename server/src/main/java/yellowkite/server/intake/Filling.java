package yellowkite.server.intake;

import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import yellowkite.core.furnishing.FirstHouse;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Shelf;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;

/**
 * Fills the library with made-up fixtures, each the way any file comes in. What is there already is left as it is, so it goes on where it
 * was ended.
 */
@Component
public class Filling {
    private static final Author MILL = new Author("The mill");
    /** The database works while the next file is read. */
    private static final int AT_ONCE = 3;
    private static final int TELL_EVERY = 500;
    private final Intake intake;
    private final ProfileRepository profiles;

    Filling(Intake intake, ProfileRepository profiles) {
        this.intake = intake;
        this.profiles = profiles;
    }

    /**
     * Goes on until the library holds the fixtures 1 to {@code count}.
     *
     * @param tell receives a line of progress now and then
     */
    public void fill(int count, Consumer<String> tell) throws InterruptedException {
        var house = FirstHouse.find().orElseThrow(() -> new IllegalStateException("no made-up fixtures came along"));
        var next = new AtomicInteger();
        var added = new AtomicInteger();
        long start = System.nanoTime();
        Callable<Void> worker = () -> {
            for (int number = next.incrementAndGet(); number <= count; number = next.incrementAndGet()) {
                if (profiles.find(Shelf.HOUSE, "", FixtureIdentity.of(house.madeUpId(number), "", "")).isEmpty()) {
                    add(house, number, next, count);
                    added.incrementAndGet();
                }
                if (number % TELL_EVERY == 0 || number == count) {
                    tell.accept(String.format(Locale.ROOT, "%d of %d, %.0f a second", number, count,
                            added.get() * 1e9 / Math.max(1, System.nanoTime() - start)));
                }
            }
            return null;
        };
        try (var workers = Executors.newFixedThreadPool(AT_ONCE)) {
            for (var done : workers.invokeAll(IntStream.range(0, AT_ONCE).mapToObj(i -> worker).toList())) {
                done.get();
            }
        } catch (ExecutionException failed) {
            throw new IllegalStateException(failed.getCause() == null ? "for a reason unknown" : failed.getCause().getMessage(), failed);
        }
        tell.accept(added.get() + " fixtures were added; the library holds " + profiles.count() + " profiles.");
    }

    /** If one fixture cannot be added, nobody takes up another one. */
    private void add(FirstHouse house, int number, AtomicInteger next, int count) {
        try {
            intake.take("made up " + number + ".gdtf", house.madeUp(number).write(), IntakeResult.Same.ASK, Change.by(MILL));
        } catch (RuntimeException failed) {
            next.set(count);
            throw failed;
        }
    }
}
