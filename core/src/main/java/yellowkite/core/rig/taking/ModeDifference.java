package yellowkite.core.rig.taking;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Rank;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** How far two modes that a kind of fixture could be are apart. @param worst null if nothing differs */
public record ModeDifference(@Nullable Rank worst, int count) {
    /** {@return what differs; none if one of them has no such mode} */
    public static Optional<ModeDifference> of(FixtureType left, String leftMode, FixtureType right, String rightMode) {
        return find(left, leftMode).flatMap(one -> find(right, rightMode).map(other -> {
            var comparison = Comparison.ofModes(left, one, right, other);
            return new ModeDifference(comparison.differences().isEmpty() ? null : comparison.worst(Rank.COSMETIC),
                    comparison.differences().size());
        }));
    }

    private static Optional<Mode> find(FixtureType type, String name) {
        return type.modes().stream().filter(mode -> mode.name().equals(name)).findFirst();
    }
}
