package yellowkite.core.rig.file;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Where the headings of a table stand, and what its columns are.
 *
 * @param row of the headings, 0 = the first of the table
 * @param columns which column holds what, 0 = the leftmost
 */
public record Headings<E extends Enum<E>>(int row, Map<E, Integer> columns) {
    /** Lines above the headings: who made the sheet, and when. */
    private static final int MOST_ABOVE = 20;

    /**
     * {@return the row among the first ones with the most headings that are known; none if none has two}
     *
     * @param meaning what a heading means, in small letters with nothing but letters, digits and single spaces
     */
    public static <E extends Enum<E>> Optional<Headings<E>> find(Class<E> kind, List<List<String>> rows,
            Function<String, Optional<E>> meaning) {
        Headings<E> best = null;
        for (int i = 0; i < Math.min(MOST_ABOVE, rows.size()); i++) {
            var columns = columns(kind, rows.get(i), meaning);
            if (columns.size() > (best == null ? 1 : best.columns().size())) {
                best = new Headings<>(i, columns);
            }
        }
        return Optional.ofNullable(best);
    }

    private static <E extends Enum<E>> Map<E, Integer> columns(Class<E> kind, List<String> headings,
            Function<String, Optional<E>> meaning) {
        var columns = new EnumMap<E, Integer>(kind);
        for (int i = 0; i < headings.size(); i++) {
            int at = i;
            var plain = headings.get(i).toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
            meaning.apply(plain).ifPresent(column -> columns.putIfAbsent(column, at));
        }
        return columns;
    }

    /** {@return what stands in a row under a heading, without spaces around it; empty without such a column} */
    public String cell(List<String> row, E column) {
        var at = columns.get(column);
        return at == null || at >= row.size() ? "" : row.get(at).strip();
    }
}
