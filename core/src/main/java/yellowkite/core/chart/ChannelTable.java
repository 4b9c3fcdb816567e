package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Charted.Unplaced;
import yellowkite.core.chart.layout.Values;
import yellowkite.core.chart.meaning.RangeMeaning;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.source.Sheet.Line;
import yellowkite.core.chart.source.TextSheets;

/**
 * A table of one channel's values, pasted: each line has values, in any notation of charts, and what they mean.
 *
 * @param meaning what the rows mean on the channel
 * @param left lines that were not understood
 */
public record ChannelTable(RangeMeaning meaning, List<Unplaced> left) {
    /** First and last value with a comma between them, in a text whose other lines have none. */
    private static final Pattern APART = Pattern.compile("(\\d{1,10})\\s*[,;]\\s*(\\d{1,10})\\s*[,;]\\s*(\\S.*)");

    public ChannelTable {
        left = List.copyOf(left);
    }

    /**
     * {@return the table read for a channel of that attribute}
     *
     * @param slots of the wheel that the channel selects from; null if it has none
     */
    public static ChannelTable read(String text, String attribute, String words, int bytes, @Nullable List<String> slots) {
        var rows = new ArrayList<Row>();
        var left = new ArrayList<Unplaced>();
        for (var line : TextSheets.read(text).lines()) {
            var row = row(line);
            if (row.isPresent()) {
                rows.add(row.get());
            } else {
                left.add(new Unplaced(line.place(), line.text()));
            }
        }
        return new ChannelTable(RangeMeaning.of(attribute, words, rows, bytes, slots), left);
    }

    /** {@return what the table proposes for a channel} @param addresses of the channel, most significant first */
    public ChannelProposal proposal(String attribute, String words, List<Integer> addresses) {
        return new ChannelProposal(addresses, null, words, attribute, 1, "Pasted.", null, false, null, meaning.functions(),
                meaning.doubts(), List.of("pasted table"));
    }

    private static Optional<Row> row(Line line) {
        var cells = line.cells().stream().filter(cell -> !cell.isEmpty()).toList();
        for (int i = 0; i < cells.size(); i++) {
            var values = Values.of(cells.get(i));
            if (values.isEmpty()) {
                continue;
            }
            int next = i + 1;
            var to = next < cells.size() && values.get().from() == values.get().to() ? Values.of(cells.get(next))
                    : Optional.<Values>empty();
            boolean apart = to.isPresent() && to.get().from() == to.get().to() && to.get().from() >= values.get().from();
            var whole = apart ? new Values(values.get().from(), to.get().to(), values.get().percent(), false) : values.get();
            // the same values may follow in other notations; the last cell is what they mean
            var rest = new ArrayList<>(cells.subList(apart ? next + 1 : next, cells.size()));
            rest.removeIf(cell -> Values.of(cell).isPresent() && !cell.equals(cells.getLast()));
            var before = cells.subList(0, i);
            var meaning = String.join(" ", rest.isEmpty() ? before : rest).strip();
            return meaning.isEmpty() ? Optional.empty() : Optional.of(new Row(whole, meaning, "", "", line.place()));
        }
        return inside(line);
    }

    /** "0-7: Closed" and "8 = Lamp on" are one cell each. */
    private static Optional<Row> inside(Line line) {
        var text = line.text();
        var apart = APART.matcher(text);
        if (apart.matches() && Long.parseLong(apart.group(1)) <= Long.parseLong(apart.group(2))) {
            return Optional.of(new Row(new Values(Long.parseLong(apart.group(1)), Long.parseLong(apart.group(2)), false, false),
                    apart.group(3), "", "", line.place()));
        }
        for (int end = text.length(); end > 0; end = text.lastIndexOf(' ', end - 1)) {
            var values = Values.of(text.substring(0, end).replaceAll("[\\s:=,;\u2013-]+$", ""));
            var meaning = text.substring(end).replaceAll("^[\\s:=,;.\u2013-]+", "").strip();
            if (values.isPresent() && meaning.matches(".*\\p{L}.*")) {
                return Optional.of(new Row(values.get(), meaning, "", "", line.place()));
            }
        }
        return Optional.empty();
    }
}
