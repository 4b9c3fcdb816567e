package yellowkite.core.colour;

import java.util.Comparator;
import java.util.List;
import yellowkite.core.profile.Measurement;

/** Light, or what a glass lets through, by wavelength: on the observer's grid. */
final class Spectrum {
    /** Second radiation constant, m K. Source: CIE 15, clause on Planckian radiators. */
    private static final double C2 = 1.4388e-2;
    private final double[] samples;

    private Spectrum(double[] samples) {
        this.samples = samples;
    }

    /** {@return the light of a black body} @param kelvin more than 0 */
    static Spectrum planck(double kelvin) {
        var samples = new double[Observer.SAMPLES];
        for (int i = 0; i < samples.length; i++) {
            double metres = (Observer.FROM + i * Observer.STEP) * 1e-9;
            double share = 560e-9 / metres;
            samples[i] = share * share * share * share * share / Math.expm1(C2 / (metres * kelvin));
        }
        return new Spectrum(samples);
    }

    /** {@return a measured spectrum, straight between its points and 0 beyond them} @param points in any order */
    static Spectrum measured(List<Measurement.Point> points) {
        var sorted = points.stream().sorted(Comparator.comparingDouble(Measurement.Point::waveLength)).toList();
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
                samples[i] = before.energy() + (behind.energy() - before.energy()) * (wave - before.waveLength()) / (behind.waveLength() - before.waveLength());
            }
        }
        return new Spectrum(samples);
    }

    /** {@return this light behind a glass} */
    Spectrum through(Spectrum glass) {
        var samples = new double[Observer.SAMPLES];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = this.samples[i] * glass.samples[i];
        }
        return new Spectrum(samples);
    }

    Xyz seen() {
        return Observer.see(samples);
    }
}
