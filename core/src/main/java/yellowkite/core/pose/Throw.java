package yellowkite.core.pose;

/**
 * How wide and how bright a beam is on a surface at a right angle to it.
 *
 * @param distance metres from the lens
 * @param beamWidth metres across, where there is half of the light of the middle; @param fieldWidth where there is a tenth
 * @param lux on average over the field
 */
public record Throw(double distance, double beamWidth, double fieldWidth, double lux) {
    private static final double WIDEST = 179;

    /**
     * {@return it at a distance} A width is that of the lens and what the angle adds: w = 2 r + 2 d tan(angle / 2). The light is shared
     * evenly: E = flux / (pi (w / 2) squared).
     *
     * @param beamAngle degrees, as is the field angle; at least half of what a cone opens to
     * @param radius of the lens, m. @param lumens that leave it
     */
    public static Throw at(double distance, double beamAngle, double fieldAngle, double radius, double lumens) {
        double field = width(distance, Math.max(fieldAngle, beamAngle), radius);
        double area = Math.PI * field * field / 4;
        return new Throw(distance, width(distance, beamAngle, radius), field, area > 0 ? lumens / area : 0);
    }

    private static double width(double distance, double angle, double radius) {
        return 2 * radius + 2 * distance * Math.tan(Math.toRadians(Math.clamp(angle, 0, WIDEST)) / 2);
    }
}
