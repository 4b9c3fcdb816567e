package yellowkite.core.check;

import java.util.ArrayList;
import java.util.stream.Stream;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamDetails;

/** A light whose flux or angle nobody said: programs take the standard's 10,000 lm and 25 degrees. */
final class BeamWithoutFigures implements Rule.OfType {
    @Override
    public String id() {
        return "beam-without-figures";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        return type.allGeometries()
            .flatMap(each -> each instanceof Geometry.Part part && part.details() instanceof BeamDetails beam
                    ? missing(part, beam)
                    : Stream.<Finding>empty());
    }

    private Stream<Finding> missing(Geometry.Part part, BeamDetails beam) {
        var missing = new ArrayList<String>();
        var none = BeamDetails.DEFAULT;
        if (unsaid(part, "LuminousFlux", beam.luminousFlux(), none.luminousFlux())) {
            missing.add("luminous flux");
        }
        if (unsaid(part, "BeamAngle", beam.beamAngle(), none.beamAngle())) {
            missing.add("beam angle");
        }
        if (unsaid(part, "FieldAngle", beam.fieldAngle(), none.fieldAngle())) {
            missing.add("field angle");
        }
        return missing.isEmpty() ? Stream.empty()
                : Stream.of(found(Finding.Place.ofPart(part.name()),
                        "'" + part.name() + "' says no " + String.join(", no ", missing)
                                + "; programs take the standard's 10,000 lm and 25\u00b0."));
    }

    private static boolean unsaid(Geometry.Part part, String attribute, double value, double none) {
        return value <= 0 || value == none && part.source().spelling(attribute) == null;
    }
}
