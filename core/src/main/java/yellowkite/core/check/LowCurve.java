package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.curve.Curve;
import yellowkite.core.profile.FixtureType;

/** A curve that hardly leaves the ground: most likely hundredths were taken for percent. */
final class LowCurve implements Rule.OfType {
    private static final int STEPS = 200;
    private static final double HARDLY = 0.05;

    @Override
    public String id() {
        return "low-curve";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofCurves(type);
        return type.physicalDescriptions().dmxProfiles().stream().filter(profile -> !profile.points().isEmpty()).filter(profile -> {
            var curve = Curve.of(profile);
            return java.util.stream.IntStream.rangeClosed(0, STEPS).allMatch(i -> curve.at((double) i / STEPS) < HARDLY);
        })
            .map(profile -> found(uses.place(profile.name(), "Curve '" + profile.name() + "'"),
                    "The curve '" + profile.name() + "' never reaches 5 %; its values are shares of one, not percent."));
    }
}
