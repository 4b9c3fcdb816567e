package yellowkite.core.chart.meaning;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/**
 * Words of a chart as they are compared: lower case, one spelling of colour, arrows and dashes as {@code >}, numbers kept.
 *
 * @param text with one space around each word
 */
record Phrase(String text) {
    private static final Pattern ARROWS = Pattern.compile(
            "\\s*(?:-+>|=+>|[\\u2192\\u279C\\u2794\\u21D2\\u00BB]|\\.{2,}|\\u2026|\\s[-\\u2010-\\u2015\\u2212~]\\s|[\\u2012-\\u2015~]|(?<=slow|fast|min|max|near|far|wide|narrow|open|closed|warm|cold|low|high)[-/](?=slow|fast|min|max|near|far|wide|narrow|open|closed|warm|cold|low|high)|(?<=[\\d%\\u00B0k])\\s*[-\\u2010\\u2011\\u2212]\\s*(?=\\d))\\s*");
    private static final Pattern DEGREES = Pattern.compile("\\bdeg(?:rees?)?\\b\\.?");
    private static final Pattern TO = Pattern.compile("\\b(?:up to|to|bis)\\b");
    private static final Pattern STOPS = Pattern.compile("[.,](?!\\d)");
    private static final Map<String, String> GERMAN_WORDS = Map.ofEntries(Map.entry("gr\u00fcn", "green"), Map.entry("blau", "blue"),
            Map.entry("wei\u00df", "white"), Map.entry("weiss", "white"), Map.entry("gelb", "yellow"), Map.entry("geschlossen", "closed"),
            Map.entry("offen", "open"), Map.entry("langsam", "slow"), Map.entry("schnell", "fast"), Map.entry("farbrad", "color wheel"),
            Map.entry("farbtemperatur", "color temperature"), Map.entry("goborad", "gobo wheel"), Map.entry("helligkeit", "brightness"),
            Map.entry("geschwindigkeit", "speed"), Map.entry("keine funktion", "no function"), Map.entry("neigung", "tilt"),
            Map.entry("prisma", "prism"), Map.entry("fokus", "focus"), Map.entry("kaltwei\u00df", "cold white"),
            Map.entry("warmwei\u00df", "warm white"));
    private static final Pattern GERMAN = Pattern.compile("\\b(?:" + GERMAN_WORDS.keySet()
        .stream()
        .sorted(java.util.Comparator.comparingInt(String::length).reversed())
        .collect(java.util.stream.Collectors.joining("|")) + ")\\b", Pattern.UNICODE_CHARACTER_CLASS);
    /** The few directions that are asked for, each made once. */
    private static final Map<String, Pattern> RUNS = new ConcurrentHashMap<>();
    private static final Pattern OTHERS = Pattern.compile("[^\\p{L}\\p{N}>%\\u00B0.,+]+");

    static Phrase of(String words) {
        var lower = words.toLowerCase(Locale.ROOT)
            .replace("colour", "color")
            .replace("grey", "gray")
            .replace("centre", "center")
            .replace("anti-clock", "anticlock")
            .replace("counter-clock", "counterclock")
            .replace("counter clock", "counterclock");
        lower = translated(lower);
        var arrows = TO.matcher(ARROWS.matcher(DEGREES.matcher(lower).replaceAll("\u00B0")).replaceAll(" > ")).replaceAll(">");
        return new Phrase(" " + OTHERS.matcher(STOPS.matcher(arrows).replaceAll(" ")).replaceAll(" ").strip() + " ");
    }

    /** The words that charts of German manufacturers are printed with; "rot" is red only where it stands alone. */
    private static String translated(String lower) {
        if (lower.strip().equals("rot")) {
            return "red";
        }
        if (!GERMAN.matcher(lower).find()) {
            return lower;
        }
        return GERMAN.matcher(lower).replaceAll(found -> GERMAN_WORDS.get(found.group()));
    }

    boolean isEmpty() {
        return text.isBlank();
    }

    /** {@return whether any of these words or phrases stands in it} */
    boolean has(String... phrases) {
        return Arrays.stream(phrases).anyMatch(each -> text.contains(" " + each + " "));
    }

    /** {@return whether any word begins so} */
    boolean begins(String... beginnings) {
        return Arrays.stream(beginnings).anyMatch(each -> text.contains(" " + each));
    }

    /** {@return whether the one comes before the other, with an arrow between them} */
    boolean runs(String from, String to) {
        return text.indexOf('>') >= 0
                && RUNS.computeIfAbsent(from + ">" + to, none -> Pattern.compile(" (?:" + from + ")\\b[^>]*>[^>]* ?(?:" + to + ")\\b"))
                    .matcher(text)
                    .find();
    }

    /** {@return the first number in it of its own; 0 without one} */
    int number() {
        return Arrays.stream(text.strip().split(" "))
            .filter(word -> word.matches("\\d{1,2}"))
            .mapToInt(Integer::parseInt)
            .findFirst()
            .orElse(0);
    }
}
