package yellowkite.core.chart.meaning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;

/** The wheels of a chart, made out of the ranges that bring in their slots. Not for several threads. */
final class WheelMaker {
    private static final Pattern ATTRIBUTE = Pattern.compile("^(Gobo|Color|Prism|AnimationWheel)(\\d+).*");
    private static final Map<String, String> KINDS = Map.of("Gobo", "Gobo wheel", "Color", "Colour wheel", "Prism", "Prism",
            "AnimationWheel", "Animation wheel");

    private final Map<String, List<String>> wheels = new LinkedHashMap<>();

    /** {@return the name of the wheel that an attribute selects from} */
    static String nameFor(String attribute) {
        var found = ATTRIBUTE.matcher(attribute);
        return found.matches() ? KINDS.get(found.group(1)) + " " + found.group(2) : "";
    }

    /** {@return the slot's number, counted from 1} The same words in another row mean the same slot; "Gobo 1" means "Gobo 1 (Ferns)". */
    int slot(String wheel, String words) {
        var slots = wheels.computeIfAbsent(wheel, none -> new ArrayList<>());
        var key = key(words);
        for (int i = 0; i < slots.size(); i++) {
            if (key(slots.get(i)).equals(key)) {
                return i + 1;
            }
        }
        for (int i = 0; i < slots.size(); i++) {
            var known = key(slots.get(i));
            if (known.startsWith(key + " ") || key.startsWith(known + " ") && known.matches(".*\\d")) {
                return i + 1;
            }
            if (number(key) > 0 && number(key) == number(known)) {
                return i + 1;
            }
        }
        slots.add(words);
        return slots.size();
    }

    /** "Gobo 3", "Rotating gobo 3" and "Pos 3" are the third. */
    private static int number(String key) {
        var found = Pattern.compile("^(?:rot(?:ating)? |static |fixed )?(?:gobo|slot|pos|position|color|prism|pattern) (\\d{1,2})\\b")
            .matcher(key);
        return found.find() ? Integer.parseInt(found.group(1)) : 0;
    }

    private static String key(String words) {
        var plain = words.toLowerCase(Locale.ROOT).replace("colour", "color").replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
        return plain.matches("open.*|no gobo|no color|no prism|white open|clear") ? "open" : plain;
    }

    /** Slots that a wheel has already, in order. */
    void know(String wheel, List<String> slots) {
        wheels.put(wheel, new ArrayList<>(slots));
    }

    List<String> slots(String wheel) {
        return wheels.getOrDefault(wheel, List.of());
    }

    boolean has(String wheel) {
        return wheels.containsKey(wheel);
    }

    List<WheelProposal> wheels() {
        return wheels.entrySet().stream().map(each -> new WheelProposal(each.getKey(), each.getValue())).toList();
    }
}
