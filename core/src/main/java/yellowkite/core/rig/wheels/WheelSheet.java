package yellowkite.core.rig.wheels;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import yellowkite.core.archive.FormatException;
import yellowkite.core.rig.file.Headings;

/**
 * Which gobos and colours a production has ordered, one slot a row; of a scroller a whole string a row.
 *
 * @param rows those that name a fixture and something to put into it
 */
public record WheelSheet(List<Row> rows) {
    private static final int MOST = 5_000;

    /**
     * @param place {@code row 4}
     * @param fixture manufacturer and model, or the model alone
     * @param wheel its name, or its number; empty where the fixture has one that can be meant
     * @param slot its number or its name; empty = the whole string
     * @param gobo name or manufacturer's number on the gobo shelf; empty where a colour is asked for
     * @param colour as {@code F24}, {@code #rrggbb} or a colour's name; of a string several, parted by commas; empty for a gobo
     */
    public record Row(String place, String fixture, String wheel, String slot, String gobo, String colour) {}

    public WheelSheet {
        rows = List.copyOf(rows);
    }

    private enum Column {
        MANUFACTURER("manufacturer", "maker", "make", "brand"), FIXTURE("fixture", "model", "fixture type", "type", "profile"),
        WHEEL("wheel",
                "gobo wheel", "string"),
        SLOT("slot", "position", "pos", "place", "frame"), GOBO("gobo", "gobo name", "gobo number", "artwork"), COLOUR("colour", "color",
                "colours", "colors", "filter", "gel", "glass", "string colours");

        private final List<String> words;

        Column(String... words) {
            this.words = List.of(words);
        }

        static Optional<Column> of(String plain) {
            return Arrays.stream(values()).filter(each -> each.words.contains(plain)).findFirst();
        }
    }

    /** {@return what a table says} A fixture or wheel that is not said again is the one above. @throws FormatException if it is none */
    public static WheelSheet read(List<List<String>> table) {
        var headings = Headings.find(Column.class, table, Column::of)
            .filter(each -> each.columns().containsKey(Column.FIXTURE)
                    && (each.columns().containsKey(Column.GOBO) || each.columns().containsKey(Column.COLOUR)))
            .orElseThrow(() -> new FormatException(
                    "is no sheet of gobos and colours: it needs the headings Fixture, Wheel, Slot, and Gobo or Colour"));
        if (table.size() > MOST) {
            throw new FormatException("has " + table.size() + " rows; at most " + MOST + " are read");
        }
        var rows = new ArrayList<Row>();
        var fixture = "";
        var wheel = "";
        for (int i = headings.row() + 1; i < table.size(); i++) {
            var cells = table.get(i);
            var named = (headings.cell(cells, Column.MANUFACTURER) + " " + headings.cell(cells, Column.FIXTURE)).strip();
            var onWheel = headings.cell(cells, Column.WHEEL);
            wheel = onWheel.isEmpty() && (named.isEmpty() || named.equals(fixture)) ? wheel : onWheel;
            fixture = named.isEmpty() ? fixture : named;
            var gobo = headings.cell(cells, Column.GOBO);
            var colour = headings.cell(cells, Column.COLOUR);
            if (!fixture.isEmpty() && !(gobo.isEmpty() && colour.isEmpty())) {
                rows.add(new Row("row " + (i + 1), fixture, wheel, headings.cell(cells, Column.SLOT), gobo, colour));
            }
        }
        return new WheelSheet(rows);
    }
}
