package yellowkite.core.check;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/** An axis that no channel of any mode turns: it looks as if it could. */
final class AxisNotTurned implements Rule.OfType {
    @Override
    public String id() {
        return "axis-not-turned";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var turned = type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .filter(each -> turns(each.attribute()))
            .map(each -> each.geometry())
            .collect(Collectors.toSet());
        return type.allGeometries()
            .filter(each -> each instanceof Geometry.Part part && part.kind() == Geometry.Kind.Axis && !turned.contains(each.name()))
            .map(each -> found(Finding.Place.ofPart(each.name()), "No pan or tilt turns the axis '" + each.name() + "'."));
    }

    /** Source: GDTF, attributes of the group Position. */
    static boolean turns(String attribute) {
        return attribute.startsWith("Pan") || attribute.startsWith("Tilt") || attribute.startsWith("Rot_")
                || attribute.startsWith("PositionEffect");
    }
}
