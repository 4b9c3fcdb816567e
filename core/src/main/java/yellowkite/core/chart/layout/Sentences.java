package yellowkite.core.chart.layout;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Charting.OpenEntry;
import yellowkite.core.chart.source.Sheet.Line;

/** A chart without columns: each line is a sentence of its own, "Channel 2: Fan speed. 0 to 255 = 0 % to 100 %". */
record Sentences(Charting charting) {
    private static final Pattern SENTENCE = Pattern.compile(
            "(?i)^(?:(?:dmx\\s*)?(?:channels?|ch|kanal)\\.?\\s*)?#?(\\d{1,3}(?:\\s*[-/+&]\\s*\\d{1,3})?)\\s*[:.)\\u2013=-]?\\s+(\\p{L}.*)$");
    private static final Pattern CONDITION = Pattern.compile("(?i)\\((?:while|when|if|only)\\b[^)]{3,80}\\)");

    /** {@return whether the line begins a channel, or says something of the one above} */
    boolean sentence(Line line) {
        var text = BothEnds.inSentence(line.text());
        var within = Values.within(text);
        var begins = SENTENCE.matcher(text);
        if (begins.matches() && (within.isEmpty() || within.get().before().length() > begins.group(1).length())) {
            var addresses = Addresses.of(begins.group(1)).orElse(null);
            if (addresses != null) {
                begin(line, addresses, begins.group(2));
                return true;
            }
        }
        var open = charting.open().orElse(null);
        if (open == null) {
            return false;
        }
        var cells = line.cells().stream().filter(cell -> !cell.isEmpty()).toList();
        var first = cells.size() > 1 ? Values.of(cells.getFirst()) : Optional.<Values>empty();
        if (first.isPresent()) { // the same values may follow in other notations
            add(open, line, first.get(), String.join(" ",
                    cells.stream().skip(1).filter(cell -> Values.of(cell).isEmpty() && !Values.isBareHexSpan(cell)).toList()));
            return true;
        }
        if (within.isPresent()) {
            pieces(open, line, text);
            return true;
        }
        return false;
    }

    private void begin(Line line, List<Integer> addresses, String said) {
        var condition = CONDITION.matcher(said);
        boolean waits = condition.find();
        var rest = waits ? condition.replaceFirst(" ") : said;
        var within = Values.within(rest);
        var name = within.map(Values.Within::before).orElse(rest).replaceFirst("(?i)[\\s.:,;=(-]+(?:dmx[\\s.:,;=(-]*)?$", "");
        var open = charting.begin(name, Map.of(0, addresses), Map.of(), "");
        if (within.isPresent()) {
            pieces(open, line, rest.substring(within.get().before().length()));
            if (waits) { // it holds for all of the channel, and so from its first row on
                var first = open.rows.getFirst();
                open.rows.set(0, first.withMeaning(first.meaning() + " " + condition.group()));
            }
        } else {
            add(open, line, null, "");
        }
    }

    private void add(OpenEntry open, Line line, @Nullable Values values, String meaning) {
        if (charting.takes(open, line)) {
            open.rows.add(new Row(values, meaning, "", "", line.place()));
        }
    }

    /** {@code 0 to 127 = even, 128 to 255 = random}: each stretch with the words up to the next. */
    private void pieces(OpenEntry open, Line line, String text) {
        Optional<Values.Within> found = Values.within(text);
        while (found.isPresent()) {
            var after = found.get().after();
            var next = Values.within(after);
            var meaning = next.map(Values.Within::before).orElse(after).replaceAll("^[\\s=:.,;)-]+|[\\s,;.(]+$", "");
            add(open, line, found.get().values(), meaning);
            found = next;
        }
    }
}
