package yellowkite.core.rig.file;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.archive.FormatException;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** A rig as a table, one row a unit: ours, and those of others, whose columns are known by their words and by what stands in them. */
public final class RigTable {

    private RigTable() {}

    /** What could not be taken as it stands there. @param place {@code row 14}. @param says one sentence */
    public record Doubt(String place, String says) {}

    /**
     * @param columns the heading of each column that was understood, and what it was taken for
     * @param ignored headings of the others
     * @param units those of rows with an id, a name or a fixture; what they are is asked for, not found
     */
    public record Reading(Map<String, String> columns, List<String> ignored, List<Unit> units, List<Doubt> doubts) {
        public Reading {
            ignored = List.copyOf(ignored);
            units = List.copyOf(units);
            doubts = List.copyOf(doubts);
        }
    }

    /** {@return the headings of all columns, in their order} */
    public static List<String> headings() {
        return Arrays.stream(RigColumn.values()).map(RigColumn::heading).toList();
    }

    /** {@return the headings, and a row for each unit} */
    public static List<List<String>> write(Rig rig) {
        return write(rig, List.of());
    }

    /** Like {@link #write(Rig)}. @param headings of the columns that are written, in their own order; none = all */
    public static List<List<String>> write(Rig rig, Collection<String> headings) {
        var columns = Arrays.stream(RigColumn.values()).filter(each -> headings.isEmpty() || headings.contains(each.heading())).toList();
        var rows = new ArrayList<List<String>>();
        rows.add(columns.stream().map(RigColumn::heading).toList());
        var ids = rig.units().stream().collect(Collectors.toMap(Unit::uuid, Unit::id, (first, second) -> first));
        rig.units().forEach(unit -> rows.add(columns.stream().map(column -> cell(unit, column, ids)).toList()));
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
        return RigTableReading.read(rows);
    }
}
