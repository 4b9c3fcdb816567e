package yellowkite.core.light;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Spectrum;
import yellowkite.core.colour.Temperature;
import yellowkite.core.curve.Shelf;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.Measurement;
import yellowkite.core.xml.Source;

/** Light sources of our own figures, to be put into a fixture in the place of its own: what such a source usually is like. */
public enum SourceShelf {
    TUNGSTEN_650("Tungsten 650 W", "Tungsten", 3_200, 16_250, 650, 100, Shelf.SQUARE),
    TUNGSTEN_1000("Tungsten 1000 W", "Tungsten", 3_200, 27_000, 1_000, 100, Shelf.SQUARE),
    HALOGEN_575("Halogen 575 W", "Halogen", 3_050, 13_500, 575, 100, Shelf.SQUARE),
    DISCHARGE_700("Discharge 700 W", "Discharge", 6_000, 50_000, 700, 80, Shelf.LINEAR),
    WARM_LED_150("Warm white LED 150 W", "LED", 3_000, 12_000, 150, 95, Shelf.LINEAR),
    NEUTRAL_LED_300("Neutral white LED 300 W", "LED", 4_200, 26_000, 300, 92, Shelf.LINEAR),
    COLD_LED_400("Cold white LED 400 W", "LED", 6_500, 40_000, 400, 75, Shelf.LINEAR);

    private static final int FROM = 380;
    private static final int TO = 780;
    private static final int STEP = 10;
    private static final double BLUE = 452;
    private static final double BLUE_WIDTH = 11;
    private static final double PHOSPHOR_WIDTH = 60;

    private final String called;
    private final String lampType;
    private final double kelvin;
    private final double lumens;
    private final double watts;
    private final double rendering;
    private final Shelf curve;

    SourceShelf(String called, String lampType, double kelvin, double lumens, double watts, double rendering, Shelf curve) {
        this.called = called;
        this.lampType = lampType;
        this.kelvin = kelvin;
        this.lumens = lumens;
        this.watts = watts;
        this.rendering = rendering;
        this.curve = curve;
    }

    public static Optional<SourceShelf> find(String called) {
        return Arrays.stream(values()).filter(each -> each.called.equals(called)).findFirst();
    }

    public String called() {
        return called;
    }

    /** {@return by the standard's words} */
    public String lampType() {
        return lampType;
    }

    public double kelvin() {
        return kelvin;
    }

    public double lumens() {
        return lumens;
    }

    public double watts() {
        return watts;
    }

    /** {@return colour rendering index} */
    public double rendering() {
        return rendering;
    }

    /** {@return how its light follows the dimmer's value} */
    public Shelf curve() {
        return curve;
    }

    /** {@return it as an emitter, with its colour and its spectrum} */
    public Emitter emitter() {
        var points = spectrum();
        var color = Spectrum.measured(points).seen().chromaticity();
        return new Emitter(called, new ColorCie(digits(color.x()), digits(color.y()), 100), null, "",
                List.of(new Measurement(100, null, null, Measurement.Interpolation.values()[0], points, Source.NONE)), Source.NONE);
    }

    private List<Measurement.Point> spectrum() {
        return switch (lampType) {
            case "LED" -> white(kelvin);
            case "Discharge" -> discharge();
            default -> sampled(wave -> planck(wave, kelvin));
        };
    }

    /** A blue diode and the phosphor that it lights, as much of the one as gives the colour temperature. */
    private static List<Measurement.Point> white(double kelvin) {
        double low = 0.02;
        double high = 4;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            double now = Temperature.of(color(diode(middle, kelvin))).map(Temperature::kelvin).orElse(Double.MAX_VALUE);
            if (now < kelvin) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return diode(low, kelvin);
    }

    private static Chromaticity color(List<Measurement.Point> points) {
        return Spectrum.measured(points).seen().chromaticity();
    }

    /** Warm whites have a redder phosphor. */
    private static List<Measurement.Point> diode(double blue, double kelvin) {
        double phosphor = 620 - 0.012 * (kelvin - 2_700);
        return sampled(wave -> blue * bell(wave, BLUE, BLUE_WIDTH) + bell(wave, phosphor, PHOSPHOR_WIDTH));
    }

    /** A hot continuum with the lines of its metals. */
    private static List<Measurement.Point> discharge() {
        return sampled(wave -> 0.7 * planck(wave, 6_200) / planck(560, 6_200) + 0.5 * bell(wave, 436, 9) + 0.6 * bell(wave, 546, 9)
                + 0.4 * bell(wave, 589, 10));
    }

    private interface ByWave {
        double at(double nanometres);
    }

    private static List<Measurement.Point> sampled(ByWave energy) {
        double most = 0;
        for (int wave = FROM; wave <= TO; wave += STEP) {
            most = Math.max(most, energy.at(wave));
        }
        var points = new ArrayList<Measurement.Point>();
        for (int wave = FROM; wave <= TO; wave += STEP) {
            points.add(new Measurement.Point(wave, digits(energy.at(wave) / most), Source.NONE));
        }
        return points;
    }

    private static double bell(double wave, double middle, double width) {
        double off = (wave - middle) / width;
        return Math.exp(-off * off / 2);
    }

    /** Source: CIE 15, clause on Planckian radiators; on a scale of its own. */
    private static double planck(double wave, double kelvin) {
        return Math.pow(560 / wave, 5) / Math.expm1(1.4388e7 / (wave * kelvin));
    }

    private static double digits(double value) {
        return Math.round(value * 1e5) / 1e5;
    }
}
