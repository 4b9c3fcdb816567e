package yellowkite.core.edit;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Srgb;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;

/**
 * Changes what a slot is called and what it holds; null leaves what is there.
 *
 * @param slot 1 = the first
 * @param color {@code #rrggbb} as on a screen; empty = none
 * @param filter of the profile; empty = none
 * @param mediaFile name of a picture that lies in the profile's files, without folder and ending; empty = none
 * @param facets of a prism; 0 = none
 * @param disc whether it is an animation disc
 */
public record SetSlot(int wheel, int slot, @Nullable String name, @Nullable String color, @Nullable String filter,
        @Nullable String mediaFile,
        @Nullable Integer facets, @Nullable Boolean disc) implements Edit {
    static final int MOST_FACETS = 32;

    public static SetSlot named(int wheel, int slot, String name) {
        return new SetSlot(wheel, slot, name, null, null, null, null, null);
    }

    public static SetSlot colored(int wheel, int slot, String color) {
        return new SetSlot(wheel, slot, null, color, null, null, null, null);
    }

    /** Puts a gobo into a slot, which is called after it. */
    public static SetSlot picture(int wheel, int slot, String name, String mediaFile) {
        return new SetSlot(wheel, slot, name, null, null, mediaFile, null, null);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Wheels.onSlot(before, wheel, slot, was -> {
            var refusal = refusal(before);
            if (refusal.isPresent()) {
                return refusal.get();
            }
            var old = was.slots().get(slot - 1);
            var fresh = new Wheel.Slot(old.id(), name == null ? old.name() : name,
                    color == null ? old.color() : Srgb.parse(color).map(Srgb::toCie).orElse(null), filter == null ? old.filter() : filter,
                    mediaFile == null ? old.mediaFile() : mediaFile,
                    facets == null ? old.facets() : SlotPart.prism(facets),
                    disc == null ? old.animation()
                            : disc ? old.animation() != null ? old.animation() : SlotPart.Disc.USUAL.toSystem() : null,
                    old.source());
            return Located.applied(fresh.equals(old) ? before
                    : Wheels.replace(before,
                            new Wheel(was.id(), was.name(), Trees.map(was.slots(), each -> each == old ? fresh : each), was.source())));
        });
    }

    private Optional<Outcome<FixtureType>> refusal(FixtureType type) {
        var refusal = name == null ? Optional.<Outcome<FixtureType>>empty() : Names.refusal("name", name);
        if (refusal.isPresent()) {
            return refusal;
        }
        if (color != null && !color.isEmpty() && Srgb.parse(color).isEmpty()) {
            return Optional.of(Located.rejected("color", "A colour is written as # and six digits of 0 to 9 and a to f, such as #ffcc00."));
        }
        if (filter != null && !filter.isEmpty() && type.physicalDescriptions().findFilter(filter).isEmpty()) {
            return Optional.of(Located.rejected("filter", "This profile has no filter called '" + filter + "'."));
        }
        if (facets != null && (facets < 0 || facets > MOST_FACETS)) {
            return Optional.of(Located.rejected("facets", "A prism has up to " + MOST_FACETS + " facets; " + facets + " is outside."));
        }
        return mediaFile == null ? Optional.empty() : Names.refusal("mediaFile", mediaFile);
    }

    @Override
    public String describe(FixtureType before) {
        return "Slot " + Wheels.slot(before, wheel, slot) + " of " + Wheels.called(before, wheel)
                + (name == null ? "" : " is called '" + name + "'")
                + (color == null ? "" : color.isEmpty() ? " has no colour" : " is " + color)
                + (filter == null ? "" : filter.isEmpty() ? " has no filter" : " is the filter '" + filter + "'")
                + (mediaFile == null ? "" : mediaFile.isEmpty() ? " has no picture" : " has the picture '" + mediaFile + "'")
                + (facets == null ? "" : facets == 0 ? " is no prism" : " is a prism of " + facets)
                + (disc == null ? "" : disc ? " is an animation disc" : " is no animation disc");
    }
}
