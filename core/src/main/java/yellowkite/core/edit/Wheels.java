package yellowkite.core.edit;

import java.util.function.Function;
import java.util.function.IntUnaryOperator;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;

/** Wheels as edits find them, and the ranges that bring in their slots. */
final class Wheels {
    /** No wheel, and no scroller string, has more. */
    static final int MOST_SLOTS = 256;

    private Wheels() {}

    static Outcome<FixtureType> on(FixtureType type, int id, Function<Wheel, Outcome<FixtureType>> change) {
        return type.wheels().stream().filter(each -> each.id() == id).findFirst().map(change).orElse(Located.missing("wheel"));
    }

    /** Goes on with a slot of a wheel, 1 = the first. */
    static Outcome<FixtureType> onSlot(FixtureType type, int id, int slot, Function<Wheel, Outcome<FixtureType>> change) {
        return on(type, id, wheel -> wheel.findSlot(slot).isPresent() ? change.apply(wheel)
                : Located.rejected("slot",
                        "Wheel '" + wheel.name() + "' has slots 1 to " + wheel.slots().size() + "; " + slot + " is not one of them."));
    }

    static FixtureType replace(FixtureType type, Wheel after) {
        return type.with(f -> f.wheels = Trees.map(f.wheels, each -> each.id() == after.id() ? after : each));
    }

    /**
     * {@return the document in which every range that brings in a slot of that wheel brings in another one} @param to new number by the old
     * one
     */
    static FixtureType renumber(FixtureType type, String wheel, IntUnaryOperator to) {
        return type.mapModes(mode -> mode.mapChannels(channel -> channel.mapFunctions(function -> !function.wheel().equals(wheel) ? function
                : function.mapRanges(range -> range.slot() == 0 || to.applyAsInt(range.slot()) == range.slot() ? range
                        : range.withSlot(to.applyAsInt(range.slot()))))));
    }

    static String called(FixtureType type, int id) {
        return type.wheels()
            .stream()
            .filter(each -> each.id() == id)
            .findFirst()
            .map(each -> "wheel '" + each.name() + "'")
            .orElse("a wheel");
    }

    static String slot(FixtureType type, int id, int slot) {
        return type.wheels()
            .stream()
            .filter(each -> each.id() == id)
            .findFirst()
            .flatMap(each -> each.findSlot(slot))
            .map(each -> "'" + each.name() + "'")
            .orElse("slot " + slot);
    }
}
