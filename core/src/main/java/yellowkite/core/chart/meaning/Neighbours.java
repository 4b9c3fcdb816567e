package yellowkite.core.chart.meaning;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What stood before in the same mode: evidence for what comes next. Not for several threads. */
final class Neighbours {
    private static final Pattern NUMBER = Pattern.compile("\\d+");

    /** By kind of wheel ("Gobo", "Color", "Prism" ...) the number of the last one, and of the last one that turns. */
    private final Map<String, Integer> last = new HashMap<>();
    private final Map<String, Integer> turning = new HashMap<>();
    private final Map<String, String> words = new HashMap<>();
    private final Set<String> used = new HashSet<>();
    private final List<String> order = new ArrayList<>();
    private final boolean additive;
    private final boolean subtractive;

    /** @param all the words of all channels of the mode */
    Neighbours(List<Phrase> all) {
        additive = List.of("red", "green", "blue")
            .stream()
            .allMatch(color -> all.stream().anyMatch(each -> each.has(color, color.substring(0, 1))));
        subtractive = List.of("cyan", "magenta", "yellow").stream().allMatch(color -> all.stream().anyMatch(each -> each.has(color)));
    }

    /** {@return whether the mode mixes with lamps of several colours} */
    boolean isAdditive() {
        return additive;
    }

    boolean isSubtractive() {
        return subtractive && !additive;
    }

    /** {@return the number of a new wheel: the stated one, else the next that is free} */
    int nextNumber(String kind, int stated) {
        return stated > 0 && !used.contains(kind + stated) ? stated : last.getOrDefault(kind, 0) + 1;
    }

    /** {@return the number of the wheel that turns, else of the last one; 0 without any} */
    int turningNumber(String kind, int stated) {
        return stated > 0 && used.contains(kind + stated) ? stated : turning.getOrDefault(kind, last.getOrDefault(kind, 0));
    }

    @Nullable
    String wordsOf(String attribute) {
        return words.get(attribute);
    }

    @Nullable
    String lastAttribute() {
        return order.isEmpty() ? null : order.getLast();
    }

    boolean has(String attribute) {
        return used.contains(attribute);
    }

    void add(@Nullable String attribute, String channelWords, boolean turns) {
        if (attribute == null) {
            return;
        }
        used.add(attribute);
        order.add(attribute);
        words.putIfAbsent(attribute, channelWords);
        var number = NUMBER.matcher(attribute);
        if (number.find() && number.end() == attribute.length()) {
            var kind = attribute.substring(0, number.start());
            last.merge(kind, Integer.parseInt(number.group()), Math::max);
            if (turns) {
                turning.put(kind, Integer.parseInt(number.group()));
            }
        }
    }
}
