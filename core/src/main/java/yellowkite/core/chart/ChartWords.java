package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.attribute.Catalogue.Match;

/**
 * Reads channels from a manufacturer's chart as it is typed: {@code red, green, blue, white, all 16 bit} or one channel a line. What is not
 * understood keeps its words and has no match.
 */
public final class ChartWords {
    private static final int MOST = 512;
    private static final Pattern WIDTH = Pattern.compile("(?i)\\b(8|16|24|32) ?bits?\\b");
    private static final Pattern ALL = Pattern.compile("(?i)^(all|each|every one)\\b.*");
    private static final Pattern FINE = Pattern.compile("(?i)\\b(fine|lsb|low byte)\\b");

    private ChartWords() {}

    /**
     * One channel that was read.
     *
     * @param words as they stood, without the width
     * @param bytes in [1, 4]
     * @param matches what the words can mean, best first; empty if nothing
     */
    public record Read(String words, int bytes, List<Match> matches) {}

    /** @param taken attributes that the part holds already: where a numbered one is meant, the next free number is taken */
    public static List<Read> read(String text, Set<String> taken) {
        var pieces = Arrays.stream(text.split("[,;\\n\\t]+")).map(String::strip).filter(piece -> !piece.isEmpty()).limit(MOST).toList();
        int all = pieces.stream()
            .filter(piece -> ALL.matcher(piece).matches())
            .map(ChartWords::bytes)
            .filter(bytes -> bytes > 0)
            .findFirst()
            .orElse(0);
        var used = new HashSet<>(taken);
        var read = new ArrayList<Read>();
        for (var piece : pieces) {
            if (ALL.matcher(piece).matches() && bytes(piece) > 0) {
                continue;
            }
            if (!read.isEmpty() && isFineOf(piece, read.getLast().words())) {
                var coarse = read.removeLast();
                read.add(new Read(coarse.words(), Math.min(4, coarse.bytes() + 1), coarse.matches()));
                continue;
            }
            int bytes = bytes(piece) > 0 ? bytes(piece) : all > 0 ? all : 1;
            var words = WIDTH.matcher(piece).replaceAll("").strip().replaceAll("\\s+", " ");
            var matches = Catalogue.STANDARD.search(words).stream().limit(8).map(match -> free(match, words, used)).toList();
            matches.stream().findFirst().ifPresent(match -> used.add(match.name()));
            read.add(new Read(words, bytes, matches));
        }
        return read;
    }

    /** "Pan fine" behind "Pan" is not a channel but its second byte. */
    static boolean isFineOf(String piece, String wordsBefore) {
        if (!FINE.matcher(piece).find()) {
            return false;
        }
        var plain = FINE.matcher(piece).replaceAll("").strip().toLowerCase(Locale.ROOT);
        var before = wordsBefore.toLowerCase(Locale.ROOT);
        return plain.isEmpty() || before.equals(plain) || before.startsWith(plain)
                || FINE.matcher(before).replaceAll("").strip().equals(plain);
    }

    private static Match free(Match match, String words, Set<String> used) {
        boolean numberWasSaid = words.chars().anyMatch(Character::isDigit);
        if (!match.attribute().isNumbered() || numberWasSaid || !used.contains(match.name())) {
            return match;
        }
        for (int n = 2; n < 100; n++) {
            if (!used.contains(match.attribute().name(n, 1))) {
                return new Match(match.attribute().name(n, 1), match.attribute(), match.score());
            }
        }
        return match;
    }

    private static int bytes(String piece) {
        var found = WIDTH.matcher(piece);
        return found.find() ? Integer.parseInt(found.group(1)) / 8 : 0;
    }
}
