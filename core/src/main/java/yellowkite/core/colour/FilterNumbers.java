package yellowkite.core.colour;

import java.util.List;
import java.util.Optional;

/**
 * Our own numbered table of filters, for strings and wheels that are typed by number: the last digit says how deep the filter is (1 pale, 4
 * middle, 7 deep), what stands before it the hue; 1 to 6 correct white. Colours are what a screen shows of them, until somebody measures
 * the string.
 */
public final class FilterNumbers {
    private static final String TABLE = """
            1 Quarter warm #fff0dc
            2 Half warm #ffe0b8
            3 Full warm #ffc887
            4 Quarter cool #eaf2ff
            5 Half cool #d2e4ff
            6 Full cool #b0d0ff
            11 Pale yellow #fffad0
            14 Yellow #ffe840
            17 Deep yellow #ffd000
            21 Pale amber #ffe8c0
            24 Amber #ffb347
            27 Deep amber #ff8a00
            31 Pale orange #ffd6b0
            34 Orange #ff7a2a
            37 Fire #ff4a10
            41 Pale red #ffb0a0
            44 Red #f02020
            47 Deep red #a80010
            51 Pale pink #ffd8e4
            54 Pink #ff80b0
            57 Deep pink #f02080
            61 Pale magenta #ffc8f4
            64 Magenta #f030d0
            67 Plum #8a1078
            71 Pale lavender #e4d8ff
            74 Lavender #a888f8
            77 Violet #5a18c8
            81 Pale blue #d0e4ff
            84 Blue #4080ff
            87 Deep blue #0820b0
            91 Pale cyan #ccf4ff
            94 Cyan #20c8f0
            97 Lagoon #0090a8
            101 Pale green #dcffd8
            104 Green #30d050
            107 Deep green #007838
            111 Pale lime #f0ffc8
            114 Lime #b8f030
            117 Moss #6a9800
            """;
    private static final List<Numbered> ALL = TABLE.lines().map(FilterNumbers::read).toList();

    private FilterNumbers() {}

    /** One filter of the table. */
    public record Numbered(int number, String name, Srgb color) {
        /** {@return the filter as a slot is called after it: {@code F24 Amber}} */
        public String called() {
            return "F" + number + " " + name;
        }
    }

    /** {@return the whole table, by number} */
    public static List<Numbered> all() {
        return ALL;
    }

    public static Optional<Numbered> find(int number) {
        return ALL.stream().filter(each -> each.number() == number).findFirst();
    }

    private static Numbered read(String line) {
        int name = line.indexOf(' ') + 1;
        int color = line.lastIndexOf(' ');
        return new Numbered(Integer.parseInt(line.substring(0, name - 1)), line.substring(name, color),
                Srgb.parse(line.substring(color + 1)).orElseThrow());
    }
}
