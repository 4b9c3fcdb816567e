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
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Place;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** A rig as a table, one row a unit: ours, and those of others, whose columns are known by their words and by what stands in them. */
public final class RigTable {
    /** Lines above the headings: who made the sheet, and when. */
    private static final int MOST_ABOVE = 20;
    private static final int LONGEST = 10_000;
    private static final Pattern BREAK = Pattern.compile("(\\d{1,5}):(.+)");

    private RigTable() {}

    /** What could not be taken as it stands there. @param place {@code row 14}. @param says one sentence */
    public record Doubt(String place, String says) {}

    /**
     * @param columns the heading of each column that was understood, and what it was taken for
     * @param units those of rows with an id, a name or a fixture; what they are is asked for, not found
     */
    public record Reading(Map<String, String> columns, List<Unit> units, List<Doubt> doubts) {
        public Reading {
            units = List.copyOf(units);
            doubts = List.copyOf(doubts);
        }
    }

    /** {@return the headings, and a row for each unit} */
    public static List<List<String>> write(Rig rig) {
        var rows = new ArrayList<List<String>>();
        rows.add(Arrays.stream(RigColumn.values()).map(RigColumn::heading).toList());
        var ids = rig.units().stream().collect(Collectors.toMap(Unit::uuid, Unit::id, (first, second) -> first));
        rig.units().forEach(unit -> rows.add(Arrays.stream(RigColumn.values()).map(column -> cell(unit, column, ids)).toList()));
        return rows;
    }

    private static String cell(Unit unit, RigColumn column, Map<String, String> ids) {
        var first = unit.addresses().isEmpty() ? null : unit.addresses().getFirst();
        var place = unit.place();
        return switch (column) {
            case ID -> unit.id();
            case NAME -> unit.name();
            case MANUFACTURER -> unit.found().hasProfile() ? unit.found().manufacturer() : unit.asked().manufacturer();
            case MODEL -> unit.found().hasProfile() ? unit.found().model() : unit.asked().model();
            case MODE -> unit.found().hasProfile() ? unit.found().mode() : unit.asked().mode();
            case FOOTPRINT -> unit.found().breaks().isEmpty() ? orEmpty(unit.asked().footprint())
                    : String.valueOf(unit.found().footprint());
            case UNIVERSE -> first == null ? "" : String.valueOf(first.universe());
            case ADDRESS -> first == null ? "" : String.valueOf(first.from());
            case BREAKS -> unit.addresses().size() == 1 && unit.addresses().getFirst().dmxBreak() == 1 ? ""
                    : unit.addresses().stream().map(each -> each.dmxBreak() + ": " + each.at()).collect(Collectors.joining(" + "));
            case LAYER -> unit.layer();
            case GROUPS -> String.join(", ", unit.groups());
            case POSITION -> orEmpty(unit.position());
            case NUMBER -> orEmpty(unit.number());
            case UNIT_CLASS -> orEmpty(unit.unitClass());
            case COLOUR -> unit.colour();
            case NOTE -> unit.note();
            case DIP_OFFSET -> unit.dipOffset() == 0 ? "" : String.valueOf(unit.dipOffset());
            case X -> place == null ? "" : String.valueOf(place.x());
            case Y -> place == null ? "" : String.valueOf(place.y());
            case Z -> place == null ? "" : String.valueOf(place.z());
            case TURN_X -> place == null || place.turnX() == 0 ? "" : String.valueOf(place.turnX());
            case TURN_Y -> place == null || place.turnY() == 0 ? "" : String.valueOf(place.turnY());
            case TURN_Z -> place == null || place.turnZ() == 0 ? "" : String.valueOf(place.turnZ());
            case ADJUSTMENTS -> unit.adjustments().equals(Adjustments.NONE) ? "" : RigJson.text(unit.adjustments());
            case HANGS_ON -> unit.hangsOn() == null ? "" : ids.getOrDefault(unit.hangsOn(), "");
            case SHARED_AS -> unit.sharedAs();
            case UUID -> unit.uuid();
        };
    }

    private static String orEmpty(@Nullable Object value) {
        return value == null ? "" : value.toString();
    }

    /**
     * {@return what a table says}
     *
     * @throws FormatException if it is none of a rig, or too long; the message is the end of a sentence that begins with the file
     */
    public static Reading read(List<List<String>> rows) {
        int heading = heading(rows);
        var columns = columns(rows.get(heading));
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
        return new Reading(understood, reading.hung(), reading.doubts);
    }

    private static int heading(List<List<String>> rows) {
        int best = -1;
        int most = 1;
        for (int i = 0; i < Math.min(MOST_ABOVE, rows.size()); i++) {
            int known = columns(rows.get(i)).size();
            if (known > most) {
                best = i;
                most = known;
            }
        }
        if (best < 0) {
            throw new FormatException("is no patch sheet: no row has two headings such as Id, Name, Fixture, Mode, Universe and Address");
        }
        return best;
    }

    private static Map<RigColumn, Integer> columns(List<String> headings) {
        var columns = new EnumMap<RigColumn, Integer>(RigColumn.class);
        for (int i = 0; i < headings.size(); i++) {
            int at = i;
            RigColumn.of(headings.get(i)).ifPresent(column -> columns.putIfAbsent(column, at));
        }
        return columns;
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
        private final List<Doubt> doubts = new ArrayList<>();
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
                return text.isEmpty() ? Adjustments.NONE : RigJson.adjustmentsOf(text);
            } catch (IllegalArgumentException unfit) {
                doubt(place, unfit.getMessage() + " The unit is left as its profile.");
                return Adjustments.NONE;
            }
        }

        private void doubt(String place, String says) {
            doubts.add(new Doubt(place, says));
        }
    }
}
