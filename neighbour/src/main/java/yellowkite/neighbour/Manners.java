package yellowkite.neighbour;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.concurrent.atomic.AtomicInteger;

/** How a neighbour behaves beside being right. @param slow whether it takes its time. @param flaky whether it fails now and then */
record Manners(boolean slow, boolean flaky, AtomicInteger asked) {
    private static final int PAUSE_MS = 1_200;
    private static final int SLOW_BYTES_A_SECOND = 48 << 10;
    private static final int SLICE = 4 << 10;
    private static final int FAILS_EACH = 4;

    Manners(boolean slow, boolean flaky) {
        this(slow, flaky, new AtomicInteger());
    }

    /** {@return whether this request fails; every fourth one of a flaky neighbour does} A slow one waits first. */
    boolean fails() throws InterruptedException {
        if (slow) {
            Thread.sleep(PAUSE_MS);
        }
        return flaky && asked.incrementAndGet() % FAILS_EACH == 0;
    }

    /** {@return where a file is written to, as slowly as it is wanted} */
    OutputStream paced(OutputStream to) {
        return slow ? new Paced(to) : to;
    }

    private static final class Paced extends FilterOutputStream {
        private Paced(OutputStream to) {
            super(to);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            for (int at = from; at < from + length; at += SLICE) {
                int slice = Math.min(SLICE, from + length - at);
                out.write(bytes, at, slice);
                out.flush();
                try {
                    Thread.sleep(1_000L * slice / SLOW_BYTES_A_SECOND);
                } catch (InterruptedException stopped) {
                    Thread.currentThread().interrupt();
                    throw new IOException(stopped);
                }
            }
        }
    }
}
