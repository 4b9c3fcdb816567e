package yellowkite.core.text;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;

/** A row as spreadsheets copy it: a cell in quotes may hold the separator, and a quote as two. Source: RFC 4180, read leniently. */
public final class Delimited {
    private Delimited() {}

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
