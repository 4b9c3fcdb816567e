package yellowkite.server.bench;

import java.io.IOException;
import org.jspecify.annotations.Nullable;
import yellowkite.core.wire.Ear;
import yellowkite.server.web.Refusal;

/** A port of this machine that is listened at, or not. Not for several threads. */
final class Port {
    private static final int LARGEST = 65_535;
    private @Nullable Ear ear;

    /** How an ear comes to be. */
    interface Opening {
        Ear at(int port) throws IOException;
    }

    /** Begins to listen, instead of before. @param number 0 = any that is free. @throws Refusal 422 if it is taken, or none */
    void listen(int number, Opening opening) {
        if (number < 0 || number > LARGEST) {
            throw Refusal.unfit("port", "A port is from 1 to 65535.");
        }
        close();
        try {
            var opened = opening.at(number);
            opened.open();
            ear = opened;
        } catch (IOException taken) {
            throw Refusal.unfit("port", "Port " + number + " is taken by another program. Close that, or listen at another port.");
        }
    }

    /** {@return its number; 0 while nobody listens} */
    int number() {
        return ear == null ? 0 : ear.port();
    }

    void close() {
        var closing = ear;
        ear = null;
        if (closing != null) {
            try {
                closing.close();
            } catch (IOException gone) {
                // it does not listen any more, which is what was wanted
            }
        }
    }
}
