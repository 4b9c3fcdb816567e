package yellowkite.core.rig.file;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.archive.FormatException;
import yellowkite.core.body.Place;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** Reads the patch sheets of others, and ours: columns are known by their words and by what stands in them. */
final class RigTableReading {
    private static final int LONGEST = 10_000;
    private static final Pattern BREAK = Pattern.compile("(\\d{1,5}):(.+)");

    private RigTableReading() {}

    /**
     * {@return what a table says}
     *
     * @throws FormatException if it is none of a rig, or too long; the message is the end of a sentence that begins with the file
     */
    static RigTable.Reading read(List<List<String>> rows) {
        var headings = Headings.find(RigColumn.class, rows, RigColumn::of)
            .orElseThrow(() -> new FormatException(
                    "is no patch sheet: no row has two headings such as Id, Name, Fixture, Mode, Universe and Address"));
        int heading = headings.row();
        var columns = headings.columns();
        if (!columns.containsKey(RigColumn.ADDRESS)) {
            byContents(rows, heading, columns);
        }
        if (rows.size() - heading - 1 > Rig.MOST_UNITS) {
            throw new FormatException("has " + (rows.size() - heading - 1) + " rows; a rig holds at most " + Rig.MOST_UNITS + " units");
        }
        var reading = new Rows(columns);
        for (int i = heading + 1; i < rows.size(); i++) {
            reading.row("row " + (i + 1), rows.get(i));
        }
        var understood = new HashMap<String, String>();
        columns.forEach((column, at) -> understood.put(rows.get(heading).get(at).strip(), column.heading()));
        var ignored = rows.get(heading)
            .stream()
            .map(String::strip)
            .filter(each -> !each.isEmpty() && !understood.containsKey(each))
            .toList();
        return new RigTable.Reading(understood, ignored, reading.hung(), reading.doubts);
    }

    /** Where no heading says so: a column that holds nothing but universes with addresses. */
    private static void byContents(List<List<String>> rows, int heading, Map<RigColumn, Integer> columns) {
        var taken = new HashSet<>(columns.values());
        for (int column = 0; column < rows.get(heading).size(); column++) {
            int at = column;
            var cells = rows.stream()
                .skip(heading + 1)
                .map(row -> at < row.size() ? row.get(at).strip() : "")
                .filter(cell -> !cell.isEmpty())
                .toList();
            if (!taken.contains(at) && !cells.isEmpty() && cells.stream().allMatch(cell -> cell.matches("\\d{1,5}\\s*[./]\\s*\\d{1,3}"))) {
                columns.put(RigColumn.ADDRESS, at);
                return;
            }
        }
    }

    private static final class Rows {
        private final Map<RigColumn, Integer> columns;
        private final List<Unit> units = new ArrayList<>();
        private final List<RigTable.Doubt> doubts = new ArrayList<>();
        private final Map<String, String> hosts = new HashMap<>();
        private final Set<String> uuids = new HashSet<>();

        private Rows(Map<RigColumn, Integer> columns) {
            this.columns = columns;
        }

        void row(String place, List<String> row) {
            var said = new EnumMap<RigColumn, String>(RigColumn.class);
            columns.forEach((column, at) -> {
                var cell = at < row.size() ? harmless(row.get(at)) : "";
                said.put(column, cell.substring(0, Math.min(LONGEST, cell.length())));
            });
            if (text(said, RigColumn.ID).isEmpty() && text(said, RigColumn.NAME).isEmpty() && text(said, RigColumn.MODEL).isEmpty()) {
                return; // a line between groups, or a sum
            }
            var unit = Unit.of(f -> {
                f.uuid = Unit.uuidOf(text(said, RigColumn.UUID), text(said, RigColumn.ID), uuids);
                f.id = text(said, RigColumn.ID);
                f.name = text(said, RigColumn.NAME);
                f.number = whole(place, said, RigColumn.NUMBER);
                f.layer = text(said, RigColumn.LAYER);
                f.groups = Arrays.stream(text(said, RigColumn.GROUPS).split(","))
                    .map(String::strip)
                    .filter(each -> !each.isEmpty())
                    .toList();
                f.position = nullIfEmpty(text(said, RigColumn.POSITION));
                f.unitClass = nullIfEmpty(text(said, RigColumn.UNIT_CLASS));
                f.asked = Asked.of(text(said, RigColumn.MANUFACTURER), text(said, RigColumn.MODEL), text(said, RigColumn.MODE),
                        whole(place, said, RigColumn.FOOTPRINT));
                f.found = f.asked.footprint() == null || f.asked.footprint() < 1 ? Found.NOTHING : Found.placeholder(f.asked.footprint());
                f.addresses = addresses(place, said, Math.max(1, f.found.footprint()));
                f.place = place(place, said);
                f.adjustments = adjustments(place, said);
                f.note = text(said, RigColumn.NOTE);
                f.colour = text(said, RigColumn.COLOUR);
                var dip = whole(place, said, RigColumn.DIP_OFFSET);
                f.dipOffset = dip == null ? 0 : dip;
                f.sharedAs = text(said, RigColumn.SHARED_AS);
            });
            units.add(unit);
            if (!text(said, RigColumn.HANGS_ON).isEmpty()) {
                hosts.put(unit.uuid(), text(said, RigColumn.HANGS_ON));
            }
        }

