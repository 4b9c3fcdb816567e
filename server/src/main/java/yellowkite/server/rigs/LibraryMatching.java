package yellowkite.server.rigs;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found.How;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Matching.Candidate;
import yellowkite.core.rig.Matching;
import yellowkite.core.rig.Unit;
import yellowkite.server.library.LibraryShelves;
import yellowkite.server.library.UseRepository;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;

/** What the library has for what is asked for. Many kinds are looked for together: the database is asked once for all of them. */
@Service
class LibraryMatching {
    private static final int MOST_PROFILES = 12;
    private final LibraryShelves library;
    private final RevisionRepository revisionRows;
    private final UseRepository uses;
    private final RigFixtures fixtures;

    LibraryMatching(LibraryShelves library, RevisionRepository revisionRows, UseRepository uses, RigFixtures fixtures) {
        this.library = library;
        this.revisionRows = revisionRows;
        this.uses = uses;
        this.fixtures = fixtures;
    }

    /** @param id of a fixture type; may be empty */
    record Sought(Asked asked, String id) {
        /** {@return what its profile may be found by: first by its whole name} */
        List<String> words() {
            return Stream.of(asked.manufacturer() + " " + asked.model(), asked.model(), asked.manufacturer())
                .map(String::strip)
                .filter(each -> !each.isEmpty())
                .distinct()
                .toList();
        }
    }

    /** {@return for what each unit asks, what the library has for it} */
    List<Unit> matched(List<Unit> units) {
        var found = all(units.stream().map(unit -> new Sought(unit.asked(), "")).distinct().toList());
        return units.stream().map(unit -> unit.as(Objects.requireNonNull(found.get(new Sought(unit.asked(), ""))))).toList();
    }

    /** {@return what fits best for each; a footprint alone, or nothing, where no profile does} */
    Map<Sought, Found> all(Collection<Sought> sought) {
        var known = new HashMap<String, List<String>>();
        var found = new HashMap<>(among(sought, 1, known));
        var rest = sought.stream().filter(each -> !isSure(found.getOrDefault(each, Found.NOTHING))).toList();
        found.putAll(among(rest, Integer.MAX_VALUE, known)); // those are looked for by parts of their names, too
        return found;
    }

    private static boolean isSure(Found found) {
        return found.how() == How.EXACT || found.how() == How.PROFILE;
    }

    /** @param words how many of each one's words are looked for. @param byWords the profiles that some words find, and then those, too */
    private Map<Sought, Found> among(Collection<Sought> sought, int words, Map<String, List<String>> byWords) {
        var byId = uses.twins(sought.stream().map(Sought::id).filter(id -> !id.isEmpty()).distinct().toList());
        byWords.putAll(library.foundAll(sought.stream()
            .flatMap(each -> each.words().stream().limit(words))
            .filter(each -> !byWords.containsKey(each))
            .toList(), MOST_PROFILES));
        Map<Sought, List<String>> profiles = sought.stream()
            .distinct()
            .collect(Collectors.toMap(each -> each, each -> Stream.concat(
                    Stream.ofNullable(byId.get(each.id())).map(UseRepository.Use::profileId),
                    each.words().stream().limit(words).flatMap(word -> byWords.getOrDefault(word, List.of()).stream()))
                .distinct()
                .toList(),
                    (one, same) -> one, LinkedHashMap::new));
        Map<String, StoredRevision> newest = revisionRows
            .newestOf(profiles.values().stream().flatMap(List::stream).distinct().toList());
        var candidates = new HashMap<String, Candidate>();
        var found = new HashMap<Sought, Found>();
        profiles.forEach((each, ids) -> found.put(each, Matching.among(ids.stream()
            .map(newest::get)
            .filter(Objects::nonNull)
            .map(revision -> candidates.computeIfAbsent(revision.id(), none -> fixtures.candidate(revision)))
            .toList()).find(each.asked(), each.id())));
        return found;
    }
}
