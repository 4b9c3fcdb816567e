package yellowkite.core.text;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;

/** A row as spreadsheets copy it: a cell in quotes may hold the separator, and a quote as two. Source: RFC 4180, read leniently. */
public final class Delimited {
    private Delimited() {}

    /** {@return the rows of a whole table, by the separator that its first line holds most of} Cells are as they are written. */
    public static List<List<String>> rows(String text) {
        var table = text.startsWith("\uFEFF") ? text.substring(1) : text;
        var format = CSVFormat.DEFAULT.builder()
            .setDelimiter(separator(table.lines().findFirst().orElse("")))
            .setIgnoreEmptyLines(false)
            .setTrailingData(true)
            .setLenientEof(true)
            .get();
        try (var parser = format.parse(new StringReader(table))) {
            return parser.stream().map(record -> record.stream().toList()).toList();
        } catch (IOException impossible) { // it comes from memory
            throw new UncheckedIOException(impossible);
        }
    }

    private static char separator(String line) {
        char best = ',';
        for (char each : new char[]{';', '\t'}) {
            char one = each;
            char so = best;
            best = line.chars().filter(c -> c == one).count() > line.chars().filter(c -> c == so).count() ? each : best;
        }
        return best;
    }

    /** {@return the cells of a row, without the spaces around them} */
    public static List<String> cells(String row, char separator) {
        var format = CSVFormat.DEFAULT.builder()
            .setDelimiter(separator)
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(false)
            .setTrailingData(true)
            .setLenientEof(true)
            .get();
        try (var parser = format.parse(new StringReader(row))) {
            return parser.stream().flatMap(record -> record.stream()).toList();
        } catch (IOException impossible) { // it comes from memory
            throw new UncheckedIOException(impossible);
        }
    }
}
