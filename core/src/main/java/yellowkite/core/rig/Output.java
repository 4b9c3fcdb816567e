package yellowkite.core.rig;

import java.util.Optional;
import java.util.regex.Pattern;

/** Where a universe leaves the house. @param to port, IP address or port-address, as it is written there; empty for a multicast */
public record Output(Kind kind, String to) {
    public static final Output NONE = new Output(Kind.NONE, "");
    /** Source: Art-Net 4, port-address: 7 bits of net, 4 of sub-net, 4 of universe. */
    private static final int MOST_PORT_ADDRESS = 32_767;
    private static final String BYTE = "(25[0-5]|2[0-4]\\d|1?\\d?\\d)";
    private static final Pattern IP = Pattern.compile(BYTE + "(\\." + BYTE + "){3}");

    /** How it is sent. */
    public enum Kind {
        NONE, DMX, SACN_MULTICAST, SACN_UNICAST, ART_NET
    }

    /** {@return why it cannot be sent so, as a sentence; none if it can} */
    public Optional<String> flaw() {
        return switch (kind) {
            case NONE, SACN_MULTICAST -> to.isEmpty() ? Optional.empty()
                    : Optional.of(kind == Kind.NONE ? "Say first how the universe is sent." : "A multicast has no address of its own.");
            case DMX -> Optional.empty();
            case SACN_UNICAST -> to.isEmpty() || IP.matcher(to).matches() ? Optional.empty()
                    : Optional.of("'" + to + "' is no IP address, such as 10.0.0.21.");
            case ART_NET -> to.isEmpty() || to.matches("\\d{1,5}") && Integer.parseInt(to) <= MOST_PORT_ADDRESS ? Optional.empty()
                    : Optional.of("'" + to + "' is no port-address, which is from 0 to " + MOST_PORT_ADDRESS + ".");
        };
    }
}
