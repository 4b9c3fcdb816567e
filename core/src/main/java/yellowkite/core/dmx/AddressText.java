package yellowkite.core.dmx;

import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Addresses as a technician reads them. */
public final class AddressText {
    private AddressText() {}

    /** {@return {@code 14}, {@code 1–2} for neighbours, {@code 5, 9} for others; {@code virtual} where there are none} */
    public static String of(List<Integer> addresses) {
        if (addresses.isEmpty()) {
            return "virtual";
        }
        for (int i = 1; i < addresses.size(); i++) {
            if (addresses.get(i) != addresses.get(i - 1) + 1) {
                return addresses.stream().map(String::valueOf).collect(Collectors.joining(", "));
            }
        }
        return addresses.size() == 1 ? String.valueOf(addresses.getFirst()) : addresses.getFirst() + "–" + addresses.getLast();
    }

    /** {@return the same, with the break before it} @param dmxBreak null where the mode has one only, or the channel no address */
    public static String of(@Nullable Integer dmxBreak, List<Integer> addresses) {
        return dmxBreak == null ? of(addresses) : "break " + dmxBreak + ": " + of(addresses);
    }
}
