package yellowkite.core.profile;

import java.util.List;
import yellowkite.core.xml.Source;

/** A curve as the file has it: GDTF {@code DMXProfile}. See the core's {@code curve} package for what it computes. */
public record DmxProfile(String name, List<Point> points, Source source) {
    public DmxProfile {
        points = List.copyOf(points);
    }

    /**
     * Where a cubic piece begins, and its coefficients in fractions of full scale.
     *
     * @param dmxPercentage in percent
     */
    public record Point(double dmxPercentage, double cfc0, double cfc1, double cfc2, double cfc3, Source source) {}
}
