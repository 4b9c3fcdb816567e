package yellowkite.core.colour;

import java.util.List;

/**
 * Levels that make a wanted colour.
 *
 * @param levels of each light or flag, in [0, 1], in the order in which they were given
 * @param reached what these levels give
 * @param inGamut whether the wanted colour can be made; if not, what is reached is the nearest to it
 */
public record Mix(List<Double> levels, Xyz reached, boolean inGamut) {
    public Mix {
        levels = List.copyOf(levels);
    }
}
