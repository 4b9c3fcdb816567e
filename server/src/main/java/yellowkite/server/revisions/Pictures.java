package yellowkite.server.revisions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.media.Thumbnails;
import yellowkite.server.content.ContentStore;

/** Pictures as pages show them: decoded by few at once, since each may take much room while it is, and kept small for a while. */
@Service
public class Pictures {
    private static final long MOST_BYTES_KEPT = 32L << 20;
    /** A picture of 4096 by 4096 pixels of 16 bit takes 200 MB while it is decoded. */
    private static final int AT_ONCE = 2;
    private final ContentStore contents;
    private final Semaphore decoding = new Semaphore(AT_ONCE, true);
    private final Cache<Shown, Optional<byte[]>> kept = Caffeine.newBuilder()
        .maximumWeight(MOST_BYTES_KEPT)
        .weigher((Shown what, Optional<byte[]> png) -> 100 + png.map(bytes -> bytes.length).orElse(0))
        .build();

    Pictures(ContentStore contents) {
        this.contents = contents;
    }

    /** @param side null = as large as it is */
    private record Shown(String sha256, @Nullable Integer side) {}

    /**
     * {@return a PNG encoded anew; none if there is no such content, or it is no picture}
     *
     * @param side pixels that it is fitted into; null = as large as it is
     */
    Optional<byte[]> find(String sha256, @Nullable Integer side) {
        var shown = new Shown(sha256, side);
        var there = kept.getIfPresent(shown);
        // what is not stored may be stored in a moment: that alone is not kept
        return there != null ? there : contents.find(sha256).flatMap(bytes -> kept.get(shown, same -> decoded(bytes, side)));
    }

    /** {@return bytes from outside as a PNG encoded anew; none if they are no picture} @param side null = as large as it is */
    public Optional<byte[]> decoded(byte[] bytes, @Nullable Integer side) {
        return byFew(() -> side == null ? Thumbnails.reencode(bytes) : Thumbnails.fitted(bytes, side));
    }

    /** {@return what is made of a picture} Waits while others decode theirs. */
    public <T> T byFew(Supplier<T> work) {
        decoding.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            decoding.release();
        }
    }
}
