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

    /** A page that shows a draft of a profile. */
    private record Listener(String profileId, SseEmitter emitter) {}

    private final Map<String, Set<Listener>> listeners = new ConcurrentHashMap<>();
    /** Whoever reads slowly keeps nobody else waiting. */
    private final ExecutorService messengers = Executors.newVirtualThreadPerTaskExecutor();

    /** {@return what a page listens to; it is told {@code now} at once} */
    SseEmitter listen(String draftId, String profileId, Drafts.State now) {
        var emitter = new SseEmitter(LONGEST.toMillis());
        var listener = new Listener(profileId, emitter);
        var all = listeners.compute(draftId, (id, known) -> {
            var set = known == null ? ConcurrentHashMap.<Listener>newKeySet() : known;
            if (set.size() < MOST_LISTENERS) {
                set.add(listener);
            }
            return set;
        });
        if (!all.contains(listener)) {
            throw Refusal.unfit("draft", "More pages show this draft than can be told of each edit.");
        }
        Runnable leave = () -> listeners.computeIfPresent(draftId, (id, set) -> {
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
    void tell(String draftId, Drafts.State state) {
        for (var each : listeners.getOrDefault(draftId, Set.of())) {
            messengers.execute(() -> send(each.emitter(), state));
        }
    }

    @EventListener
    void removed(DraftRemoved gone) {
        listeners.values()
            .stream()
            .flatMap(Set::stream)
            .filter(each -> each.profileId().equals(gone.profileId()))
            .forEach(each -> messengers.execute(() -> send(each.emitter(), new Drafts.State(0, false))));
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
        listeners.values().forEach(set -> set.forEach(each -> each.emitter().complete()));
        messengers.shutdown();
    }
}
