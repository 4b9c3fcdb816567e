package yellowkite.output;

import java.io.IOException;
import java.util.Optional;
import yellowkite.core.wire.rdm.DeviceInfo;

/** A way to a fixture. */
public interface Line extends AutoCloseable {
    /** Sends a universe. @param universe from 1. @param levels 512 of them */
    void send(int universe, byte[] levels) throws IOException;

    /** Ends a universe: its source is gone. */
    void end(int universe) throws IOException;

    /** {@return the universe that the fixture hears, where that is known} */
    Optional<Integer> universe() throws IOException;

    /** {@return what the first fixture there says of itself, where the protocol lets it} */
    Optional<DeviceInfo> info(int universe) throws IOException;

    @Override
    void close();
}
