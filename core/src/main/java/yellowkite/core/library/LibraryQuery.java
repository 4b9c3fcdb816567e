package yellowkite.core.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import yellowkite.core.attribute.Catalogue;

/**
 * What was typed into the library's search. Every term has to be found.
 *
 * @param terms at most {@link #MOST}
 * @param text as it was typed, without what is too long
 */
public record LibraryQuery(List<Term> terms, String text) {
    private static final int MOST = 8;
    /** A person types less; what comes behind is left out. */
    private static final int LONGEST = 200;
    private static final int LARGEST_FOOTPRINT = 2_048;
    private static final Pattern FOOTPRINT = Pattern.compile("\\b(\\d{1,4})\\s*-?(?:channels?|ch|addresses|address)\\b");
    private static final Pattern WATTS = Pattern.compile("\\b(\\d{1,5})\\s*(?:w|watts?)\\b");
    private static final Pattern WIDTH_FIRST = Pattern.compile("\\b(16|24|32)\\s*-?bit\\s+(\\p{L}[\\p{L}\\p{N}_]*)");
    private static final Pattern WIDTH_LAST = Pattern.compile("(\\p{L}[\\p{L}\\p{N}_]*)\\s+(16|24|32)\\s*-?bit\\b");

    public LibraryQuery {
        terms = List.copyOf(terms);
    }

    public sealed interface Term {
        /** {@return the term in words, as it is said to be missing} */
        String says();
    }

    /** Letters that stand somewhere, or that mean one of some attributes. @param text a word, or words that together mean attributes */
    public record Word(String text, Set<String> attributes) implements Term {
        @Override
        public String says() {
            return text;
        }
    }

    /** A mode takes that many addresses. */
    public record Footprint(int addresses) implements Term {
        @Override
        public String says() {
            return addresses + " channels";
        }
    }

    /** A source of light takes about that much. */
    public record Watts(int watts) implements Term {
        private static final double NEAR = 0.1;

        @Override
        public String says() {
            return watts + " W";
        }

        /** {@return whether a figure is that one, as fixtures are rated} */
        public boolean isAbout(int figure) {
            return Math.abs(figure - watts) <= NEAR * watts;
        }
    }

    /** Something is driven with that many bits. @param text what it is called. @param attributes that the word means */
    public record Wide(String text, Set<String> attributes, int bits) implements Term {
        @Override
        public String says() {
            return bits + " bit " + text;
        }
    }

    /** {@return what a text asks for: "17 channels", "16 bit pan" or "pan 16 bit", and single words} */
    public static LibraryQuery of(String text) {
        var terms = new ArrayList<Term>();
        var taken = text.substring(0, Math.min(LONGEST, text.length()));
        var rest = new StringBuilder(taken.toLowerCase(Locale.ROOT));
        take(rest, FOOTPRINT, found -> new Footprint(Math.min(LARGEST_FOOTPRINT, Integer.parseInt(found.group(1)))), terms);
        take(rest, WATTS, found -> new Watts(Integer.parseInt(found.group(1))), terms);
        take(rest, WIDTH_FIRST, found -> new Wide(found.group(2), attributes(found.group(2)), Integer.parseInt(found.group(1))), terms);
        take(rest, WIDTH_LAST, found -> new Wide(found.group(1), attributes(found.group(1)), Integer.parseInt(found.group(2))), terms);
        words(Arrays.stream(rest.toString().split("[\\s,;]+")).filter(word -> !word.isEmpty()).limit(MOST).toList(), terms);
        return new LibraryQuery(terms.stream().limit(MOST).toList(), taken);
    }

    /** Words that together are what technicians call an attribute are one term: "gobo rotation". */
    private static void words(List<String> words, List<Term> terms) {
        for (int i = 0; i < words.size(); i++) {
            var phrase = i + 1 < words.size() ? words.get(i) + " " + words.get(i + 1) : "";
            var meant = phrase.isEmpty() ? Set.<String>of() : attributes(phrase);
            boolean numberIsMeant = !words.get(Math.min(i + 1, words.size() - 1)).matches("\\d+")
                    || meant.stream().anyMatch(each -> each.matches(".*\\d.*"));
            if (meant.isEmpty() || !numberIsMeant) {
                terms.add(new Word(words.get(i), attributes(words.get(i))));
            } else {
                terms.add(new Word(phrase, meant));
                i++;
            }
        }
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

    private static Set<String> attributes(String words) {
        return Catalogue.STANDARD.called(words);
    }
}
