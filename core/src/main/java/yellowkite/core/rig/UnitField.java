package yellowkite.core.rig;

import java.util.List;
import java.util.Objects;
import java.util.function.BiConsumer;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.stream.Collectors;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

/** What a file says of a unit, each thing by itself. What it cannot say of one is never touched by it. */
public enum UnitField {
    /** First: the addresses that come after it take their footprints from it. */
    FIXTURE(unit -> unit.found().hasProfile() ? unit.found().words() : unit.asked().wordsAndMode(),
            (to, from) -> to.as(from.found()).with(f -> f.asked = from.asked())) {

        /** The same fixture is asked for, whatever stands for it. */
        @Override
        public boolean isSaidAlike(Unit one, Unit other) {
            return one.asked().spec().equals(other.asked().spec()) && one.asked().mode().equals(other.asked().mode());
        }

        @Override
        public boolean isAlike(Unit one, Unit other) {
            return one.found().isSameMode(other.found()) && (one.found().hasProfile() || isSaidAlike(one, other));
        }
    },
    /** At the places that are said, as large as the fixture is. */
    ADDRESS(Unit::addressWords, (to, from) -> to.with(f -> f.addresses = from.addresses()
        .stream()
        .map(each -> new Patch(each.dmxBreak(), each.at(), to.found().breaks().getOrDefault(each.dmxBreak(), each.footprint())))
        .toList())),
    ID(Unit::id, setting((f, from) -> f.id = from.id())),
    NAME(Unit::name, setting((f, from) -> f.name = from.name())),
    NUMBER(unit -> unit.number() == null ? "" : unit.number().toString(), setting((f, from) -> f.number = from.number())),
    LAYER(Unit::layer, setting((f, from) -> f.layer = from.layer())),
    GROUPS(unit -> String.join(", ", unit.groups()), setting((f, from) -> f.groups = from.groups())),
    POSITION(unit -> Objects.requireNonNullElse(unit.position(), ""), setting((f, from) -> f.position = from.position())),
    CLASS(unit -> Objects.requireNonNullElse(unit.unitClass(), ""), setting((f, from) -> f.unitClass = from.unitClass())),
    /** Pan and tilt, of which a scene says it; all else that was programmed on them stays. */
    INVERTED(UnitField::inverted, (to, from) -> to.with(f -> List.of("Pan", "Tilt")
        .forEach(each -> f.adjustments = f.adjustments.with(each, own(to, each).withInvert(own(from, each).invert()))))),
    NOTE(Unit::note, setting((f, from) -> f.note = from.note())),
    /** What its file says beside all this, such as its focus point. */
    BESIDE(Unit::extra, setting((f, from) -> f.extra = from.extra())),
    PLACE(unit -> unit.place() == null ? "" : unit.place().words(), setting((f, from) -> f.place = from.place())),
    HANGS_ON(unit -> Objects.requireNonNullElse(unit.hangsOn(), ""), setting((f, from) -> f.hangsOn = from.hangsOn()));

    private final Function<Unit, String> words;
    private final BinaryOperator<Unit> put;

    /** @param put a unit, and the one that it gets the thing of */
    UnitField(Function<Unit, String> words, BinaryOperator<Unit> put) {
        this.words = words;
        this.put = put;
    }

    private static BinaryOperator<Unit> setting(BiConsumer<Unit.Fields, Unit> set) {
        return (to, from) -> to.with(f -> set.accept(f, from));
    }

    private static String inverted(Unit unit) {
        return List.of("Pan", "Tilt").stream().filter(each -> own(unit, each).invert()).collect(Collectors.joining(", "));
    }

    private static ChannelAdjustment own(Unit unit, String attribute) {
        return unit.adjustments().channels().getOrDefault(attribute, ChannelAdjustment.NONE);
    }

    /** {@return what a unit has of it, as people read it; may be empty} */
    public String words(Unit unit) {
        return words.apply(unit);
    }

    /** {@return the unit with what another one has of it} */
    public Unit put(Unit to, Unit from) {
        return put.apply(to, from);
    }

    /** {@return whether two files say the same of a unit} */
    public boolean isSaidAlike(Unit one, Unit other) {
        return isAlike(one, other);
    }

    /** {@return whether two units have the same} */
    public boolean isAlike(Unit one, Unit other) {
        return words(one).equals(words(other));
    }

    /** {@return whether it follows the file without being asked for, where nobody changed it here: geometry, and what is not shown} */
    public boolean isQuiet() {
        return this == BESIDE || this == PLACE || this == HANGS_ON;
    }
}
