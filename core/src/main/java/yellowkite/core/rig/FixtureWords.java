package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import yellowkite.core.rig.Matching.Candidate;
import yellowkite.core.rig.Matching.CandidateMode;

/** Finds modes by what somebody types: words of manufacturer, model and mode, or their beginnings, in any order. */
public final class FixtureWords {
    private FixtureWords() {}

    /** A mode that fits. @param left how many words of its name were not typed */
    private record Fit(Candidate candidate, CandidateMode mode, int left, int place) {}

    /**
     * {@return the modes that every typed word fits, the best first: those of which the fewest words are left over, then in the order
     * given}
     */
    public static List<Found> find(String typed, Collection<Candidate> candidates) {
        var wanted = words(typed);
        var fits = new ArrayList<Fit>();
        for (var candidate : candidates) {
            for (var mode : candidate.modes()) {
                left(wanted, candidate, mode).ifPresent(left -> fits.add(new Fit(candidate, mode, left, fits.size())));
            }
        }
        fits.sort(Comparator.comparingInt(Fit::left).thenComparingInt(Fit::place));
        return fits.stream()
            .map(fit -> Found.chosen(fit.candidate().pin(), fit.candidate().manufacturer(), fit.candidate().model(), fit.mode().name(),
                    fit.mode().breaks()))
            .toList();
    }

    /** The manufacturer is rarely said, so its words do not count as left over. */
    private static Optional<Integer> left(List<String> wanted, Candidate candidate, CandidateMode mode) {
        var own = new ArrayList<>(words(candidate.model() + " " + mode.name()));
        var manufacturer = new ArrayList<>(words(candidate.manufacturer()));
        for (var word : wanted) {
            if (!take(own, word) && !take(manufacturer, word)) {
                return Optional.empty();
            }
        }
        return wanted.isEmpty() ? Optional.empty() : Optional.of(own.size());
    }

    /** Takes the word that is just so, else one that begins so. */
    private static boolean take(List<String> words, String typed) {
        return words.remove(typed) || words.stream().filter(each -> each.startsWith(typed)).findFirst().map(words::remove).orElse(false);
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")).filter(each -> !each.isEmpty()).toList();
    }
}
