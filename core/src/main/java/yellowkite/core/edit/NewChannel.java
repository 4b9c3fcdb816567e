package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A channel to be added.
 *
 * @param attribute defined in the profile or in the standard's list
 * @param words what the chart calls it; empty = the attribute's pretty name
 * @param bytes in [1, 4]; 0 = virtual
 * @param geometry the part that it moves or lights; null = the one that fits the attribute
 * @param addresses as many as bytes; null = the next free ones
 * @param ranges named ranges of its function; null = none
 */
public record NewChannel(String attribute, String words, int bytes, @Nullable String geometry, @Nullable List<Integer> addresses,
        @Nullable List<SetRanges.Row> ranges) {
    public NewChannel {
        addresses = addresses == null ? null : List.copyOf(addresses);
        ranges = ranges == null ? null : List.copyOf(ranges);
    }
}
