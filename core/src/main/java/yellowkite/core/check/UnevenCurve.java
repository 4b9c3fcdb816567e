package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.curve.Curve;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.FixtureType;

/** A curve that falls, or leaves 0 to 1. */
final class UnevenCurve implements Rule.OfType {
    /** Fine enough to meet every piece of a curve that a person drew. */
    private static final int STEPS = 1_000;
    private static final double SLACK = 1e-6;

    @Override
    public String id() {
        return "uneven-curve";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofCurves(type);
        return type.physicalDescriptions().dmxProfiles().stream().flatMap(profile -> {
            var place = uses.place(profile.name(), "Curve '" + profile.name() + "'");
            return Stream.of(falls(profile) ? "The curve '" + profile.name() + "' falls somewhere: more DMX gives less." : "",
                    leaves(profile) ? "The curve '" + profile.name() + "' leaves 0 to 1 somewhere and is cut there." : "")
                .filter(says -> !says.isEmpty())
                .map(says -> found(place, says));
        });
    }

    private static boolean falls(DmxProfile profile) {
        var curve = Curve.of(profile);
        double before = curve.at(0);
        for (int i = 1; i <= STEPS; i++) {
            double here = curve.at((double) i / STEPS);
            if (here < before - SLACK) {
                return true;
            }
            before = here;
        }
        return false;
    }

    /** A piece is looked at up to where the next begins. */
    private static boolean leaves(DmxProfile profile) {
        var points = new Curve(profile.points()).points();
        for (int p = 0; p < points.size(); p++) {
            var point = points.get(p);
            double length = ((p + 1 < points.size() ? points.get(p + 1).dmxPercentage() : 100) - point.dmxPercentage()) / 100;
            for (int i = 0; i <= 50; i++) {
                double u = length * i / 50;
                double y = point.cfc0() + u * (point.cfc1() + u * (point.cfc2() + u * point.cfc3()));
                if (y < -SLACK || y > 1 + SLACK) {
                    return true;
                }
            }
        }
        return false;
    }
}
