package yellowkite.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.xml.Source;

/** Attributes that an edit brings into use: their definitions come along. */
final class Attributes {
    private Attributes() {}

    /** {@return the document with the attribute defined; none if the standard's list does not hold it either} */
    static Optional<FixtureType> define(FixtureType type, String attribute) {
        return Catalogue.STANDARD.define(type.attributeDefinitions(), attribute)
            .map(definitions -> definitions == type.attributeDefinitions() ? type : type.with(f -> f.attributeDefinitions = definitions));
    }

    /** Goes on with the document in which the attribute is defined, or refuses. */
    static Outcome<FixtureType> using(FixtureType type, String attribute, Function<FixtureType, Outcome<FixtureType>> change) {
        return attribute.equals(ChannelFunction.NO_FEATURE) ? change.apply(type)
                : define(type, attribute).map(change)
                    .orElseGet(() -> Located.rejected("attribute",
                            "'" + attribute + "' is neither defined in this profile nor in the standard's list of attributes."));
    }

    /** {@return one function over the whole span, as the attribute is usually used; it takes two ids, from {@code id} on} */
    static LogicalChannel usual(int id, String attribute, String name, String original, int bytes) {
        var standard = Catalogue.STANDARD.find(attribute);
        var function = ChannelFunction.of(id + 1, f -> {
            f.name = name.replace('.', ' ');
            f.attribute = attribute;
            f.originalAttribute = original;
            f.dmxFrom = new DmxValue(0, bytes);
            f.defaultValue = new DmxValue(startsInTheMiddle(attribute) ? (DmxValue.max(bytes) + 1) / 2 : 0, bytes);
            f.physicalFrom = standard.map(each -> each.physicalFrom()).orElse(0.0);
            f.physicalTo = standard.map(each -> each.physicalTo()).orElse(1.0);
        });
        // what is chosen from a list does not fade
        var snap = standard.isPresent() && standard.get().unit() == PhysicalUnit.None && !attribute.startsWith("CIE_")
                ? LogicalChannel.Snap.YES
                : LogicalChannel.Snap.NO;
        return new LogicalChannel(id, attribute, snap,
                attribute.equals("Dimmer") ? LogicalChannel.Master.GRAND : LogicalChannel.Master.NONE, 0, 0, List.of(function),
                Source.NONE);
    }

    private static boolean startsInTheMiddle(String attribute) {
        return attribute.equals("Pan") || attribute.equals("Tilt");
    }

    static String pretty(FixtureType type, String attribute) {
        return type.attributeDefinitions().pretty(attribute);
    }
}
