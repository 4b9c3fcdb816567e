package yellowkite.server.bench;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import yellowkite.core.wire.Ear;
import yellowkite.core.wire.osc.OscPacket;
import yellowkite.server.web.Refusal;

/** What is moved elsewhere and heard here: OSC addresses, and slots of universes that come in. */
@Service
class Controls {
    private static final int MOST = 64;
    private static final int LONGEST = 120;
    private static final double OF_A_SLOT = 255;
    private final Addresses addresses;
    private final Map<String, MovedControl> moved = new LinkedHashMap<>();
    private final Map<Integer, byte[]> before = new HashMap<>();
    private final List<Listener> listeners = new CopyOnWriteArrayList<>();
    private final Port osc = new Port();
    private long malformed;

    Controls(Addresses addresses, Incoming incoming) {
        this.addresses = addresses;
        incoming.onFrames(this::slots);
    }

    /** @param name how it is known. @param value as it was heard last. @param from its usual ends; {@code to} likewise */
    record MovedControl(String name, double value, double from, double to) {}

    /** Who is told of what moves. */
    interface Listener {
        void moved(String name, double value);
    }

    void onMoves(Listener listener) {
        listeners.add(listener);
    }

    /** @param oscPort 0 while nobody listens. @param moved the last that were moved, the newest first */
    record HeardControls(int oscPort, List<MovedControl> moved, long malformed) {}

    synchronized HeardControls state() {
        return new HeardControls(osc.number(), List.copyOf(moved.values()).reversed(), malformed);
    }

    /** Begins to listen for OSC. @param number 0 = any that is free. @throws Refusal 422 if it is taken, or none */
    synchronized void listen(int number) {
        stop();
        osc.listen(number, OscEar::new);
    }

    synchronized void stop() {
        osc.close();
        moved.clear();
        malformed = 0;
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        stop();
    }

    private final class OscEar extends Ear {
        OscEar(int port) throws IOException {
            super("OSC", addresses.listening(), port);
        }

        @Override
        protected void take(ByteBuffer datagram, InetSocketAddress from) {
            if (!addresses.isAllowed(from.getAddress())) {
                return;
            }
            var packet = OscPacket.read(datagram);
            if (packet.isEmpty()) {
                synchronized (Controls.this) {
                    malformed++;
                }
                return;
            }
            for (var message : packet.get().messages()) {
                if (!message.values().isEmpty() && message.address().length() <= LONGEST) {
                    message.values().getFirst().number().ifPresent(value -> heard(new MovedControl(message.address(), value, 0, 1)));
                }
            }
        }
    }

    /** Of a universe that came in, what differs from the frame before. */
    private void slots(int universe, byte[] levels) {
        var was = before.put(universe, levels.clone());
        if (was == null || Arrays.equals(was, levels)) {
            return;
        }
        for (int i = 0; i < levels.length; i++) {
            if (levels[i] != was[i]) {
                heard(new MovedControl("slot " + universe + "." + (i + 1), levels[i] & 0xff, 0, OF_A_SLOT));
            }
        }
    }

    private void heard(MovedControl now) {
        synchronized (this) {
            moved.remove(now.name());
            moved.put(now.name(), now);
            if (moved.size() > MOST) {
                moved.remove(moved.keySet().iterator().next());
            }
        }
        listeners.forEach(each -> each.moved(now.name(), now.value()));
    }
}
