package yellowkite.core.rig;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.library.NearNames;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.rig.Found.How;

/** Finds profiles for what units are said to be. */
public final class Matching {
    /** Two words of that length or more in common make a guess. */
    private static final int SHORTEST_WORD = 3;
    private final List<Candidate> candidates;

    /** @param breaks footprint by DMX break */
    public record CandidateMode(String name, SortedMap<Integer, Integer> breaks) {
        public CandidateMode {
            breaks = new TreeMap<>(breaks);
        }

        int footprint() {
            return breaks.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** @param pin which revision it is. @param id of its fixture type; may be empty */
    public record Candidate(String pin, String id, String manufacturer, String model, List<CandidateMode> modes) {
        public Candidate {
            modes = List.copyOf(modes);
        }

        /** {@return a profile as units can be matched with it} */
        public static Candidate of(String pin, FixtureType type) {
            return new Candidate(pin, type.fixtureTypeId(), type.manufacturer(), type.name(), type.modes()
                .stream()
                .map(mode -> new CandidateMode(mode.name(), new TreeMap<>(AddressMap.of(type, mode).footprint())))
                .toList());
        }

        String words() {
            return manufacturer + " " + model;
        }
    }

    private Matching(Collection<Candidate> candidates) {
        this.candidates = List.copyOf(candidates);
    }

    /** @param candidates the preferred ones first */
    public static Matching among(Collection<Candidate> candidates) {
        return new Matching(candidates);
    }

    /** {@return what fits best; a footprint alone, or nothing, if no profile does} @param id of a fixture type; may be empty */
    public Found find(Asked asked, String id) {
        return profile(asked, id).or(() -> near(asked)).or(() -> guess(asked)).orElseGet(() -> unknown(asked));
    }

    private static Found unknown(Asked asked) {
        if (asked.footprint() != null && asked.footprint() > 0) {
            return Found.placeholder(asked.footprint());
        }
        return new Found(How.NONE, "", "", "", "", new TreeMap<>(), 0, "There is no profile of " + asked.words() + ".");
    }

    private Optional<Found> profile(Asked asked, String id) {
        return candidates.stream().filter(each -> is(each, asked, id)).findFirst().flatMap(each -> {
            var named = each.modes().stream().filter(mode -> same(mode.name(), asked.mode())).findFirst();
            return named.map(mode -> found(How.EXACT, each, mode, 1, "Same profile and mode.")).or(() -> otherMode(each, asked));
        });
    }

    private static boolean is(Candidate candidate, Asked asked, String id) {
        return !id.isEmpty() && candidate.id().equalsIgnoreCase(id)
                || !asked.model().isEmpty() && same(candidate.words(), (asked.manufacturer() + " " + asked.model()).strip());
    }

    /** The mode by its footprint, of several the one of the nearest name; without a footprint by its name alone. */
    private static Optional<Found> otherMode(Candidate candidate, Asked asked) {
        var fitting = candidate.modes()
            .stream()
            .filter(mode -> asked.footprint() == null || mode.footprint() == asked.footprint())
            .min(Comparator.comparingInt(mode -> distance(mode.name(), asked.mode())));
        return fitting
            .map(mode -> asked.footprint() != null
                    ? found(How.PROFILE, candidate, mode, 0.8,
                            "It has no mode '" + asked.mode() + "'; " + mode.name() + takes(mode) + ", too.")
                    : found(How.PROFILE, candidate, mode, 0.4, asked.mode().isEmpty()
                            ? "No mode was named; " + mode.name() + " is assumed."
                            : "It has no mode '" + asked.mode() + "'; " + mode.name() + " has the nearest name."))
            .or(() -> candidate.modes()
                .stream()
                .min(Comparator.comparingInt(mode -> distance(mode.name(), asked.mode())))
                .map(mode -> found(How.PROFILE, candidate, mode, 0.2, "It has no mode '" + asked.mode() + "', and none of "
                        + asked.footprint() + " addresses; " + mode.name() + " has the nearest name.")));
    }

    private Optional<Found> near(Asked asked) {
        if (asked.model().isEmpty()) {
            return Optional.empty();
        }
        return candidates.stream()
            .filter(each -> alike(each.model(), asked.model())
                    && (asked.manufacturer().isEmpty() || alike(each.manufacturer(), asked.manufacturer()))
                    || alike(each.words(), (asked.manufacturer() + " " + asked.model()).strip()))
            .flatMap(each -> each.modes().stream().map(mode -> nearly(each, mode, asked)).filter(Objects::nonNull))
            .max(Comparator.comparingDouble(Found::sure));
    }

    private static @Nullable Found nearly(Candidate candidate, CandidateMode mode, Asked asked) {
        boolean named = same(mode.name(), asked.mode());
        boolean sized = asked.footprint() != null && mode.footprint() == asked.footprint();
        if (!named && !sized) {
            return null;
        }
        return found(How.MODE, candidate, mode, named && sized ? 0.75 : named ? 0.7 : 0.6,
                (same(candidate.model(), asked.model()) && asked.manufacturer().isEmpty() ? "The model is called the same, and "
                        : "'" + asked.words() + "' is a near name, and ")
                        + (named ? "the mode is called the same."
                                : mode.name() + takes(mode) + ", too."));
    }

    private Optional<Found> guess(Asked asked) {
        if (asked.footprint() == null) {
            return Optional.empty();
        }
        var wanted = words(asked.spec() + " " + asked.mode());
        return candidates.stream()
            .flatMap(each -> each.modes()
                .stream()
                .filter(mode -> mode.footprint() == asked.footprint())
                .map(mode -> found(How.GUESS, each, mode, share(wanted, words(each.words() + " " + mode.name())),
                        "It" + takes(mode) + ", and words of its name are alike.")))
            .filter(each -> each.sure() > 0)
            .max(Comparator.comparingDouble(Found::sure));
    }

    /** {@return how many of the words are among the others, as a guess's sureness} */
    private static double share(Set<String> wanted, Set<String> words) {
        long common = wanted.stream().filter(words::contains).count();
        return common == 0 ? 0 : 0.5 * common / wanted.size();
    }

    private static Set<String> words(String text) {
        return Arrays.stream(text.replaceAll("(?i)\\.gdtf$", "").split("[^\\p{L}\\p{N}]+"))
            .filter(each -> each.length() >= SHORTEST_WORD)
            .map(each -> each.toLowerCase(Locale.ROOT))
            .collect(Collectors.toCollection(HashSet::new));
    }

    private static Found found(How how, Candidate candidate, CandidateMode mode, double sure, String why) {
        return new Found(how, candidate.pin(), candidate.manufacturer(), candidate.model(), mode.name(), mode.breaks(), sure, why);
    }

    private static String takes(CandidateMode mode) {
        return " takes " + mode.footprint() + (mode.footprint() == 1 ? " address" : " addresses");
    }

    private static boolean same(String one, String other) {
        return one.strip().equalsIgnoreCase(other.strip());
    }

    private static boolean alike(String one, String other) {
        return same(one, other) || NearNames.areNear(one, other);
    }

    private static int distance(String one, String other) {
        return LevenshteinDistance.getDefaultInstance().apply(one.toLowerCase(Locale.ROOT), other.toLowerCase(Locale.ROOT));
    }
}
