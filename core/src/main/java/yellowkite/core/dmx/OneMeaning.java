package yellowkite.core.dmx;

import java.util.List;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.NamedRange;

/**
 * Functions that differ in nothing but when they count: the standard gives each one stretch of a master's values (GDTF
 * {@code ChannelFunction/@ModeMaster}), so that a function that counts in several stretches stands there several times. The further ones are
 * called after the first, with a number.
 */
public final class OneMeaning {
    private OneMeaning() {}

    /** {@return the functions that mean the same as that one, in order, it among them; alone if there are no others} */
    public static List<ChannelFunction> of(Channel channel, ChannelFunction function) {
        return channel.findOwner(function).map(logical -> logical.functions().stream().filter(each -> first(logical, each) == first(logical, function)).toList()).orElse(List.of(function));
    }

    /** {@return the first function of that meaning} */
    public static ChannelFunction first(LogicalChannel logical, ChannelFunction function) {
        return function.modeMaster().isEmpty() ? function
                : logical.functions().stream().filter(each -> !each.modeMaster().isEmpty() && isCalledAfter(logical.nameOf(each), logical.nameOf(function)) && bare(each).equals(bare(function))).findFirst().orElse(function);
    }

    private static boolean isCalledAfter(String first, String name) {
        return name.equals(first) || name.startsWith(first + " ") && name.substring(first.length() + 1).matches("\\d{1,4}");
    }

    /** What it means: all but its name, its ids and when it counts. */
    private static ChannelFunction bare(ChannelFunction function) {
        return function.withId(0).with(f -> {
            f.name = "";
            f.modeMaster = "";
            f.modeFrom = DmxValue.ZERO;
            f.modeTo = DmxValue.ZERO;
            f.ranges = f.ranges.stream().map(OneMeaning::bare).toList();
        });
    }

    private static NamedRange bare(NamedRange range) {
        return new NamedRange(0, range.name(), range.dmxFrom(), range.physicalFrom(), range.physicalTo(), range.slot(), range.subRanges(), range.source());
    }
}
