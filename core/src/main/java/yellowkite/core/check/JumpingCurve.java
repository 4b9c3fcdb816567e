package yellowkite.core.check;

import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import yellowkite.core.curve.Curve;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.FixtureType;

/** A curve that jumps from one value to another. */
final class JumpingCurve implements Rule.OfType {
    /** Less is not seen on a fixture. */
    private static final double SLACK = 0.004;

    @Override
    public String id() {
        return "jumping-curve";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofCurves(type);
        return type.physicalDescriptions().dmxProfiles().stream().flatMap(profile -> {
            var points = new Curve(profile.points()).points();
            return IntStream.range(1, points.size())
                .filter(i -> Math.abs(end(points.get(i - 1), points.get(i).dmxPercentage()) - points.get(i).cfc0()) > SLACK)
                .limit(1)
                .mapToObj(i -> found(uses.place(profile.name(), "Curve '" + profile.name() + "'"),
                        String.format(Locale.ROOT, "The curve '%s' jumps from %.3f to %.3f at %.4g %%.",
                                profile.name(), end(points.get(i - 1), points.get(i).dmxPercentage()), points.get(i).cfc0(),
                                points.get(i).dmxPercentage())));
        });
    }

    /** {@return where a piece ends} */
    private static double end(DmxProfile.Point point, double percent) {
        double u = (percent - point.dmxPercentage()) / 100;
        return point.cfc0() + u * (point.cfc1() + u * (point.cfc2() + u * point.cfc3()));
    }
}
