package yellowkite.core.rig;

import java.util.List;
import java.util.stream.IntStream;

/**
 * The nine switches by which an older fixture is addressed: switch 1 counts 1, switch 9 counts 256.
 *
 * @param value that they show together
 * @param on of switches 1 to 9
 * @param fits whether nine switches can show it
 */
public record DipSwitches(int value, List<Boolean> on, boolean fits) {
    private static final int COUNT = 9;

    public DipSwitches {
        on = List.copyOf(on);
    }

    /**
     * {@return how they stand}
     *
     * @param address in [1, 512]
     * @param fromZero whether address 1 is set as 0, else as 1
     * @param offset that is added, since some fixtures take other settings on the same switches
     */
    public static DipSwitches of(int address, boolean fromZero, int offset) {
        int value = address - (fromZero ? 1 : 0) + offset;
        return new DipSwitches(value, IntStream.range(0, COUNT).mapToObj(i -> (value >> i & 1) == 1).toList(), value < 1 << COUNT);
    }
}
