package yellowkite.core.dmx;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Wheel;

/** Which slot of a wheel a named range is called after, if any. */
public final class SlotNames {
    private SlotNames() {}

    /**
     * {@return the slot that a range is called after, 1 = the first; none if that is the one that it brings in, or no slot, or more than
     * one}
     */
    public static Optional<Integer> other(Wheel wheel, NamedRange range) {
        if (wheel.findSlot(range.slot()).filter(each -> !each.name().isBlank()).isEmpty()
                || contains(range.name(), wheel.slots().get(range.slot() - 1).name())) {
            return Optional.empty();
        }
        var named = IntStream.rangeClosed(1, wheel.slots().size())
            .filter(slot -> isWord(range.name(), wheel.slots().get(slot - 1).name()))
            .boxed()
            .toList();
        return named.size() == 1 ? Optional.of(named.getFirst()) : Optional.empty();
    }

    /** {@return whether the name of a range holds that of a slot} */
    public static boolean contains(String range, String slot) {
        return !slot.isBlank() && range.toLowerCase(Locale.ROOT).contains(slot.strip().toLowerCase(Locale.ROOT));
    }

    /** Whole words only: 'Red' is no part of 'Infrared'. */
    private static boolean isWord(String range, String slot) {
        return contains(range, slot) && Pattern.compile("(?iU)(?<!\\w)" + Pattern.quote(slot.strip()) + "(?!\\w)").matcher(range).find();
    }
}
