package yellowkite.core.profile;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * What a coloured glass or flag does to the light: GDTF {@code Filter}.
 *
 * @param color of white light behind it; null if the file gives none
 */
public record Filter(String name, @Nullable ColorCie color, List<Measurement> measurements, Source source) {
    public Filter {
        measurements = List.copyOf(measurements);
    }
}
