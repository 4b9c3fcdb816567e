package yellowkite.core.compare;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.edit.Edit;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** Two profiles, or two modes, beside each other. @param differences in the order of the left document */
public record Comparison(List<Difference> differences) {
    public Comparison {
        differences = List.copyOf(differences);
    }

    /**
     * {@return what the right profile does otherwise than the left one} What the house keeps beside them is not compared, nor the ids of
     * their nodes.
     */
    public static Comparison of(Side left, Side right) {
        var found = new Found();
        ProfileDiff.compare(left, right, found);
        // a mode that only changed its name has the same channels; a last one on each side is the same if half of them are
        var maps = new IdentityHashMap<Mode, String>();
        left.type().modes().forEach(mode -> maps.put(mode, CompiledMode.of(left.type(), mode).signature()));
        right.type().modes().forEach(mode -> maps.put(mode, CompiledMode.of(right.type(), mode).signature()));
        var modes = Pairs.<Mode>by(left.type().modes(), right.type().modes(), Mode::name,
                mode -> Objects.requireNonNull(maps.get(mode)).isEmpty() ? null : maps.get(mode), Comparison::channels);
        modes.both().forEach(pair -> ModeDiff.compare(left, pair.left(), right, pair.right(), found));
        if (modes.left().size() == 1 && modes.right().size() == 1 && isAlike(modes.left().getFirst(), modes.right().getFirst())) {
            ModeDiff.compare(left, modes.left().getFirst(), right, modes.right().getFirst(), found);
        } else {
            modes.left()
                .forEach(mode -> found.add(Rank.BREAKS, Kind.MODE_REMOVED, Place.mode(mode.name()), "This mode is gone.", mode.name(), ""));
            modes.right()
                .forEach(mode -> found.add(Rank.ADDS, Kind.MODE_ADDED, Place.mode(mode.name()), "This mode is new.", "", mode.name()));
        }
        Rest.order("modes", modes.both(), right.type().modes(), Place.PROFILE, found);
        return new Comparison(found.differences);
    }

    private static List<String> channels(Mode mode) {
        return mode.channels().stream().map(Channel::name).toList();
    }

    private static boolean isAlike(Mode left, Mode right) {
        var names = Set.copyOf(channels(left));
        return 2 * channels(right).stream().filter(names::contains).count() >= Math.max(left.channels().size(), right.channels().size());
    }

    /** {@return what one mode does otherwise than another, of the same profile or of two} */
    public static Comparison ofModes(FixtureType left, Mode leftMode, FixtureType right, Mode rightMode) {
        var found = new Found();
        ModeDiff.compare(Side.of(left), leftMode, Side.of(right), rightMode, found);
        return new Comparison(found.differences);
    }

    /** {@return the same, the worst first; within a rank in document order} */
    public List<Difference> byRank() {
        return differences.stream().sorted(Comparator.comparing(Difference::rank)).toList();
    }

    /** {@return how bad it is in all: the worst rank; {@code otherwise} if nothing differs} */
    public Rank worst(Rank otherwise) {
        return differences.stream().map(Difference::rank).min(Comparator.naturalOrder()).orElse(otherwise);
    }

    public long count(Rank rank) {
        return differences.stream().filter(each -> each.rank() == rank).count();
    }

    /** What of the right was carried over. @param edits that were done, in their order. @param left those that a person has to do */
    public record CarriedOver(FixtureType after, List<Edit> edits, List<Difference> left) {}

    /**
     * {@return the left document made like the right one in all that edits can do} One that does not fit yet waits for the others: a
     * boundary may have to make room first.
     */
    public CarriedOver carriedOver(FixtureType left) {
        var type = left;
        var done = new ArrayList<Edit>();
        var waiting = new ArrayList<>(differences);
        for (boolean moved = true; moved;) {
            moved = false;
            for (var each : List.copyOf(waiting)) {
                var after = each.edits().isEmpty() ? null : applied(type, each.edits());
                if (after != null) {
                    type = after;
                    done.addAll(each.edits());
                    waiting.remove(each);
                    moved = true;
                }
            }
        }
        return new CarriedOver(type, done, waiting);
    }

    private static @Nullable FixtureType applied(FixtureType type, List<Edit> edits) {
        for (var edit : edits) {
            if (!(edit.applyTo(type) instanceof Outcome.Applied<FixtureType> so)) {
                return null;
            }
            type = so.after();
        }
        return type;
    }
}
