package yellowkite.core.profile;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * A light source of one colour: GDTF {@code Emitter}.
 *
 * @param color null if the file gives none
 * @param dominantWaveLength nm; null if the file gives none
 * @param diodePart the manufacturer's name of the part
 */
public record Emitter(String name, @Nullable ColorCie color, @Nullable Double dominantWaveLength, String diodePart,
        List<Measurement> measurements, Source source) {
    public Emitter {
        measurements = List.copyOf(measurements);
    }
}
