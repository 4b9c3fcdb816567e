package yellowkite.sim;

import java.io.IOException;

/** A simulated fixture with its doors open, until it is closed. */
public final class RunningSim implements AutoCloseable {
    private final ArtNetNode artNet;
    private final SacnReceiver sacn;
    private final TelemetryServer telemetry;

    /** Ports of this machine alone; 0 = any that is free. @throws IOException if one is taken */
    public RunningSim(SimulatedFixture fixture, int artNetPort, int sacnPort, int telemetryPort) throws IOException {
        ArtNetNode art = null;
        SacnReceiver receiver = null;
        try {
            art = new ArtNetNode(fixture, artNetPort);
            receiver = new SacnReceiver(fixture, sacnPort);
            telemetry = new TelemetryServer(fixture, telemetryPort);
        } catch (IOException | IllegalArgumentException taken) {
            if (art != null) {
                art.close();
            }
            if (receiver != null) {
                receiver.close();
            }
            throw taken;
        }
        artNet = art;
        sacn = receiver;
        artNet.open();
        sacn.open();
    }

    public int artNetPort() {
        return artNet.port();
    }

    public int sacnPort() {
        return sacn.port();
    }

    /** {@return where what instruments see is told} */
    public String telemetry() {
        return telemetry.url();
    }

    @Override
    public void close() throws IOException {
        telemetry.close();
        artNet.close();
        sacn.close();
    }
}
