package yellowkite.core.chart.layout;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A chart once its rows are told apart: modes, channels, and what each row says of a channel's values.
 *
 * @param title what stands above the first table
 */
public record Charted(List<String> title, List<Mode> modes, List<Unplaced> unplaced) {
    public Charted {
        title = List.copyOf(title);
        modes = List.copyOf(modes);
        unplaced = List.copyOf(unplaced);
    }

    /** @param name as the chart has it; empty if it has none */
    public record Mode(String name, List<Entry> entries) {
        public Mode {
            entries = List.copyOf(entries);
        }
    }

    /**
     * One channel of one mode.
     *
     * @param addresses most significant first
     * @param words what the chart calls it
     * @param number counts the channels of the chart: the same channel of two modes has the same
     */
    public record Entry(List<Integer> addresses, String words, List<Row> rows, List<String> places, int number, List<String> doubts) {
        public Entry {
            addresses = List.copyOf(addresses);
            rows = List.copyOf(rows);
            places = List.copyOf(places);
            doubts = List.copyOf(doubts);
        }

        Entry withWords(String to) {
            return new Entry(addresses, to, rows, places, number, doubts);
        }

        public Entry withAddresses(List<Integer> to) {
            return new Entry(to, words, rows, places, number, doubts);
        }

        public Entry withRows(List<Row> to) {
            return new Entry(addresses, words, to, places, number, doubts);
        }

        public Entry withPlaces(List<String> to) {
            return new Entry(addresses, words, rows, to, number, doubts);
        }
    }

    /**
     * What a row says.
     *
     * @param values none: the channel as a whole
     * @param start what stands in the column of start values; empty if nothing does
     */
    public record Row(@Nullable Values values, String meaning, String start, String highlight, String place) {
        public Row withMeaning(String to) {
            return new Row(values, to, start, highlight, place);
        }

        Row withStart(String to) {
            return new Row(values, meaning, to, highlight, place);
        }

        /** {@return its place as a sentence begins with it: {@code Page 1, line 7}} */
        public String begins() {
            return Charted.begins(place);
        }
    }

    static String begins(String place) {
        return Character.toUpperCase(place.charAt(0)) + place.substring(1);
    }

    /** A line that belongs to no channel. */
    public record Unplaced(String place, String text) {}
}
