package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/**
 * Says a block of cells of a table, as it is pasted out of a spreadsheet.
 *
 * @param units one for each row
 * @param columns of the cells, from left to right
 * @param rows as they are typed; an empty cell says nothing of its unit any more, a row that ends early leaves the rest
 */
public record PutCells(List<String> units, List<Cell> columns, List<List<String>> rows) implements RigEdit {
    public PutCells {
        units = List.copyOf(units);
        columns = List.copyOf(columns);
        rows = rows.stream().map(List::copyOf).toList();
    }

    /** What a cell says: what {@link Describe} says, and what names and addresses a unit. */
    public enum Cell {
        ID, ADDRESS, NAME, NUMBER, LAYER, GROUPS, POSITION, UNIT_CLASS, NOTE, COLOUR, PLACE, DIP_OFFSET
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        if (rows.size() != units.size() || rows.isEmpty() || columns.isEmpty()) {
            return Said.rejected("rows", rows.isEmpty() || columns.isEmpty() ? "There is nothing to paste."
                    : "There are " + rows.size() + " rows to paste and " + units.size()
                            + (units.size() == 1 ? " unit" : " units") + " from here on.");
        }
        int widest = rows.stream().mapToInt(List::size).max().orElse(0);
        if (widest > columns.size()) {
            return Said.rejected("rows", "There are " + widest + " columns to paste and " + columns.size() + " from here on.");
        }
        return Said.onUnits(before, units, found -> {
            if (found.size() != units.size()) {
                return Said.rejected("units", "A unit stands in two rows.");
            }
            var changed = new HashMap<String, Unit>();
            for (int i = 0; i < found.size(); i++) {
                try {
                    changed.put(units.get(i), said(found.get(i), rows.get(i)));
                } catch (IllegalArgumentException unfit) {
                    return Said.rejected("rows", "Row " + (i + 1) + " (unit " + found.get(i).id() + "): " + unfit.getMessage());
                }
            }
            return twice(before, changed).<Outcome<Rig>>map(id -> Said.rejected("rows", "There would be two units " + id + "."))
                .orElseGet(() -> Said.applied(before.mapUnits(units, unit -> changed.getOrDefault(unit.uuid(), unit))));
        });
    }

    private Unit said(Unit unit, List<String> row) {
        var after = unit;
        for (int i = 0; i < row.size(); i++) {
            after = said(after, columns.get(i), row.get(i).strip());
        }
        return after;
    }

    private static Unit said(Unit unit, Cell column, String value) {
        return switch (column) {
            case ID -> {
                if (value.isEmpty()) {
                    throw new IllegalArgumentException("A unit needs an id, such as 201.");
                }
                Said.requireFit(Said.refusal("rows", value));
                yield unit.with(f -> f.id = value);
            }
            case ADDRESS -> {
                var at = value.isEmpty() ? null : At.of(value);
                yield unit.with(f -> f.addresses = at == null ? List.of() : PutUnit.placed(unit, null, at));
            }
            default -> Describe.said(unit, Describe.Column.valueOf(column.name()), value);
        };
    }

    private Optional<String> twice(Rig before, Map<String, Unit> changed) {
        if (!columns.contains(Cell.ID)) {
            return Optional.empty();
        }
        var ids = new HashSet<String>();
        var was = before.units().stream().filter(unit -> !changed.containsKey(unit.uuid())).map(Unit::id).toList();
        var all = new ArrayList<>(was);
        changed.values().forEach(unit -> all.add(unit.id()));
        return all.stream()
            .filter(id -> !id.isEmpty() && !ids.add(id) && changed.values().stream().anyMatch(unit -> unit.id().equals(id)))
            .findFirst();
    }

    @Override
    public String describe(Rig before) {
        int cells = rows.stream().mapToInt(List::size).sum();
        return cells + (cells == 1 ? " cell of " : " cells of ") + Said.called(before, units) + " pasted";
    }
}
