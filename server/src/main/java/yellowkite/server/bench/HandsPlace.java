package yellowkite.server.bench;

import java.io.IOException;
import java.util.List;
import yellowkite.core.bench.Hands;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.Unit;
import yellowkite.output.Command;

/** Where a fixture in hand is, and how what it is told gets there. */
sealed interface HandsPlace {
    CompiledMode mode();

    /** {@return what it shows first} */
    Hands start();

    String destination();

    int universe();

    /** {@return of its first slot, from 1} */
    int address();

    boolean isLive();

    void goLive(String author) throws IOException;

    /** @param seconds that it takes to get there; 0 = at once */
    void send(Hands hands, double seconds);

    void end();

    /** Its universe has nothing else in it. @param id of the session that holds it */
    record Alone(LiveFixture fixture, String id, LiveOutput live, Addresses addresses) implements HandsPlace {
        @Override
        public CompiledMode mode() {
            return fixture.mode();
        }

        @Override
        public Hands start() {
            return Hands.atStart(fixture.mode());
        }

        @Override
        public String destination() {
            return fixture.destination();
        }

        @Override
        public int universe() {
            return fixture.universe();
        }

        @Override
        public int address() {
            return fixture.address();
        }

        @Override
        public boolean isLive() {
            return live.isHeldBy(fixture.universe(), id);
        }

        @Override
        public void goLive(String author) throws IOException {
            addresses.require(fixture.destination(), fixture.universe()); // the house may have taken it back
            live.open(fixture.opening(), author, new LiveOutput.Holder(id, "Hands on " + fixture.called(), fixture.owners()));
        }

        @Override
        public void send(Hands hands, double seconds) {
            int at = fixture.address();
            live.send(id, new Command.Levels(fixture.universe(), hands.levels(at), seconds, hands.wide(at), hands.jumps(at)));
        }

        @Override
        public void end() {
            live.close(fixture.universe(), id);
        }
    }

    /**
     * It is a unit of a rig, and goes live with it: through its adjustments, among all others.
     *
     * @param destination where its own universe goes. @param others where universes of the rig go whose way it does not say
     */
    record InRig(String rigId, String rig, Unit unit, Hands start, String destination, String others, RigShow show) implements HandsPlace {
        @Override
        public CompiledMode mode() {
            return start.mode();
        }

        @Override
        public int universe() {
            return unit.addresses().getFirst().universe();
        }

        @Override
        public int address() {
            return unit.addresses().getFirst().from();
        }

        @Override
        public boolean isLive() {
            return show.isLive(rigId);
        }

        @Override
        public void goLive(String author) {
            show.goLive(rigId, others, author);
        }

        @Override
        public void send(Hands hands, double seconds) {
            show.play(rigId, List.of(new RigShow.Played(unit, hands)), seconds);
        }

        @Override
        public void end() {
            show.end(rigId);
        }
    }
}
