package yellowkite.core.profile;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * What an emitter or a filter was measured to do at one setting: GDTF {@code Measurement}.
 *
 * @param physical percent of the emitter's or the filter's travel
 * @param luminousIntensity cd, of an emitter; null if the file gives none
 * @param transmission percent, of a filter; null if the file gives none
 * @param interpolationTo how it goes on to the next measurement
 * @param spectrum in the order of the file
 */
public record Measurement(double physical, @Nullable Double luminousIntensity, @Nullable Double transmission,
        Interpolation interpolationTo, List<Point> spectrum, Source source) {
    public Measurement {
        spectrum = List.copyOf(spectrum);
    }

    /** By the standard's names. */
    public enum Interpolation {
        Linear, Step, Log
    }

    /** @param waveLength nm. @param energy in any unit that is the same for the whole spectrum */
    public record Point(double waveLength, double energy, Source source) {}
}
