package yellowkite.neighbour;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.furnishing.FirstHouse;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.demo.DemoHouse;

/** What the neighbour holds, in memory. For several threads at once. */
final class NeighbourLibrary {
    static final String HOUSE = "Kettle Lane stores";
    private static final int OTHERS = 40;
    private static final LocalDate FIRST_DAY = LocalDate.of(2026, 3, 2);
    private final Map<String, Held> profiles = new LinkedHashMap<>();
    private final Map<String, Map<String, Integer>> votes = new LinkedHashMap<>();

    /** @param file the newest revision's, byte for byte. @param changed number of the change that brought it, from 1 */
    private record Held(HeldProfile profile, byte[] file, int changed) {}

    private int changes;

    /** {@return a library with something in it} Some of it is what the demo house has, mended since. */
    static NeighbourLibrary furnished() {
        var library = new NeighbourLibrary();
        DemoHouse.files().forEach(file -> {
            var type = file.description().type();
            boolean byManufacturer = type.name().startsWith("Petrel");
            var mended = mended(file);
            library.put(mended.write(), byManufacturer ? 3 : 2, byManufacturer ? type.manufacturer() : HOUSE, byManufacturer ? "1.4" : "",
                    mended == file ? "" : "What the checks found is mended.");
        });
        var house = FirstHouse.find().orElseThrow();
        for (int number = 1; number <= OTHERS; number++) {
            library.put(house.madeUp(number).write(), 1, HOUSE, "", "");
        }
        var first = List.copyOf(library.profiles.keySet());
        for (int i = 0; i < first.size(); i += 2) {
            library.rate(first.get(i), "Another house", 3 + i % 3);
        }
        return library;
    }

    /** {@return the file with all that the checks can mend mended; this very one if that is nothing} */
    private static GdtfFile mended(GdtfFile file) {
        var type = file.description().type();
        for (var finding : Checks.of(file)) {
            type = mended(type, finding);
        }
        return type == file.description().type() ? file : new GdtfFile(GdtfDescription.of(type), file.others());
    }

    private static FixtureType mended(FixtureType type, Finding finding) {
        return finding.fix() != null && finding.fix().applyTo(type) instanceof Outcome.Applied<FixtureType>(var after) ? after : type;
    }

    private HeldProfile put(byte[] file, int revision, String uploader, String firmware, String note) {
        changes++;
        var profile = HeldProfile.of(file, revision, uploader, firmware, FIRST_DAY.plusDays(changes), note);
        profiles.put(profile.id(), new Held(profile, file, changes));
        return rated(profile);
    }

    private HeldProfile rated(HeldProfile profile) {
        var given = votes.getOrDefault(profile.id(), Map.of());
        return given.isEmpty() ? profile
                : profile.rated(given.values().stream().mapToInt(Integer::intValue).average().orElseThrow(), given.size());
    }

    /** {@return profiles that hold all words in their names, notes or uploader, by name; all without words} */
    synchronized List<HeldProfile> search(String words) {
        var wanted = Arrays.stream(words.toLowerCase(Locale.ROOT).strip().split("\\s+")).toList();
        return profiles.values()
            .stream()
            .map(Held::profile)
            .filter(each -> wanted.stream().allMatch(text(each)::contains))
            .sorted(Comparator.comparing(HeldProfile::manufacturer).thenComparing(HeldProfile::model))
            .map(this::rated)
            .toList();
    }

    private static String text(HeldProfile profile) {
        return String.join(" ", profile.manufacturer(), profile.model(), profile.uploader(), profile.note()).toLowerCase(Locale.ROOT);
    }

    synchronized Optional<HeldProfile> find(String id) {
        return Optional.ofNullable(profiles.get(id)).map(Held::profile).map(this::rated);
    }

    synchronized Optional<byte[]> file(String id) {
        return Optional.ofNullable(profiles.get(id)).map(Held::file);
    }

    /** What came after a change, in its order. @param upTo number of the last change that is told of here */
    record Changes(int upTo, List<HeldProfile> profiles) {}

    /** @param most how many are told of; the rest is told of to whoever asks from there on */
    synchronized Changes since(int change, int most) {
        var later = profiles.values()
            .stream()
            .filter(each -> each.changed() > change)
            .sorted(Comparator.comparingInt(Held::changed))
            .limit(most)
            .toList();
        return new Changes(later.size() < most ? changes : later.getLast().changed(),
                later.stream().map(each -> rated(each.profile())).toList());
    }

    /** {@return what came on a day or after it} */
    synchronized Changes since(LocalDate day) {
        return new Changes(changes, profiles.values()
            .stream()
            .map(Held::profile)
            .filter(each -> !each.dated().isBefore(day))
            .map(this::rated)
            .toList());
    }

    /** {@return the profile with somebody's vote; none if it is not here} @param stars in [1, 5] */
    synchronized Optional<HeldProfile> rate(String id, String by, int stars) {
        if (profiles.containsKey(id)) {
            votes.computeIfAbsent(id, none -> new LinkedHashMap<>()).put(by, stars);
        }
        return find(id);
    }

    /** {@return the profile that somebody has brought: the next revision of one that is here} The same file again changes nothing. */
    synchronized HeldProfile offer(byte[] file, String by, String note) {
        var told = HeldProfile.of(file, 1, by, "", FIRST_DAY, note);
        var before = find(told.id()).orElse(null);
        if (before != null && before.sha256().equals(told.sha256())) {
            return before;
        }
        return put(file, before == null ? 1 : before.revision() + 1, by, before == null ? "" : before.firmware(), note);
    }
}
