package yellowkite.core.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import yellowkite.core.attribute.Catalogue;

/**
 * What was typed into the library's search. Every term has to be found.
 *
 * @param terms at most {@link #MOST}
 */
public record LibraryQuery(List<Term> terms) {
    private static final int MOST = 8;
    /** A phrase of the catalogue that is exactly what was typed scores as much. */
    private static final int WHOLE_PHRASE = 1_000;
    private static final int LARGEST_FOOTPRINT = 2_048;
    private static final Pattern FOOTPRINT = Pattern.compile("\\b(\\d{1,4})\\s*-?(?:channels?|ch|addresses|address)\\b");
    private static final Pattern WIDTH_FIRST = Pattern.compile("\\b(16|24|32)\\s*-?bit\\s+(\\p{L}[\\p{L}\\p{N}_]*)");
    private static final Pattern WIDTH_LAST = Pattern.compile("(\\p{L}[\\p{L}\\p{N}_]*)\\s+(16|24|32)\\s*-?bit\\b");

    public LibraryQuery {
        terms = List.copyOf(terms);
    }

    public sealed interface Term {}

    /** Letters that stand somewhere, or that mean one of some attributes. */
    public record Word(String text, Set<String> attributes) implements Term {}

    /** A mode takes that many addresses. */
    public record Footprint(int addresses) implements Term {}

    /** Something is driven with that many bits. @param text what it is called. @param attributes that the word means */
    public record Wide(String text, Set<String> attributes, int bits) implements Term {}

    /** {@return what a text asks for: "17 channels", "16 bit pan" or "pan 16 bit", and single words} */
    public static LibraryQuery of(String text) {
        var terms = new ArrayList<Term>();
        var rest = new StringBuilder(text.toLowerCase(Locale.ROOT));
        take(rest, FOOTPRINT, found -> new Footprint(Math.min(LARGEST_FOOTPRINT, Integer.parseInt(found.group(1)))), terms);
        take(rest, WIDTH_FIRST, found -> new Wide(found.group(2), attributes(found.group(2)), Integer.parseInt(found.group(1))), terms);
        take(rest, WIDTH_LAST, found -> new Wide(found.group(1), attributes(found.group(1)), Integer.parseInt(found.group(2))), terms);
        Arrays.stream(rest.toString().split("[\\s,;]+")).filter(word -> !word.isEmpty()).map(word -> new Word(word, attributes(word))).forEach(terms::add);
        return new LibraryQuery(terms.stream().limit(MOST).toList());
    }

    /** Takes what a pattern finds out of the text. */
    private static void take(StringBuilder text, Pattern pattern, Function<Matcher, Term> term, List<Term> terms) {
        var matcher = pattern.matcher(text.toString());
        while (matcher.find()) {
            terms.add(term.apply(matcher));
        }
        var left = pattern.matcher(text.toString()).replaceAll(" ");
        text.setLength(0);
        text.append(left);
    }

    /** {@return the attributes that technicians call exactly so} */
    private static Set<String> attributes(String word) {
        return Catalogue.STANDARD.search(word).stream().filter(match -> match.score() >= WHOLE_PHRASE).map(Catalogue.Match::name).collect(Collectors.toUnmodifiableSet());
    }

    /** {@return how a wide attribute is listed, so that it is found by {@link Wide}} */
    public static String listed(String attribute, int bytes) {
        return attribute + " " + 8 * bytes + " bit";
    }
}
