package yellowkite.core.rig;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.Place;

/**
 * One patched fixture.
 *
 * @param uuid which one it is, whatever it is called
 * @param id what people call it: {@code 201}, an accessory's with a letter: {@code 36a}
 * @param number of the unit on its position; null without one
 * @param position the place's name; null without one
 * @param unitClass as in the drawing; null without one
 * @param addresses by break, ascending; none = not addressed
 * @param colour its tag, such as {@code teal}; may be empty
 * @param dipOffset what its switches show beside the address
 * @param hangsOn uuid of the unit that it is an accessory of; null if it stands for itself
 * @param sharedAs a word that units have in common which share addresses on purpose; empty if it shares none
 * @param extra a JSON object of what its file said of it beside this; empty without any
 */
public record Unit(String uuid, String id, String name, @Nullable Integer number, String layer, List<String> groups,
        @Nullable String position, @Nullable String unitClass, Asked asked, Found found, List<Patch> addresses, @Nullable Place place,
        Adjustments adjustments, String note, String colour, int dipOffset, @Nullable String hangsOn, String sharedAs, String extra) {

    public Unit {
        groups = List.copyOf(groups);
        addresses = List.copyOf(addresses);
    }

    /** {@return a new unit, then changed} */
    public static Unit of(Consumer<Fields> change) {
        var fields = new Fields();
        change.accept(fields);
        return fields.done();
    }

    /**
     * {@return the uuid of a unit whose file gives none, or one that another has: made of its id, so that it is the same whenever the file
     * is read} It is among the taken ones then.
     */
    public static String uuidOf(String given, String id, Set<String> taken) {
        if (!given.isEmpty() && taken.add(given)) {
            return given;
        }
        for (int n = 1;; n++) {
            var uuid = UUID.nameUUIDFromBytes(("unit " + id + " " + n).getBytes(StandardCharsets.UTF_8)).toString();
            if (taken.add(uuid)) {
                return uuid;
            }
        }
    }

    /** {@return a changed copy, or this very unit if nothing differs} */
    public Unit with(Consumer<Fields> change) {
        var fields = new Fields(this);
        change.accept(fields);
        var changed = fields.done();
        return changed.equals(this) ? this : changed;
    }

    /** {@return the unit as another mode: at the same addresses, with that one's footprints} A break that the mode does not have stays. */
    public Unit as(Found mode) {
        return with(f -> {
            f.found = mode;
            f.addresses = f.addresses.stream()
                .map(each -> new Patch(each.dmxBreak(), each.at(), mode.breaks().getOrDefault(each.dmxBreak(), each.footprint())))
                .toList();
        });
    }

    public boolean hasAddress() {
        return !addresses.isEmpty();
    }

    /** {@return id and name, as it is told of: {@code 201 (Rail 1)}} */
    public String called() {
        return name.isEmpty() || name.equals(id) ? id : id + " (" + name + ")";
    }

    /** {@return {@code 2.1}, with several breaks {@code break 1: 2.1, break 2: 3.1}; {@code no address}} */
    public String addressWords() {
        return addresses.isEmpty() ? "no address"
                : String.join(", ", addresses.stream().map(each -> each.words(addresses.size() > 1)).toList());
    }

    /** The components of a unit that is being made. */
    public static final class Fields {
        public String uuid = "";
        public String id = "";
        public String name = "";
        public @Nullable Integer number;
        public String layer = "";
        public List<String> groups = List.of();
        public @Nullable String position;
        public @Nullable String unitClass;
        public Asked asked = new Asked("", "", null);
        public Found found = Found.NOTHING;
        public List<Patch> addresses = List.of();
        public @Nullable Place place;
        public Adjustments adjustments = Adjustments.NONE;
        public String note = "";
        public String colour = "";
        public int dipOffset;
        public @Nullable String hangsOn;
        public String sharedAs = "";
        public String extra = "";

        private Fields() {}

        private Fields(Unit unit) {
            uuid = unit.uuid;
            id = unit.id;
            name = unit.name;
            number = unit.number;
            layer = unit.layer;
            groups = unit.groups;
            position = unit.position;
            unitClass = unit.unitClass;
            asked = unit.asked;
            found = unit.found;
            addresses = unit.addresses;
            place = unit.place;
            adjustments = unit.adjustments;
            note = unit.note;
            colour = unit.colour;
            dipOffset = unit.dipOffset;
            hangsOn = unit.hangsOn;
            sharedAs = unit.sharedAs;
            extra = unit.extra;
        }

        private Unit done() {
            return new Unit(uuid.isEmpty() ? UUID.randomUUID().toString() : uuid, id, name, number, layer, groups, position, unitClass,
                    asked, found, addresses, place, adjustments, note, colour, dipOffset, hangsOn, sharedAs, extra);
        }
    }
}
