package yellowkite.core.rig.edit;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.rig.At;

/**
 * One line that adds units, read as one would say it: {@code 8 Petrel Spot Extended from 2.1 as 201, name Rail 1}. After the fixture come,
 * in any order and with commas or without, {@code from} an address, {@code next free} and {@code as} an id; after a comma {@code name},
 * {@code layer}, {@code group}, {@code position}, {@code on} a unit, and {@code shared}.
 *
 * @param what the fixture's words: manufacturer, model, mode
 * @param at null = next free. @param id null = the next one. @param name null = the model's
 * @param on id of the unit that they hang on; null = they stand for themselves
 */
public record AddLine(int count, String what, @Nullable String at, @Nullable String id, @Nullable String name, String layer,
        List<String> groups, @Nullable String position, @Nullable String on, boolean shared) {
    private static final Pattern COUNT = Pattern.compile("^(\\d{1,9})\\s*(?:[x\\u00D7](?=\\s))?(?:\\s+|$)");
    private static final Pattern FREE = Pattern.compile("(?i)\\s+next\\s+free$");
    private static final Pattern FROM = Pattern.compile("(?i)\\s+(?:from|at)\\s+(\\S+)$");
    private static final Pattern AS = Pattern.compile("(?i)\\s+as\\s+(\\S+)$");
    private static final Pattern PART = Pattern
        .compile("(?i)^(next free|from|at|as|name|layer|groups?|position|on|shared)(?:\\s+(.+))?$");
    private static final String EXAMPLE = "such as '8 Petrel Spot Extended from 2.1 as 201, name Rail 1'.";

    public AddLine {
        groups = List.copyOf(groups);
    }

    /** @throws IllegalArgumentException with a sentence, if it cannot be understood */
    public static AddLine of(String text) {
        var reading = new Reading();
        var parts = Arrays.stream(text.split(",")).map(String::strip).toList();
        reading.fixture(parts.getFirst());
        parts.stream().skip(1).filter(part -> !part.isEmpty()).forEach(reading::part);
        return reading.done();
    }

    private static final class Reading {
        private int count = 1;
        private String what = "";
        private @Nullable String at;
        private @Nullable String id;
        private @Nullable String name;
        private String layer = "";
        private List<String> groups = List.of();
        private @Nullable String position;
        private @Nullable String on;
        private boolean shared;

        void fixture(String text) {
            var rest = text;
            var number = COUNT.matcher(rest);
            if (number.find()) {
                count = Integer.parseInt(number.group(1));
                rest = rest.substring(number.end());
            }
            for (boolean more = true; more;) {
                var free = FREE.matcher(rest);
                var from = FROM.matcher(rest);
                var as = AS.matcher(rest);
                more = true;
                if (free.find()) {
                    at = null;
                    rest = rest.substring(0, free.start());
                } else if (from.find() && Character.isDigit(from.group(1).charAt(0))) {
                    at = address(from.group(1));
                    rest = rest.substring(0, from.start());
                } else if (as.find()) {
                    id = as.group(1);
                    rest = rest.substring(0, as.start());
                } else {
                    more = false;
                }
            }
            what = rest.strip();
        }

        void part(String text) {
            var part = PART.matcher(text);
            if (!part.matches()) {
                throw new IllegalArgumentException("'" + text + "' is not understood. After a comma come from, next free, as, name, layer,"
                        + " group, position, on or shared, " + EXAMPLE);
            }
            var word = part.group(1).toLowerCase(Locale.ROOT);
            var value = part.group(2) == null ? "" : part.group(2).strip();
            boolean alone = word.equals("next free") || word.equals("shared");
            if (alone != value.isEmpty()) {
                throw new IllegalArgumentException(alone ? "After '" + word + "' nothing follows but a comma; '" + value + "' is too much."
                        : "'" + word + "' is followed by something, " + EXAMPLE);
            }
            switch (word) {
                case "next free" -> at = null;
                case "from", "at" -> at = address(value);
                case "as" -> id = value;
                case "name" -> name = value;
                case "layer" -> layer = value;
                case "group", "groups" -> groups = Arrays.stream(value.split("[/+]")).map(String::strip).toList();
                case "position" -> position = value;
                case "on" -> on = value;
                default -> shared = true;
            }
        }

        private static String address(String text) {
            return At.of(text).toString();
        }

        AddLine done() {
            if (what.isEmpty()) {
                throw new IllegalArgumentException("Say which fixture, " + EXAMPLE);
            }
            if (count < 1 || count > AddUnits.MOST) {
                throw new IllegalArgumentException("At once 1 to " + AddUnits.MOST + " units are added, not " + count + ".");
            }
            return new AddLine(count, what, at, id, name, layer, groups, position, on, shared);
        }
    }
}
