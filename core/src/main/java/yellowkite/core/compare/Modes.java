package yellowkite.core.compare;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Resolver;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.Mode;

/** One mode on both sides, and what is asked of it again for every channel. For one thread. */
final class Modes {
    /**
     * How much is looked at before the rest is given up, in lookups of one function at one value. A fixture of 512 channels that all wait
     * for others takes a fifth; only a file that is made to keep us busy takes more.
     */
    private static final long MOST_EFFORT = 300_000_000;

    final Side left;
    final CompiledMode before;
    final Resolver.Pass asksBefore;
    final long[] startsBefore;
    final Side right;
    final CompiledMode after;
    final Resolver.Pass asksAfter;
    final long[] startsAfter;
    /** Ids of the right's channels by those of the left's, and the other way round. */
    final Map<Integer, Integer> partners = new HashMap<>();
    final Map<Integer, Integer> partnersBack = new HashMap<>();
    /** Ids of the left's channels that mean the same on both sides, with all that their meaning leans on. */
    private final Set<Integer> alike;
    private long effort = MOST_EFFORT;

    Modes(Side left, Mode leftMode, Side right, Mode rightMode, List<Pairs.Pair<Channel>> pairs) {
        this.left = left;
        this.before = CompiledMode.of(left.type(), leftMode);
        this.asksBefore = before.resolver().asking();
        this.startsBefore = before.resolver().startValues();
        this.right = right;
        this.after = CompiledMode.of(right.type(), rightMode);
        this.asksAfter = after.resolver().asking();
        this.startsAfter = after.resolver().startValues();
        pairs.forEach(pair -> {
            partners.put(pair.left().id(), pair.right().id());
            partnersBack.put(pair.right().id(), pair.left().id());
        });
        this.alike = alike(pairs);
    }

    private Set<Integer> alike(List<Pairs.Pair<Channel>> pairs) {
        if (!Content.same(left.type().wheels(), right.type().wheels()) || !left.files().equals(right.files())
                || !Content.same(left.type().physicalDescriptions().dmxProfiles(), right.type().physicalDescriptions().dmxProfiles())) {
            return Set.of();
        }
        var same = pairs.stream()
            .filter(pair -> Content.same(pair.left(), pair.right()))
            .map(pair -> pair.left().id())
            .collect(Collectors.toCollection(HashSet::new));
        var others = before.mode().channels().stream().map(Channel::id).filter(id -> !same.contains(id)).collect(Collectors.toSet());
        same.removeAll(before.resolver().waitingFor(others));
        // a link that led nowhere may lead somewhere on the right
        var fresh = after.mode()
            .channels()
            .stream()
            .map(Channel::id)
            .filter(id -> !partnersBack.containsKey(id) || !same.contains(partnersBack.get(id)))
            .collect(Collectors.toSet());
        after.resolver().waitingFor(fresh).forEach(id -> same.remove(partnersBack.get(id)));
        return same;
    }

    boolean areAlike(Channel leftChannel) {
        return alike.contains(leftChannel.id());
    }

    /** {@return whether so many lookups may still be made; then they count as made} */
    boolean affords(long lookups) {
        if (lookups > effort) {
            return false; // what is small is still looked at
        }
        effort -= lookups;
        return true;
    }
}
