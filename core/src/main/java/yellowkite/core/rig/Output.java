package yellowkite.core.rig;

/** Where a universe leaves the house. @param to port, IP address or port-address, as it is written there; empty for a multicast */
public record Output(Kind kind, String to) {
    public static final Output NONE = new Output(Kind.NONE, "");

    /** How it is sent. */
    public enum Kind {
        NONE, DMX, SACN_MULTICAST, SACN_UNICAST, ART_NET
    }
}
