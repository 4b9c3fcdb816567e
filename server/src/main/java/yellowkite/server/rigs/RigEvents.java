package yellowkite.server.rigs;

import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import yellowkite.server.web.Listeners;

/** Tells the pages that show a rig how far it is. */
@Component
class RigEvents {
    private final Listeners<RigState> listeners = new Listeners<>("More pages show this rig than can be told of each edit.");

    /** How far a rig is. */
    record RigState(int version) {}

    SseEmitter listen(String rigId, int version) {
        return listeners.listen(rigId, rigId, new RigState(version));
    }

    /** Called once the change stands. */
    void tell(String rigId, int version) {
        listeners.tell(rigId, new RigState(version));
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        listeners.end();
    }
}
