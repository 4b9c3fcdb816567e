package yellowkite.core.colour;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Measurement;

/**
 * Light by wavelength, on the observer's grid. Of light that is only known by its colour the smoothest spectrum that is seen so stands in,
 * made when a glass asks for it. Does not change.
 */
public final class Spectrum {
    public static final Spectrum BLACK = new Spectrum(new double[Observer.SAMPLES], Xyz.BLACK);
    /** Second radiation constant, m K. Source: CIE 15, clause on Planckian radiators. */
    private static final double C2 = 1.4388e-2;

    private final Xyz seen;
    private volatile double @Nullable [] samples;

    private Spectrum(double @Nullable [] samples, Xyz seen) {
        this.samples = samples;
        this.seen = seen;
    }

    private static Spectrum of(double[] samples) {
        return new Spectrum(samples, Observer.see(samples));
    }

    /** {@return light that is only known by its colour} */
    public static Spectrum of(Xyz color) {
        return new Spectrum(null, color);
    }

    /** {@return the light of a black body, of luminance 1} @param kelvin more than 0 */
    public static Spectrum planck(double kelvin) {
        var samples = planckSamples(kelvin);
        return of(scaled(samples, 1 / Observer.see(samples).y()));
    }

    /** {@return what the observer sees of a black body, on a scale of its own} */
    static Xyz seenOfPlanck(double kelvin) {
        return Observer.see(planckSamples(kelvin));
    }

    private static double[] planckSamples(double kelvin) {
        var samples = new double[Observer.SAMPLES];
        for (int i = 0; i < samples.length; i++) {
            double metres = (Observer.FROM + i * Observer.STEP) * 1e-9;
            double share = 560e-9 / metres;
            samples[i] = share * share * share * share * share / Math.expm1(C2 / (metres * kelvin));
        }
        return samples;
    }

    /** {@return a measured spectrum, straight between its points and 0 beyond them} @param points in any order */
    public static Spectrum measured(List<Measurement.Point> points) {
        var sorted = points.stream().sorted(Comparator.comparingDouble(Measurement.Point::waveLength)).toList();
        return isFine(sorted) ? gathered(sorted) : of(at(sorted));
    }

    /** Lines that are narrower than the grid would fall between its samples. */
    private static boolean isFine(List<Measurement.Point> sorted) {
        for (int i = 1; i < sorted.size(); i++) {
            if (sorted.get(i).waveLength() - sorted.get(i - 1).waveLength() < Observer.STEP) {
                return true;
            }
        }
        return sorted.size() == 1;
    }

    /** {@return the values at the grid's wavelengths} @param sorted ascending */
    static double[] at(List<Measurement.Point> sorted) {
        var samples = new double[Observer.SAMPLES];
        int next = 0;
        for (int i = 0; i < samples.length; i++) {
            double wave = Observer.FROM + i * Observer.STEP;
            while (next < sorted.size() && sorted.get(next).waveLength() < wave) {
                next++;
            }
            if (next < sorted.size() && sorted.get(next).waveLength() == wave) {
                samples[i] = sorted.get(next).energy();
            } else if (next > 0 && next < sorted.size()) {
                var before = sorted.get(next - 1);
                var behind = sorted.get(next);
                samples[i] = before.energy()
                        + (behind.energy() - before.energy()) * (wave - before.waveLength()) / (behind.waveLength() - before.waveLength());
            }
        }
        return samples;
    }

    /** The energy between the points, gathered into the samples on both sides by how near they are: the observer then sees all of it. */
    private static Spectrum gathered(List<Measurement.Point> sorted) {
        var samples = new double[Observer.SAMPLES];
        var seen = Xyz.BLACK;
        if (sorted.size() == 1) {
            seen = put(samples, sorted.getFirst().waveLength(), sorted.getFirst().energy());
        }
        for (int i = 1; i < sorted.size(); i++) {
            var from = sorted.get(i - 1);
            var to = sorted.get(i);
            double length = to.waveLength() - from.waveLength();
            int pieces = (int) Math.clamp(Math.ceil(8 * length / Observer.STEP), 8, 10_000);
            for (int k = 0; k < pieces; k++) {
                double share = (k + 0.5) / pieces;
                seen = seen.plus(put(samples, from.waveLength() + share * length,
                        (from.energy() + share * (to.energy() - from.energy())) * length / pieces / Observer.STEP));
            }
        }
        return new Spectrum(samples, seen);
    }

    private static Xyz put(double[] samples, double wave, double energy) {
        double place = (wave - Observer.FROM) / Observer.STEP;
        int below = (int) Math.floor(place);
        double share = place - below;
        if (below >= 0 && below < samples.length) {
            samples[below] += (1 - share) * energy;
        }
        if (below + 1 >= 0 && below + 1 < samples.length) {
            samples[below + 1] += share * energy;
        }
        return Observer.seeLine(wave).times(energy);
    }

    /** {@return this light, so many times as strong} @param level 0 or more */
    public Spectrum times(double level) {
        var own = samples;
        return new Spectrum(own == null ? null : scaled(own, level), seen.times(level));
    }

    /** {@return this light or another, or what lies between} @param share 0 = this, 1 = the other */
    Spectrum towards(Spectrum other, double share) {
        var own = samples;
        var its = other.samples;
        if (own == null && its == null || share <= 0 || share >= 1) {
            return share <= 0 ? this : share >= 1 ? other : of(seen.towards(other.seen, share));
        }
        var a = samples();
        var b = other.samples();
        var between = new double[a.length];
        for (int i = 0; i < between.length; i++) {
            between[i] = a[i] + share * (b[i] - a[i]);
        }
        return new Spectrum(between, seen.towards(other.seen, share));
    }

    /** {@return what the observer sees} */
    public Xyz seen() {
        return seen;
    }

    /** {@return the energy at the grid's wavelengths} Not to be changed. */
    double[] samples() {
        var own = samples;
        if (own == null) {
            own = SmoothSpectrum.light(seen);
            samples = own;
        }
        return own;
    }

    private static double[] scaled(double[] samples, double by) {
        var scaled = new double[samples.length];
        for (int i = 0; i < scaled.length; i++) {
            scaled[i] = by * samples[i];
        }
        return scaled;
    }
}
