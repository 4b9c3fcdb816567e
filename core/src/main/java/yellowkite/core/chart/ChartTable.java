package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.Catalogue.Match;
import yellowkite.core.edit.SetRanges;
import yellowkite.core.profile.DmxValue;

/**
 * A pasted chart: rows of address, name, from, to, meaning, parted by tabs, semicolons or commas. A row without an address
 * and a name goes on with the channel above it; "Pan fine" below "Pan" is its second byte. Values up to 255 on a wider
 * channel are taken as its coarse byte.
 *
 * @param left rows that were not understood, as they stood
 */
public record ChartTable(List<Row> channels, List<String> left) {
    private static final int MOST = 5_000;
    private static final int LONGEST_ROW = 400;
    private static final Pattern ADDRESS = Pattern.compile("(\\d{1,3})(?:\\s*[-\\u2013/+&]\\s*(\\d{1,3}))?");
    private static final Pattern VALUES = Pattern.compile("(\\d{1,10})(?:\\s*(?:[-\\u2013]|\\.\\.+)\\s*(\\d{1,10}))?");
    private static final Pattern HEADING = Pattern.compile("(?i)^(address|addr\\.?|channel|ch\\.?|no\\.?|dmx|#)\\b.*");

    /**
     * One channel.
     *
     * @param matches what the words can mean, best first; empty if nothing
     * @param lines   the rows that it was read from, as they stood
     */
    public record Row(List<Integer> addresses, String words, List<Match> matches, List<SetRanges.Row> ranges, List<String> lines) {
        public Row {
            addresses = List.copyOf(addresses);
            matches = List.copyOf(matches);
            ranges = List.copyOf(ranges);
            lines = List.copyOf(lines);
        }
    }

    public ChartTable {
        channels = List.copyOf(channels);
        left = List.copyOf(left);
    }

    /** A channel while its rows come in. */
    private static final class Open {
        private final List<Integer> addresses;
        private final ChartWords.Read read;
        private final List<Pieces.Piece> pieces = new ArrayList<>();
        private final List<String> lines = new ArrayList<>();

        Open(List<Integer> addresses, ChartWords.Read read) {
            this.addresses = new ArrayList<>(addresses);
            this.read = read;
        }

        Row done() {
            int bytes = Math.min(addresses.size(), DmxValue.MAX_BYTES);
            boolean coarse = bytes > 1 && pieces.stream().allMatch(each -> each.from() <= 255 && (each.to() == null || each.to() <= 255));
            int shift = coarse ? 8 * (bytes - 1) : 0;
            var scaled = pieces.stream().map(each -> new Pieces.Piece(each.from() << shift, each.to() == null ? null : ((each.to() + 1) << shift) - 1, each.meaning())).toList();
            return new Row(addresses.subList(0, bytes), read.words(), read.matches(), Pieces.rows(scaled, DmxValue.max(bytes)), lines);
        }
    }

    /** @param taken attributes that the mode has already */
    public static ChartTable read(String text, Set<String> taken) {
        var used = new HashSet<>(taken);
        var channels = new ArrayList<Open>();
        var left = new ArrayList<String>();
        var lines = text.lines().filter(line -> !line.isBlank()).limit(MOST).toList();
        var separator = lines.stream().anyMatch(line -> line.contains("\t")) ? "\t" : lines.stream().anyMatch(line -> line.contains(";")) ? ";" : ",";
        for (var line : lines) {
            var cells = Arrays.stream(line.split(separator)).map(String::strip).toList();
            if (channels.isEmpty() && !cells.isEmpty() && HEADING.matcher(cells.getFirst()).matches()) {
                continue;
            }
            if (line.length() <= LONGEST_ROW && !cells.isEmpty() && take(cells, channels, used)) {
                channels.getLast().lines.add(line);
            } else {
                left.add(line);
            }
        }
        return new ChartTable(channels.stream().map(Open::done).toList(), left);
    }

    private static boolean take(List<String> cells, List<Open> channels, Set<String> used) {
        var address = ADDRESS.matcher(cells.getFirst());
        var name = cells.size() > 1 ? cells.get(1) : "";
        if (cells.getFirst().isEmpty() && name.isEmpty()) {
            return !channels.isEmpty() && addPiece(cells, channels.getLast());
        }
        if (!address.matches() || name.isEmpty() || VALUES.matcher(name).matches()) {
            return false;
        }
        int first = Integer.parseInt(address.group(1));
        int last = address.group(2) == null ? first : Integer.parseInt(address.group(2));
        if (first < 1 || last < first || last - first >= DmxValue.MAX_BYTES) {
            return false;
        }
        var known = channels.isEmpty() ? null : channels.getLast();
        if (known != null && known.addresses.getFirst() == first) {
            return addPiece(cells, known); // the chart repeats the address in every row
        }
        if (known != null && ChartWords.isFineOf(name, known.read.words()) && known.addresses.size() < DmxValue.MAX_BYTES) {
            known.addresses.add(first);
            return true;
        }
        // commas in a name would be other channels
        var read = ChartWords.read(name.replace(',', ' ').replace(';', ' '), used);
        if (read.isEmpty()) {
            return false;
        }
        read.getFirst().matches().stream().findFirst().ifPresent(match -> used.add(match.name()));
        int bytes = Math.max(last - first + 1, read.getFirst().bytes());
        var channel = new Open(IntStream.range(first, first + bytes).boxed().toList(), read.getFirst());
        boolean whole = cells.stream().skip(2).allMatch(String::isEmpty) || addPiece(cells, channel);
        return whole && channels.add(channel);
    }

    private static boolean addPiece(List<String> cells, Open channel) {
        var rest = cells.stream().skip(2).toList();
        var piece = piece(rest);
        return piece != null && channel.pieces.add(piece);
    }

    private static Pieces.@Nullable Piece piece(List<String> cells) {
        var from = cells.isEmpty() ? null : VALUES.matcher(cells.getFirst());
        if (from == null || !from.matches()) {
            return null;
        }
        boolean apart = from.group(2) == null && cells.size() > 1 && VALUES.matcher(cells.get(1)).matches();
        var to = apart ? cells.get(1) : from.group(2);
        var meaning = String.join(" ", cells.stream().skip(apart ? 2 : 1).filter(cell -> !cell.isEmpty()).toList());
        return new Pieces.Piece(Long.parseLong(from.group(1)), to == null ? null : Long.valueOf(to), meaning);
    }
}
