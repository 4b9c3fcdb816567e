package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.ColourNames;
import yellowkite.core.colour.FilterNumbers;
import yellowkite.core.colour.Srgb;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.text.StandardName;

/**
 * A pasted list of slots: on each line a name, with its colour as {@code #rrggbb}, as CIE x and y or as a number of our own table of
 * filters ({@code F24}) beside it, or told by the name.
 */
public final class SlotList {
    private static final int MOST = 500;
    private static final int LONGEST_NAME = 80;
    private static final Pattern HEX = Pattern.compile("(?i)#([0-9a-f]{6}|[0-9a-f]{3})\\b");
    private static final Pattern XY = Pattern.compile("\\b(0?[.,]\\d+)[\\s;/]+(0?[.,]\\d+)\\b");
    private static final Pattern FILTER = Pattern.compile("(?i)\\bf(?:ilter)?[ .]*(\\d{1,3})\\b");
    private static final Pattern NUMBER = Pattern.compile("^\\s*\\d{1,3}\\s*[.):\\t-]\\s*(?=\\S*\\p{L})");

    private SlotList() {}

    /** @param color null if neither a colour nor a colour's name stands there */
    public record Slot(String name, @Nullable ColorCie color) {}

    /** {@return the slots, in order} Numbers in front of names only count them. */
    public static List<Slot> read(String text) {
        var slots = new ArrayList<Slot>();
        text.lines().map(String::strip).filter(line -> !line.isEmpty()).limit(MOST).forEach(line -> slot(line).ifPresent(slots::add));
        return slots;
    }

    private static Optional<Slot> slot(String line) {
        var bare = NUMBER.matcher(line).replaceFirst("");
        var hex = HEX.matcher(bare);
        var xy = XY.matcher(bare);
        var filter = filter(bare);
        ColorCie color = null;
        if (hex.find()) {
            color = Srgb.parse("#" + full(hex.group(1))).map(Srgb::toCie).orElse(null);
            bare = hex.replaceAll(" ");
        } else if (xy.find()) {
            double x = number(xy.group(1));
            double y = number(xy.group(2));
            color = y > 0 && x + y <= 1 ? new ColorCie(x, y, 100) : null;
            bare = xy.replaceAll(" ");
        } else if (filter.isPresent()) {
            color = filter.get().color().toCie();
            bare = FILTER.matcher(bare).replaceFirst("").isBlank() ? filter.get().called() : bare;
        }
        var name = StandardName.of(bare.replaceAll("[\\t,;|]+", " ").replaceAll("\\s+", " ").strip(), LONGEST_NAME);
        var shown = color != null ? color : ColourNames.of(name).map(Srgb::toCie).orElse(null);
        return name.isBlank() ? Optional.empty() : Optional.of(new Slot(name, shown));
    }

    private static Optional<FilterNumbers.Numbered> filter(String line) {
        var number = FILTER.matcher(line);
        return number.find() ? FilterNumbers.find(Integer.parseInt(number.group(1))) : Optional.empty();
    }

    private static String full(String hex) {
        return hex.length() == 6 ? hex : hex.replaceAll("(.)", "$1$1");
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
