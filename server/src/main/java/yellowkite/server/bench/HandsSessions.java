package yellowkite.server.bench;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Fader;
import yellowkite.core.bench.Hands;
import yellowkite.core.rig.UnitPath;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Fixtures in somebody's hands. What they show is no state that has to survive: with the page that shows them they are let go. */
@Service
class HandsSessions {
    private static final int MOST = 64;
    private final Modes modes;
    private final Addresses addresses;
    private final LiveOutput live;
    private final RigTaking rigs;
    private final RigShow show;
    private final Cache<String, Session> sessions = Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(Duration.ofHours(12)).build();

    HandsSessions(Modes modes, Addresses addresses, LiveOutput live, RigTaking rigs, RigShow show, Controls controls) {
        controls.onMoves(this::moved);
        this.modes = modes;
        this.addresses = addresses;
        this.live = live;
        this.rigs = rigs;
        this.show = show;
        live.onBreak(this::rest);
    }

    /** One fixture in hands. Changes one after the other. */
    static final class Session {
        private final String id;
        private final StoredRevision revision;
        private final HandsPlace place;
        private Hands hands;
        private final Map<String, Fader> faders = new TreeMap<>();

        Session(String id, StoredRevision revision, HandsPlace place) {
            this.id = id;
            this.revision = revision;
            this.place = place;
            this.hands = place.start();
        }

        String id() {
            return id;
        }

        StoredRevision revision() {
            return revision;
        }

        HandsPlace place() {
            return place;
        }

        synchronized Hands hands() {
            return hands;
        }

        synchronized List<Fader> faders() {
            return List.copyOf(faders.values());
        }

        /** One control moves one channel. */
        synchronized void lay(Fader fader) {
            faders.put(fader.control(), fader);
        }

        synchronized void lift(String control) {
            faders.remove(control);
        }
    }

    /** Takes a fixture in hand; nothing goes out yet. @throws Refusal 422 with the field that does not fit */
    Session begin(String pin, String mode, String destination, int universe, int address) {
        var revision = modes.revision(pin);
        var to = addresses.require(destination, universe);
        var id = UUID.randomUUID().toString();
        var fixture = new LiveFixture(modes.mode(revision, mode), to.toString(), universe, address);
        return kept(new Session(id, revision, new HandsPlace.Alone(fixture, id, live, addresses)));
    }

    /** Takes a unit of a rig in hand; nothing goes out yet. @throws Refusal 404 if it is gone, 422 if it cannot be */
    Session begin(String rigId, String uuid, String destination) {
        var state = rigs.require(rigId);
        var unit = state.rig().find(uuid).orElseThrow(() -> Refusal.notFound("This unit is not in the rig any more."));
        if (!unit.hasAddress()) {
            throw Refusal.unfit("unit", "Unit " + unit.called() + " has no address.");
        }
        var mode = rigs.compiled(unit.found())
            .orElseThrow(() -> Refusal.unfit("unit", "Nobody knows what unit " + unit.called() + " is made of."));
        int universe = unit.addresses().getFirst().universe();
        var to = addresses.require(RigShow.way(state.rig(), universe, destination), universe);
        return kept(new Session(UUID.randomUUID().toString(), modes.revision(unit.found().pin()), new HandsPlace.InRig(rigId, state.name(),
                unit, Hands.atStart(UnitPath.of(mode, unit.adjustments())), to.toString(), destination, show)));
    }

    private Session kept(Session session) {
        sessions.put(session.id, session);
        return session;
    }

    Session require(String id) {
        var session = sessions.getIfPresent(id);
        if (session == null) {
            throw Refusal.notFound("This fixture was let go. Take it in hand again.");
        }
        return session;
    }

    boolean isLive(Session session) {
        return session.place.isLive();
    }

    /** It goes live, or dark at its start values. */
    void live(Session session, boolean on, Author author) {
        if (!on) {
            session.place.end();
            return;
        }
        try {
            session.place.goLive(author.name());
            session.place.send(session.hands(), 0);
        } catch (IOException failed) {
            throw Refusal.unfit("destination", "The output cannot be started here.");
        }
    }

    /** {@return what a change passes over} What the fixture shows becomes another. @param seconds it takes to get there */
    List<Hands.Passed> change(Session session, UnaryOperator<Hands> change, double seconds) {
        synchronized (session) {
            try {
                var next = change.apply(session.hands);
                var passed = session.hands.passes(next);
                session.hands = next;
                session.place.send(next, seconds);
                return passed;
            } catch (IllegalArgumentException unfit) {
                throw Refusal.unfit("values", String.valueOf(unfit.getMessage()));
            }
        }
    }

    /** What was set does not come back by itself with the next move. */
    private void rest() {
        for (var session : sessions.asMap().values()) {
            synchronized (session) {
                session.hands = session.place.isLive() ? session.place.start() : session.hands;
            }
        }
    }

    private void moved(String control, double value) {
        for (var session : sessions.asMap().values()) {
            session.faders()
                .stream()
                .filter(each -> each.control().equals(control))
                .forEach(fader -> move(session, fader, value));
        }
    }

    private void move(Session session, Fader fader, double value) {
        try {
            change(session, hands -> {
                int channel = fader.channel();
                return hands.with(channel, fader.raw(value, hands.mode().map().channels().get(channel).channel().max()));
            }, 0);
        } catch (Refusal changed) { // the unit is something else by now
            session.lift(fader.control());
        }
    }

    /** It is let go. A rig that it is a unit of stays live. */
    void end(Session session) {
        if (session.place instanceof HandsPlace.Alone alone) {
            alone.end();
        }
        sessions.invalidate(session.id);
    }
}
