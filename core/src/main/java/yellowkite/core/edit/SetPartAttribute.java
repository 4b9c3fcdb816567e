package yellowkite.core.edit;

import yellowkite.core.gdtf.PartAttributes;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/**
 * Sets one of the values that only a part's kind has.
 *
 * @param attribute by the standard's name. @param value in the standard's form; empty = its default
 */
public record SetPartAttribute(String part, String attribute, String value) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, was -> {
            if (!(was instanceof Geometry.Part)) {
                return Located.rejected("attribute", "'" + part + "' repeats another part; change that one.");
            }
            try {
                var changed = PartAttributes.with((Geometry.Part) was, attribute, value);
                return changed.equals(was) ? Located.applied(before)
                        : Located.applied(BodyParts.change(before, part, each -> changed));
            } catch (IllegalArgumentException unfit) {
                return Located.rejected("value", String.valueOf(unfit.getMessage()));
            }
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "'" + part + "': " + attribute + (value.isBlank() ? " not said" : " is " + value.strip());
    }
}
