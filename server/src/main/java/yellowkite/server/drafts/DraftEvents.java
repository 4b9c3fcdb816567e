package yellowkite.server.drafts;

import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import yellowkite.server.library.DraftRemoved;
import yellowkite.server.web.Refusal;

/**
 * Tells the pages that show a draft how far it is, each time it goes on. Whoever was cut off asks again by itself and is told how far the
 * draft is then, so nothing has to be kept for anybody.
 */
@Component
class DraftEvents {
    /** A connection that nobody reads any more is noticed after that long at the latest. */
    private static final Duration LONGEST = Duration.ofMinutes(10);
    private static final int MOST_LISTENERS = 100;
    private final Map<String, Set<SseEmitter>> listeners = new ConcurrentHashMap<>();
    /** Whoever reads slowly keeps nobody else waiting. */
    private final ExecutorService messengers = Executors.newVirtualThreadPerTaskExecutor();

    /** {@return what a page listens to; it is told {@code now} at once} */
    SseEmitter listen(String draftId, Drafts.State now) {
        var emitter = new SseEmitter(LONGEST.toMillis());
        var all = listeners.compute(draftId, (id, known) -> {
            var set = known == null ? ConcurrentHashMap.<SseEmitter>newKeySet() : known;
            if (set.size() < MOST_LISTENERS) {
                set.add(emitter);
            }
            return set;
        });
        if (!all.contains(emitter)) {
            throw Refusal.unfit("draft", "More pages show this draft than can be told of each edit.");
        }
        Runnable leave = () -> listeners.computeIfPresent(draftId, (id, set) -> {
            set.remove(emitter);
            return set.isEmpty() ? null : set;
        });
        emitter.onCompletion(leave);
        emitter.onTimeout(emitter::complete);
        emitter.onError(gone -> leave.run());
        messengers.execute(() -> send(emitter, now));
        return emitter;
    }

    /** Called once the change stands. */
    void tell(String draftId, Drafts.State state) {
        for (var each : listeners.getOrDefault(draftId, Set.of())) {
            messengers.execute(() -> send(each, state));
        }
    }

    @EventListener
    void removed(DraftRemoved draft) {
        tell(draft.draftId(), new Drafts.State(0, false));
    }

    private static void send(SseEmitter to, Drafts.State state) {
        try {
            to.send(SseEmitter.event().data(state, MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException gone) {
            to.completeWithError(gone);
        }
    }

    /** A stop does not wait for pages that only listen. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        listeners.values().forEach(set -> set.forEach(SseEmitter::complete));
        messengers.shutdown();
    }
}
