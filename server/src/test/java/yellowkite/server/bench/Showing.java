package yellowkite.server.bench;

import java.net.URI;
import yellowkite.output.Telemetry;
import yellowkite.sim.RunningSim;

/** What a simulated fixture gets. */
final class Showing {
    private Showing() {}

    /** {@return the level of one of its addresses, from 1, once it is that, or at the end of a while} */
    static int shown(RunningSim sim, int address, int hoped) throws Exception {
        int level = -1;
        try (var telemetry = new Telemetry(URI.create(sim.telemetry()))) {
            for (int i = 0; i < 200 && level != hoped; i++) {
                Thread.sleep(50);
                level = telemetry.look().dmx().getOrDefault(address, -1);
            }
        }
        return level;
    }
}
