package yellowkite.server.library;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.library.Card;
import yellowkite.core.library.Found;
import yellowkite.core.library.LibraryIndex;
import yellowkite.core.library.LibraryQuery;
import yellowkite.core.library.Narrowing;
import yellowkite.server.revisions.LibraryChangeRepository;

/** The index of the library, kept in memory and brought up to what the database says before each search. It can be lost at any time. */
@Service
public class LibraryShelves {
    /** As many cards as are read at once. */
    private static final int AT_ONCE = 1_000;
    private static final int WARM_ROUNDS = 60;
    private final CardRepository cards;
    private final LibraryChangeRepository changes;
    private volatile @Nullable Read read;

    LibraryShelves(CardRepository cards, LibraryChangeRepository changes) {
        this.cards = cards;
        this.changes = changes;
    }

    /** @param stamp of the last change that it knows of */
    private record Read(LibraryIndex index, long stamp) {}

    /** Reads the library and searches it until the virtual machine has compiled that: the first who searches would wait for both. */
    public void warmUp() {
        for (int round = 0; round < WARM_ROUNDS; round++) {
            index().search(LibraryQuery.of("spott, 16 bit pan, 17 channels"), Narrowing.NONE, LibraryIndex.Order.FIT);
        }
    }

    /** {@return the profiles that somebody's words find, the best first} */
    public List<String> found(String words, int most) {
        return found(index(), words, most);
    }

    /** {@return for each of several words the profiles that they find, the best first} */
    public Map<String, List<String>> foundAll(Collection<String> words, int most) {
        var index = index();
        return words.stream().distinct().parallel().collect(Collectors.toMap(each -> each, each -> found(index, each, most)));
    }

    private static List<String> found(LibraryIndex index, String words, int most) {
        return index.search(LibraryQuery.of(words), Narrowing.NONE, LibraryIndex.Order.FIT)
            .hits()
            .stream()
            .limit(most)
            .map(Found.Hit::id)
            .toList();
    }

    /** {@return an index that knows every change that was committed before the call} */
    LibraryIndex index() {
        var now = read;
        long stamp = changes.stamp();
        return now != null && now.stamp() >= stamp ? now.index() : bringUp(stamp).index();
    }

    private synchronized Read bringUp(long stamp) {
        var before = read;
        if (before != null && before.stamp() >= stamp) {
            return before;
        }
        var after = before == null ? new Read(all(), stamp) : since(before);
        read = after;
        return after;
    }

    private LibraryIndex all() {
        var index = LibraryIndex.EMPTY;
        var ids = cards.idsAfter("", AT_ONCE);
        while (!ids.isEmpty()) {
            index = index.with(cards.of(ids), Set.of());
            ids = cards.idsAfter(ids.getLast(), AT_ONCE);
        }
        return index;
    }

    private Read since(Read before) {
        var changed = changes.since(before.stamp());
        var index = before.index();
        for (int from = 0; from < changed.size(); from += AT_ONCE) {
            var ids = changed.subList(from, Math.min(changed.size(), from + AT_ONCE))
                .stream()
                .map(LibraryChangeRepository.Change::profileId)
                .toList();
            var found = cards.of(ids);
            var gone = new HashSet<>(ids);
            gone.removeAll(found.stream().map(Card::id).collect(Collectors.toSet()));
            index = index.with(found, gone);
        }
        return new Read(index, changed.stream().mapToLong(LibraryChangeRepository.Change::stamp).max().orElse(before.stamp()));
    }
}
