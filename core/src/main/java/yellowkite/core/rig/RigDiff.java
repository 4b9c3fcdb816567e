package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/**
 * What one rig has otherwise than another. Units are the same by their uuid, else by their id.
 *
 * @param added ids of units that only the newer has, and {@code removed} those that only the older has
 */
public record RigDiff(List<String> added, List<String> removed, List<Changed> changed) {
    public RigDiff {
        added = List.copyOf(added);
        removed = List.copyOf(removed);
        changed = List.copyOf(changed);
    }

    /** What of a unit differs. */
    public enum What {
        ADDRESS, PROFILE, MODE, NAME, ID, PLACE, LAYER, ADJUSTMENTS, OTHER;

        /** {@return as it is written on the command line} */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @param id of the unit in the newer rig */
    public record Changed(String id, What what, String from, String to) {}

    public static RigDiff of(Rig older, Rig newer) {
        var pairs = Pairs.of(older.units(), newer.units());
        return new RigDiff(ids(pairs.added()), ids(pairs.removed()),
                pairs.pairs().stream().flatMap(pair -> differences(pair.was(), pair.now()).stream()).toList());
    }

    private static List<String> ids(List<Unit> units) {
        return units.stream().map(Unit::id).toList();
    }

    private static List<Changed> differences(Unit was, Unit now) {
        var all = new ArrayList<Changed>();
        add(all, now, What.ADDRESS, was.addressWords(), now.addressWords());
        add(all, now, What.PROFILE, profile(was), profile(now));
        add(all, now, What.MODE, mode(was), mode(now));
        add(all, now, What.NAME, was.name(), now.name());
        add(all, now, What.ID, was.id(), now.id());
        add(all, now, What.PLACE, place(was), place(now));
        add(all, now, What.LAYER, was.layer(), now.layer());
        add(all, now, What.ADJUSTMENTS, differing(was), differing(now));
        add(all, now, What.OTHER, other(was), other(now));
        if (all.stream().noneMatch(each -> each.what() == What.ADJUSTMENTS) && !was.adjustments().equals(now.adjustments())) {
            all.add(new Changed(now.id(), What.ADJUSTMENTS, differing(was), differing(now))); // the same steps, with other numbers
        }
        return all;
    }

    private static void add(List<Changed> all, Unit unit, What what, String from, String to) {
        if (!from.equals(to)) {
            all.add(new Changed(unit.id(), what, from, to));
        }
    }

    private static String profile(Unit unit) {
        return unit.found().hasProfile() ? unit.found().manufacturer() + " " + unit.found().model() : unit.asked().words();
    }

    private static String mode(Unit unit) {
        return unit.found().hasProfile() ? unit.found().mode() : unit.asked().mode();
    }

    private static String place(Unit unit) {
        var at = unit.place();
        var where = at == null ? ""
                : String.format(Locale.ROOT, "%.3f, %.3f, %.3f m; %.2f, %.2f, %.2f deg", at.x() + 0.0, at.y() + 0.0, at.z() + 0.0,
                        at.turnX() + 0.0, at.turnY() + 0.0, at.turnZ() + 0.0);
        return where;
    }

    private static String differing(Unit unit) {
        return String.join(". ", Differing.of(unit.adjustments()).stream().map(Differing.ChangedStep::says).toList());
    }

    /** What has no word of its own: position, number, class, groups, note, colour tag. */
    private static String other(Unit unit) {
        return String.join("; ", List.of(Objects.requireNonNullElse(unit.position(), ""),
                unit.number() == null ? "" : unit.number().toString(), Objects.requireNonNullElse(unit.unitClass(), ""),
                String.join(", ", unit.groups()), unit.note(), unit.colour()))
            .replaceAll("(; )+$", "");
    }
}
