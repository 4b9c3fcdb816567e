package yellowkite.server.database;

import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** Who changes the same thing waits here: the database has few connections, and one that waits for a row keeps others from working. */
public final class Turns {
    private static final int STRIPES = 64;
    private final ReentrantLock[] turns = IntStream.range(0, STRIPES)
        .mapToObj(each -> new ReentrantLock(true))
        .toArray(ReentrantLock[]::new);

    /** {@return the work's result} Nobody else works on the same thing meanwhile, in this server. */
    public <T> T run(String thing, Supplier<T> work) {
        var turn = turns[Math.floorMod(thing.hashCode(), STRIPES)];
        turn.lock();
        try {
            return work.get();
        } finally {
            turn.unlock();
        }
    }
}
