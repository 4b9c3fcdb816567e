package yellowkite.core.edit;

import java.util.Optional;
import java.util.function.Function;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.edit.Edit.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/** Attributes that an edit brings into use: their definitions come along. */
final class Attributes {
    private Attributes() {}

    /** {@return the document with the attribute defined; none if the standard's list does not hold it either} */
    static Optional<FixtureType> define(FixtureType type, String attribute) {
        return Catalogue.STANDARD.define(type.attributeDefinitions(), attribute)
                .map(definitions -> definitions == type.attributeDefinitions() ? type : type.with(f -> f.attributeDefinitions = definitions));
    }

    /** Goes on with the document in which the attribute is defined, or refuses. */
    static Outcome using(FixtureType type, String attribute, Function<FixtureType, Outcome> change) {
        return attribute.equals(ChannelFunction.NO_FEATURE) ? change.apply(type) : define(type, attribute).map(change).orElseGet(() -> Located.rejected("attribute",
                "'" + attribute + "' is neither defined in this profile nor in the standard's list of attributes."));
    }
}
