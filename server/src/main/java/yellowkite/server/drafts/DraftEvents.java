package yellowkite.server.drafts;

import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import yellowkite.server.library.DraftRemoved;
import yellowkite.server.web.Listeners;

/** Tells the pages that show a draft how far it is. */
@Component
class DraftEvents {
    private final Listeners<Drafts.State> listeners = new Listeners<>("More pages show this draft than can be told of each edit.");

    /** {@return what a page listens to; it is told {@code now} at once} */
    SseEmitter listen(String draftId, String profileId, Drafts.State now) {
        return listeners.listen(draftId, profileId, now);
    }

    /** Called once the change stands. */
    void tell(String draftId, Drafts.State state) {
        listeners.tell(draftId, state);
    }

    @EventListener
    void removed(DraftRemoved gone) {
        listeners.tellAllOf(gone.profileId()::equals, new Drafts.State(0, false));
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        listeners.end();
    }
}
