package yellowkite.core.rig;

import yellowkite.core.dmx.AddressMap;

/**
 * Where one DMX break of a unit stands.
 *
 * @param dmxBreak as its profile numbers it
 * @param footprint addresses from {@code at} on, in [1, {@link #MOST}]
 */
public record Patch(int dmxBreak, At at, int footprint) {
    /** More than any mode takes; what runs over a universe's end is told. */
    public static final int MOST = 65_536;

    public Patch {
        if (footprint < 1 || footprint > MOST) {
            throw new IllegalArgumentException("A footprint has 1 to " + MOST + " addresses, not " + footprint + ".");
        }
    }

    public int universe() {
        return at.universe();
    }

    public int from() {
        return at.address();
    }

    /** {@return its last address; above 512 where it runs over the universe's end} */
    public int to() {
        return at.address() + footprint - 1;
    }

    public boolean overruns() {
        return to() > AddressMap.UNIVERSE;
    }

    public Patch movedTo(At to) {
        return new Patch(dmxBreak, to, footprint);
    }

    /** {@return such as {@code 2.1}, of one among several breaks {@code break 2: 3.1}} */
    public String words(boolean isOneOfSeveral) {
        return isOneOfSeveral ? "break " + dmxBreak + ": " + at : at.toString();
    }
}
