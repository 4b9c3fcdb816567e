package yellowkite.core.bench;

import java.util.Optional;
import yellowkite.core.dmx.Spans;
import yellowkite.core.text.Figures;

/**
 * What a person can measure at a step: an angle, a share of the light, how often it flashes.
 *
 * @param wanted what the profile says. @param unit behind it; may be empty
 * @param near how far a measurement may be off and still agree: a protractor tells a fiftieth of what the function runs through
 */
public record Measured(double wanted, String unit, double near) {
    private static final double SHARE = 0.02;
    private static final double PERCENT = 100;

    /** {@return what can be measured; none where it is no single number} */
    public static Optional<Measured> of(Walk walk, Step step) {
        if (step.watched().size() != 1) {
            return Optional.empty();
        }
        var seen = walk.wanted(step);
        return switch (step.watched().getFirst()) {
            case Reading.Axis(var name) -> Optional.ofNullable(seen.axes().get(name)).map(each -> of(walk, step, each, "\u00b0"));
            case Reading.Lens lens -> Optional.ofNullable(lens.of(seen))
                .map(each -> of(walk, step, each, lens.what() == Reading.Lens.What.ZOOM ? "\u00b0" : ""));
            case Reading.Strobe() -> Optional.of(of(walk, step, seen.strobe(), "Hz"));
            case Reading.Level() -> Optional.of(new Measured(seen.level() * PERCENT, "%", PERCENT * SHARE));
            default -> Optional.empty();
        };
    }

    private static Measured of(Walk walk, Step step, double wanted, String unit) {
        double runs = step.spanIn(walk.mode())
            .map(Spans.FunctionSpan::function)
            .map(each -> Math.abs(each.physicalTo() - each.physicalFrom()))
            .orElse(0.0);
        return new Measured(wanted, unit, Math.max(step.tolerance(), SHARE * runs));
    }

    /** {@return whether that number is what the profile says} */
    public Walk.Verdict judge(double measured) {
        return Math.abs(measured - wanted) <= near ? Walk.Verdict.AGREES : Walk.Verdict.DIFFERS;
    }

    /** {@return a measurement in words} */
    public String words(double measured) {
        var sign = unit.equals("\u00b0") || unit.isEmpty() ? unit : " " + unit;
        return "measured " + Figures.of(measured) + sign + ", the profile says " + Figures.of(wanted) + sign;
    }
}
