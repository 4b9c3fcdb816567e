package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.body.Frames;
import yellowkite.core.profile.FixtureType;

/** A part whose matrix does more than stand and turn. */
final class SkewedPart implements Rule.OfType {
    @Override
    public String id() {
        return "skewed-part";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        return type.allGeometries()
            .flatMap(each -> Frames.unlikeAPlace(each.position())
                .map(how -> found(Finding.Place.ofPart(each.name()),
                        "The matrix of '" + each.name() + "' " + how + "; programs draw such a part differently. Set its position anew."))
                .stream());
    }
}
