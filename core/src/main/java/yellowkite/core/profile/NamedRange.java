package yellowkite.core.profile;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * A named part of a function: GDTF {@code ChannelSet}. It ends one below the next range's start, or with its function.
 *
 * @param name may be empty
 * @param physicalFrom physical value at its first DMX value; null if it follows the function's line
 * @param physicalTo physical value at its last DMX value; null if it follows the function's line
 * @param slot wheel slot, 1 = the wheel's first; 0 = none
 * @param subRanges further quantities that go along
 */
public record NamedRange(int id, String name, DmxValue dmxFrom, @Nullable Double physicalFrom, @Nullable Double physicalTo,
        int slot, List<SubRange> subRanges, Source source) {

    public NamedRange {
        subRanges = List.copyOf(subRanges);
    }

    /** {@return a range that follows its function's line and points at no slot} */
    public static NamedRange of(int id, String name, DmxValue dmxFrom) {
        return new NamedRange(id, name, dmxFrom, null, null, 0, List.of(), Source.NONE);
    }

    /**
     * A further quantity of the range, such as the duty cycle of a strobe: GDTF {@code SubChannelSet}.
     *
     * @param subPhysicalUnit which of the attribute's sub-units it counts
     * @param dmxProfile name of its curve; empty = none
     */
    public record SubRange(String name, double physicalFrom, double physicalTo, String subPhysicalUnit, String dmxProfile, Source source) {}

    /** {@return the same range as another node} */
    public NamedRange withId(int to) {
        return new NamedRange(to, name, dmxFrom, physicalFrom, physicalTo, slot, subRanges, source);
    }

    public NamedRange withName(String to) {
        return new NamedRange(id, to, dmxFrom, physicalFrom, physicalTo, slot, subRanges, source);
    }

    public NamedRange withDmxFrom(DmxValue to) {
        return new NamedRange(id, name, to, physicalFrom, physicalTo, slot, subRanges, source);
    }

    public NamedRange withPhysical(@Nullable Double from, @Nullable Double to) {
        return new NamedRange(id, name, dmxFrom, from, to, slot, subRanges, source);
    }

    public NamedRange withSlot(int to) {
        return new NamedRange(id, name, dmxFrom, physicalFrom, physicalTo, to, subRanges, source);
    }
}
