package yellowkite.server.web;

import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Predicate;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Pages that are told by server-sent events how far a thing is, each time it goes on. Whoever was cut off asks again by itself and is told
 * how far it is then, so nothing has to be kept for anybody.
 *
 * @param <S> what they are told, as JSON
 */
public final class Listeners<S> {
    /** A connection that nobody reads any more is noticed after that long at the latest. */
    private static final Duration LONGEST = Duration.ofMinutes(10);
    private static final int MOST = 100;

    /** A page that shows a thing. @param of what the thing belongs to */
    private record Listener(String of, SseEmitter emitter) {}

    private final Map<String, Set<Listener>> listeners = new ConcurrentHashMap<>();
    /** Whoever reads slowly keeps nobody else waiting. */
    private final ExecutorService messengers = Executors.newVirtualThreadPerTaskExecutor();
    private final String refusal;

    /** @param refusal one sentence to whoever would be one too many */
    public Listeners(String refusal) {
        this.refusal = refusal;
    }

    /** {@return what a page listens to; it is told {@code now} at once} @param of what the thing belongs to */
    public SseEmitter listen(String thing, String of, S now) {
        var emitter = new SseEmitter(LONGEST.toMillis());
        var listener = new Listener(of, emitter);
        var all = listeners.compute(thing, (id, known) -> {
            var set = known == null ? ConcurrentHashMap.<Listener>newKeySet() : known;
            if (set.size() < MOST) {
                set.add(listener);
            }
            return set;
        });
        if (!all.contains(listener)) {
            throw Refusal.unfit("events", refusal);
        }
        Runnable leave = () -> listeners.computeIfPresent(thing, (id, set) -> {
            set.remove(listener);
            return set.isEmpty() ? null : set;
        });
        emitter.onCompletion(leave);
        emitter.onTimeout(emitter::complete);
        emitter.onError(gone -> leave.run());
        messengers.execute(() -> send(emitter, now));
        return emitter;
    }

    /** Called once the change stands. */
    public void tell(String thing, S state) {
        for (var each : listeners.getOrDefault(thing, Set.of())) {
            messengers.execute(() -> send(each.emitter(), state));
        }
    }

    /** Tells whoever shows something that belongs to what is meant. */
    public void tellAllOf(Predicate<String> meant, S state) {
        listeners.values()
            .stream()
            .flatMap(Set::stream)
            .filter(each -> meant.test(each.of()))
            .forEach(each -> messengers.execute(() -> send(each.emitter(), state)));
    }

    private void send(SseEmitter to, S state) {
        try {
            to.send(SseEmitter.event().data(state, MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException gone) {
            to.completeWithError(gone);
        }
    }

    /** A stop does not wait for pages that only listen. */
    public void end() {
        listeners.values().forEach(set -> set.forEach(each -> each.emitter().complete()));
        messengers.shutdown();
    }
}
