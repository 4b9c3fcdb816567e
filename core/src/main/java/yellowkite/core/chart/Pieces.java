package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.edit.SetRanges;
import yellowkite.core.text.StandardName;

/** Rows of a chart as named ranges of a function, each name spelled so that the standard can hold it. */
final class Pieces {
    private static final int LONGEST_NAME = 120;

    private Pieces() {}

    /** @param to last value as the chart says it; null = it does not */
    record Piece(long from, @Nullable Long to, String meaning) {}

    /**
     * {@return the ranges, in order} Where the chart ends one and nothing begins behind it, a range without a name keeps the
     * values free.
     *
     * @param last last value of the function
     */
    static List<SetRanges.Row> rows(List<Piece> pieces, long last) {
        var sorted = pieces.stream().sorted(Comparator.comparingLong(Piece::from)).toList();
        var rows = new ArrayList<SetRanges.Row>();
        for (int i = 0; i < sorted.size(); i++) {
            var piece = sorted.get(i);
            rows.add(row(piece.from(), piece.meaning()));
            long next = i + 1 < sorted.size() ? sorted.get(i + 1).from() : last + 1;
            if (piece.to() != null && piece.to() >= piece.from() && piece.to() + 1 < next) {
                rows.add(row(piece.to() + 1, ""));
            }
        }
        return rows;
    }

    private static SetRanges.Row row(long from, String name) {
        return new SetRanges.Row(from, StandardName.of(name, LONGEST_NAME), null, null, 0);
    }
}
