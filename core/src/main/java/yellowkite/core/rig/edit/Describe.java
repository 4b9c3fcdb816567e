package yellowkite.core.rig.edit;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import yellowkite.core.body.Place;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Numbered;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * Says one thing of some units.
 *
 * @param units in the order in which they count
 * @param to as it is typed; empty = nothing is said of it
 * @param counting whether each counts on from the one before
 */
public record Describe(List<String> units, Column column, String to, boolean counting) implements RigEdit {
    private static final int MOST_GROUPS = 50;

    public Describe {
        units = List.copyOf(units);
    }

    /** What can be said of a unit in one cell of a table. */
    public enum Column {
        NAME, NUMBER, LAYER, GROUPS, POSITION, UNIT_CLASS, NOTE, COLOUR, PLACE, DIP_OFFSET;

        String words() {
            return switch (this) {
                case UNIT_CLASS -> "class";
                case NUMBER -> "unit number";
                case COLOUR -> "colour tag";
                case DIP_OFFSET -> "DIP offset";
                case NAME, LAYER, GROUPS, POSITION, NOTE, PLACE -> name().toLowerCase(Locale.ROOT);
            };
        }
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> Said.tried("to", () -> {
            var values = new HashMap<String, String>();
            for (int i = 0; i < found.size(); i++) {
                values.put(found.get(i).uuid(), counting ? Numbered.at(to.strip(), i, found.size()) : to.strip());
            }
            return Said.applied(before.mapUnits(values.keySet(), unit -> said(unit, column, values.getOrDefault(unit.uuid(), ""))));
        }));
    }

    /** {@return the unit of which that is said} @throws IllegalArgumentException with a sentence, if it cannot be */
    static Unit said(Unit unit, Column column, String value) {
        Said.requireFit(column == Column.NOTE ? Said.refusalOfNotes("to", value) : Said.refusal("to", value));
        return unit.with(f -> {
            switch (column) {
                case NAME -> f.name = value;
                case NUMBER -> f.number = value.isEmpty() ? null : (Integer) whole(column, value);
                case LAYER -> f.layer = value;
                case GROUPS -> f.groups = groups(value);
                case POSITION -> f.position = value.isEmpty() ? null : value;
                case UNIT_CLASS -> f.unitClass = value.isEmpty() ? null : value;
                case NOTE -> f.note = value;
                case COLOUR -> f.colour = value;
                case PLACE -> f.place = value.isEmpty() ? null : Place.of(value);
                case DIP_OFFSET -> f.dipOffset = value.isEmpty() ? 0 : whole(column, value);
            }
        });
    }

    private static int whole(Column column, String value) {
        if (!value.matches("\\d{1,6}")) {
            throw new IllegalArgumentException("The " + column.words() + " is a whole number; '" + value + "' is none.");
        }
        return Integer.parseInt(value);
    }

    private static List<String> groups(String value) {
        return Arrays.stream(value.split(",")).map(String::strip).filter(each -> !each.isEmpty()).distinct().limit(MOST_GROUPS).toList();
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(column.words()) + " of " + Said.called(before, units) + (to.isBlank() ? " cleared" : ": '" + shortened() + "'");
    }

    private String shortened() {
        return to.strip().length() <= 60 ? to.strip() : to.strip().substring(0, 57) + "...";
    }
}
