package yellowkite.core.check;

import java.util.stream.Stream;
import org.joml.Matrix4dc;
import org.joml.Vector3d;
import yellowkite.core.profile.Geometry;

/**
 * A body that does not stand as the standard wants it: hanging, pan about the upright, tilt about the line from left to right, light
 * straight down.
 */
final class FrontElsewhere implements Rule.OfMode {
    @Override
    public String id() {
        return "front-elsewhere";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    /** Cosine of 10 degrees. */
    private static final double NEAR = 0.985;

    @Override
    public Stream<Finding> check(ModeView view) {
        var channels = view.mode().channels();
        var pan = channels.stream().filter(each -> each.attribute().equals("Pan")).findFirst();
        var tilt = channels.stream().filter(each -> each.attribute().equals("Tilt")).findFirst();
        if (pan.isEmpty() && tilt.isEmpty()) {
            return Stream.empty();
        }
        var parts = view.compiled().body().parts();
        var frames = view.compiled().body().frames();
        var findings = Stream.<Finding>builder();
        boolean panTold = pan.isEmpty();
        boolean tiltTold = tilt.isEmpty();
        boolean lightTold = false;
        for (int i = 0; i < parts.size(); i++) {
            var part = parts.get(i);
            var frame = frames.get(i);
            var name = part.geometry().name();
            if (!panTold && name.equals(pan.get().geometry())) {
                panTold = true;
                told(view, findings, name, frame, new Vector3d(0, 0, 1), "The axis '" + name + "' that pan turns is not upright.");
            }
            if (!tiltTold && name.equals(tilt.get().geometry())) {
                tiltTold = true;
                told(view, findings, name, frame, new Vector3d(1, 0, 0),
                        "The axis '" + name
                                + "' that tilt turns does not lie from left to right; the front is not where the standard wants it.");
            }
            if (!lightTold && part.geometry() instanceof Geometry.Part beam && beam.kind() == Geometry.Kind.Beam) {
                lightTold = true;
                told(view, findings, name, frame, new Vector3d(0, 0, 1),
                        "'" + name + "' does not look straight down while pan and tilt are at zero, as the standard wants it.");
            }
        }
        return findings.build();
    }

    private void told(ModeView view, Stream.Builder<Finding> findings, String part, Matrix4dc frame, Vector3d along, String says) {
        if (!(frame.transformDirection(new Vector3d(along)).normalize().dot(along) > NEAR)) {
            findings.add(found(Finding.Place.ofPart(view.mode(), part), says));
        }
    }
}
