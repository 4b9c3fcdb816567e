package yellowkite.core.rig;

import java.util.Comparator;
import java.util.regex.Pattern;
import yellowkite.core.dmx.AddressMap;

/**
 * An address of a rig.
 *
 * @param universe in [1, {@link #MOST_UNIVERSES}], as sACN counts them
 * @param address in [1, 512]
 * @throws IllegalArgumentException with a sentence, if there is no such address
 */
public record At(int universe, int address) implements Comparable<At> {
    /** Source: sACN, universe numbers. */
    public static final int MOST_UNIVERSES = 63_999;
    private static final Pattern TWO = Pattern.compile("(\\d{1,9})\\s*[./]\\s*(\\d{1,9})");
    private static final Pattern ONE = Pattern.compile("\\d{1,9}");
    private static final Comparator<At> ORDER = Comparator.comparingInt(At::universe).thenComparingInt(At::address);

    public At {
        if (universe < 1 || universe > MOST_UNIVERSES) {
            throw new IllegalArgumentException(
                    "Universe " + universe + " does not exist: there are universes 1 to " + MOST_UNIVERSES + ".");
        }
        if (address < 1 || address > AddressMap.UNIVERSE) {
            throw new IllegalArgumentException(
                    "Address " + address + " does not exist: a universe has addresses 1 to " + AddressMap.UNIVERSE + ".");
        }
    }

    /**
     * {@return the address that is written {@code U.A}, {@code U/A}, or as one absolute number: 513 is 2.1}
     *
     * @throws IllegalArgumentException with a sentence, if it is none
     */
    public static At of(String text) {
        var written = text.strip();
        var two = TWO.matcher(written);
        if (two.matches()) {
            return new At(Integer.parseInt(two.group(1)), Integer.parseInt(two.group(2)));
        }
        if (!ONE.matcher(written).matches()) {
            throw new IllegalArgumentException("'" + written
                    + "' is no address. Write universe and address, such as 2.1, or the absolute address, such as 513.");
        }
        int absolute = Integer.parseInt(written);
        if (absolute < 1) {
            throw new IllegalArgumentException("Address 0 does not exist: addresses begin at 1.");
        }
        return new At((absolute - 1) / AddressMap.UNIVERSE + 1, (absolute - 1) % AddressMap.UNIVERSE + 1);
    }

    /** {@return its number where universes are counted through: 2.1 is 513} */
    public int absolute() {
        return (universe - 1) * AddressMap.UNIVERSE + address;
    }

    @Override
    public int compareTo(At other) {
        return ORDER.compare(this, other);
    }

    /** {@return {@code U.A}} */
    @Override
    public String toString() {
        return universe + "." + address;
    }
}
