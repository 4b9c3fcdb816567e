package yellowkite.server.neighbours;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse.BodyHandler;
import java.net.http.HttpResponse.BodySubscriber;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow;
import org.jspecify.annotations.Nullable;

/** An answer's bytes, up to a limit: what is longer is cut off where it passes it. */
final class LimitedBody implements BodySubscriber<byte[]> {
    private final int limit;
    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private final CompletableFuture<byte[]> whole = new CompletableFuture<>();
    private Flow.@Nullable Subscription source;

    private LimitedBody(int limit) {
        this.limit = limit;
    }

    static BodyHandler<byte[]> upTo(int limit) {
        return head -> new LimitedBody(limit);
    }

    /** It was longer. */
    static final class TooLong extends IOException {
        private static final long serialVersionUID = 1;
    }

    @Override
    public CompletionStage<byte[]> getBody() {
        return whole;
    }

    @Override
    public void onSubscribe(Flow.Subscription subscription) {
        source = subscription;
        subscription.request(Long.MAX_VALUE);
    }

    @Override
    public void onNext(List<ByteBuffer> more) {
        for (var each : more) {
            if (bytes.size() + each.remaining() > limit) {
                if (source != null) {
                    source.cancel();
                }
                whole.completeExceptionally(new TooLong());
                return;
            }
            var piece = new byte[each.remaining()];
            each.get(piece);
            bytes.writeBytes(piece);
        }
    }

    @Override
    public void onError(Throwable failed) {
        whole.completeExceptionally(failed);
    }

    @Override
    public void onComplete() {
        whole.complete(bytes.toByteArray());
    }
}
