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
import yellowkite.output.Command;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Fixtures in somebody's hands. What they show is no state that has to survive: with the page that shows them they are let go. */
@Service
class HandsSessions {
    private static final int MOST = 64;
    private final Modes modes;
    private final Addresses addresses;
    private final LiveOutput live;
    private final Cache<String, Session> sessions = Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(Duration.ofHours(12)).build();

    HandsSessions(Modes modes, Addresses addresses, LiveOutput live, Controls controls) {
        controls.onMoves(this::moved);
        this.modes = modes;
        this.addresses = addresses;
        this.live = live;
    }

    /** One fixture in hands. Changes one after the other. */
    static final class Session {
        private final String id = UUID.randomUUID().toString();
        private final StoredRevision revision;
        private final LiveFixture fixture;
        private Hands hands;
        private final Map<String, Fader> faders = new TreeMap<>();

        Session(StoredRevision revision, LiveFixture fixture) {
            this.revision = revision;
            this.fixture = fixture;
            this.hands = Hands.atStart(fixture.mode());
        }

        String id() {
            return id;
        }

        StoredRevision revision() {
            return revision;
        }

        LiveFixture fixture() {
            return fixture;
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
        var session = new Session(revision, new LiveFixture(modes.mode(revision, mode), to.toString(), universe, address));
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
        return live.isHeldBy(session.fixture.universe(), session.id);
    }

    /** It goes live, or dark at its start values. */
    void live(Session session, boolean on, Author author) {
        if (!on) {
            live.close(session.fixture.universe(), session.id);
            return;
        }
        try {
            addresses.require(session.fixture.destination(), session.fixture.universe());
            live.open(session.fixture.opening(), author.name(),
                    new LiveOutput.Holder(session.id, "Hands on " + session.fixture.called(), session.fixture.owners()));
            send(session, 0);
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
                send(session, seconds);
                return passed;
            } catch (IllegalArgumentException unfit) {
                throw Refusal.unfit("values", String.valueOf(unfit.getMessage()));
            }
        }
    }

    private void moved(String control, double value) {
        for (var session : sessions.asMap().values()) {
            session.faders()
                .stream()
                .filter(each -> each.control().equals(control))
                .forEach(fader -> change(session, hands -> {
                    int channel = fader.channel();
                    return hands.with(channel, fader.raw(value, hands.mode().map().channels().get(channel).channel().max()));
                }, 0));
        }
    }

    private void send(Session session, double seconds) {
        int at = session.fixture.address();
        var hands = session.hands();
        live.send(session.id, new Command.Levels(session.fixture.universe(), hands.levels(at), seconds, hands.wide(at), hands.jumps(at)));
    }

    void end(Session session) {
        live.close(session.fixture.universe(), session.id);
        sessions.invalidate(session.id);
    }
}