        /** What hangs on a unit can stand above it. */
        List<Unit> hung() {
            var byId = units.stream().collect(Collectors.toMap(Unit::id, Unit::uuid, (first, second) -> first));
            return units.stream().map(unit -> unit.with(f -> f.hangsOn = byId.get(hosts.getOrDefault(unit.uuid(), "")))).toList();
        }

        private static String text(Map<RigColumn, String> said, RigColumn column) {
            return said.getOrDefault(column, "").strip();
        }

        private static @Nullable String nullIfEmpty(String text) {
            return text.isEmpty() ? null : text;
        }

        /** A sign that was put before a name, so that no spreadsheet takes it for a formula. */
        private static String harmless(String cell) {
            return cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@".indexOf(cell.charAt(1)) >= 0 ? cell.substring(1) : cell;
        }

        private @Nullable Integer whole(String place, Map<RigColumn, String> said, RigColumn column) {
            var text = text(said, column).replaceFirst("\\.0+$", "");
            if (text.isEmpty()) {
                return null;
            }
            if (!text.matches("\\d{1,6}")) {
                doubt(place, column.heading() + " '" + text + "' is no whole number; it is left out.");
                return null;
            }
            return Integer.parseInt(text);
        }

        private List<Patch> addresses(String place, Map<RigColumn, String> said, int footprint) {
            try {
                var breaks = text(said, RigColumn.BREAKS);
                return breaks.isEmpty() ? first(said).map(at -> List.of(new Patch(1, at, footprint))).orElse(List.of())
                        : Arrays.stream(breaks.split("\\+")).map(String::strip).map(Rows::oneBreak).toList();
            } catch (IllegalArgumentException unfit) {
                doubt(place, unfit.getMessage() + " The unit is left without an address.");
                return List.of();
            }
        }

        private static Patch oneBreak(String text) {
            var parts = BREAK.matcher(text);
            if (!parts.matches()) {
                throw new IllegalArgumentException("'" + text + "' is no break with its address, such as 2: 3.5.");
            }
            return new Patch(Integer.parseInt(parts.group(1)), At.of(parts.group(2)), 1);
        }

        /** {@code U.A}, {@code U/A}, an absolute number, or an address beside its universe. */
        private static Optional<At> first(Map<RigColumn, String> said) {
            var universe = text(said, RigColumn.UNIVERSE).replaceFirst("\\.0+$", "");
            var address = text(said, RigColumn.ADDRESS);
            if (address.isEmpty() || address.equals("-") || address.equals("0") && universe.isEmpty()) {
                return Optional.empty();
            }
            if (universe.isEmpty()) {
                return Optional.of(At.of(address));
            }
            if (!universe.matches("\\d{1,6}")) {
                throw new IllegalArgumentException("Universe '" + universe + "' is no number.");
            }
            int number = Integer.parseInt(universe);
            if (address.matches("\\d{1,3}") && Integer.parseInt(address) <= AddressMap.UNIVERSE) {
                return Optional.of(new At(number, Integer.parseInt(address)));
            }
            var whole = At.of(address);
            if (whole.universe() != number) {
                throw new IllegalArgumentException("Its columns disagree: universe " + number + ", but address " + address + ".");
            }
            return Optional.of(whole);
        }

        private @Nullable Place place(String place, Map<RigColumn, String> said) {
            if (text(said, RigColumn.X).isEmpty() && text(said, RigColumn.Y).isEmpty() && text(said, RigColumn.Z).isEmpty()) {
                return null;
            }
            return new Place(metres(place, said, RigColumn.X), metres(place, said, RigColumn.Y), metres(place, said, RigColumn.Z),
                    metres(place, said, RigColumn.TURN_X), metres(place, said, RigColumn.TURN_Y), metres(place, said, RigColumn.TURN_Z));
        }

        private double metres(String place, Map<RigColumn, String> said, RigColumn column) {
            var text = text(said, column).replace(',', '.');
            if (text.matches("[+-]?\\d{1,9}(\\.\\d{1,17})?([eE]-?\\d{1,2})?")) {
                return Double.parseDouble(text);
            }
            if (!text.isEmpty()) {
                doubt(place, column.heading() + " '" + text + "' is no number; 0 is taken.");
            }
            return 0;
        }

        private Adjustments adjustments(String place, Map<RigColumn, String> said) {
            var text = text(said, RigColumn.ADJUSTMENTS);
            try {
                return text.isEmpty() ? Adjustments.NONE : RigJsonReading.adjustmentsOf(text);
            } catch (IllegalArgumentException unfit) {
                doubt(place, unfit.getMessage() + " The unit is left as its profile.");
                return Adjustments.NONE;
            }
        }

        private void doubt(String place, String says) {
            doubts.add(new RigTable.Doubt(place, says));
        }
    }
}
