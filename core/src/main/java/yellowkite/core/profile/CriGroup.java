package yellowkite.core.profile;

import java.util.List;
import yellowkite.core.xml.Source;

/**
 * How well colours are rendered at one white: GDTF {@code CRIGroup}.
 *
 * @param colorTemperature K
 */
public record CriGroup(double colorTemperature, List<Cri> samples, Source source) {
    public CriGroup {
        samples = List.copyOf(samples);
    }

    /** @param ces colour evaluation sample, such as {@code CES01}. @param index 0 to 100 */
    public record Cri(String ces, int index, Source source) {}
}
