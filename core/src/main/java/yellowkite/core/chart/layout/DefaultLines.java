package yellowkite.core.chart.layout;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import yellowkite.core.chart.layout.Charted.Entry;
import yellowkite.core.chart.layout.Charted.Mode;
import yellowkite.core.chart.layout.Charted.Row;

/**
 * Start values that no column has: a line of them ("Defaults: Dimmer 0, Red/Green 255"), or words behind a meaning ("0-255, default 127").
 */
final class DefaultLines {
    private static final Pattern LINE = Pattern
        .compile("(?i)^(?:defaults?(?: values?)?|home(?: position)?|start values?)\\s*[:=]\\s*(\\S.*)$");
    private static final Pattern ONE = Pattern.compile("^(.*\\p{L}.*?)\\s*[=:]?\\s+(\\d{1,5}\\s*%?)$");
    private static final Pattern BEHIND = Pattern.compile("(?i)[,;(]?\\s*\\bdefaults?(?: value)?\\s*(?:[:=]|is)?\\s*(\\d{1,5}\\s*%?)\\)?");

    private static final int LONGEST = 1_000;

    private DefaultLines() {}

    /** {@return the start values of a line, by what they are called; empty if it is no such line, or not understood to its end} */
    static Map<String, String> of(String line) {
        var found = LINE.matcher(line.strip());
        var values = new LinkedHashMap<String, String>();
        if (line.length() > LONGEST || !found.matches()) {
            return values;
        }
        for (var part : found.group(1).replaceFirst("[.\\s]+$", "").split("[,;]")) {
            var one = ONE.matcher(part.strip());
            if (!one.matches()) {
                return Map.of();
            }
            for (var name : one.group(1).split("\\s*(?:/|&|\\band\\b)\\s*")) {
                values.put(key(name), one.group(2));
            }
        }
        return values;
    }

    private static String key(String words) {
        return Widths.plain(words).toLowerCase(Locale.ROOT);
    }

    /** {@return the mode with the start values of a line for channels that have none of their own} */
    static Mode with(Mode mode, Map<String, String> values) {
        return new Mode(mode.name(), mode.entries().stream().map(entry -> {
            var value = values.get(key(entry.words()));
            boolean has = entry.rows().isEmpty() || entry.rows().stream().anyMatch(row -> !row.start().isEmpty());
            return value == null || has ? entry : started(entry, value);
        }).toList());
    }

    /** {@return the mode with start values that stand behind the meanings of its rows} */
    static Mode behind(Mode mode) {
        return new Mode(mode.name(), mode.entries().stream().map(DefaultLines::behind).toList());
    }

    private static Entry behind(Entry entry) {
        return entry.withRows(entry.rows().stream().map(DefaultLines::behind).toList());
    }

    private static Row behind(Row row) {
        var found = BEHIND.matcher(row.meaning());
        return row.start().isEmpty() && found.find() ? row.withMeaning(found.replaceFirst("").strip()).withStart(found.group(1)) : row;
    }

    private static Entry started(Entry entry, String value) {
        return entry.withRows(Stream.concat(Stream.of(entry.rows().getFirst().withStart(value)), entry.rows().stream().skip(1)).toList());
    }

    /** {@return whether every name is one of the modes' channels} */
    static boolean areAllThere(List<Mode> modes, Map<String, String> values) {
        var names = modes.stream().flatMap(mode -> mode.entries().stream()).map(entry -> key(entry.words())).toList();
        return !values.isEmpty() && names.containsAll(values.keySet());
    }
}
