package yellowkite.core.profile;

import org.jspecify.annotations.Nullable;

/**
 * A named part of a function: GDTF {@code ChannelSet}. It ends one below the next range's start, or with its function.
 *
 * @param name         may be empty
 * @param physicalFrom physical value at its first DMX value; null if it follows the function's line
 * @param physicalTo   physical value at its last DMX value; null if it follows the function's line
 * @param slot         wheel slot, 1 = the wheel's first; 0 = none
 */
public record NamedRange(int id, String name, DmxValue dmxFrom, @Nullable Double physicalFrom, @Nullable Double physicalTo,
        int slot, Source source) {

    public NamedRange withName(String to) {
        return new NamedRange(id, to, dmxFrom, physicalFrom, physicalTo, slot, source);
    }

    public NamedRange withDmxFrom(DmxValue to) {
        return new NamedRange(id, name, to, physicalFrom, physicalTo, slot, source);
    }

    public NamedRange withPhysical(@Nullable Double from, @Nullable Double to) {
        return new NamedRange(id, name, dmxFrom, from, to, slot, source);
    }

    public NamedRange withSlot(int to) {
        return new NamedRange(id, name, dmxFrom, physicalFrom, physicalTo, to, source);
    }
}
