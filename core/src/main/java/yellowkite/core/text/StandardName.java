package yellowkite.core.text;

import java.text.Normalizer;
import java.util.Map;
import java.util.regex.Pattern;

/** Spells words so that the standard can hold them as a name: nothing is refused. Source: GDTF value type "Name". */
public final class StandardName {
    /** Beside letters, digits and spaces; the comma stands in for the point of a decimal number. */
    public static final String SIGNS = " \"#%'()*+,-/:;<=>@_`";
    private static final Pattern POINT = Pattern.compile("(?<=\\d)\\.(?=\\d)");
    private static final Pattern DOTS = Pattern.compile("\\s*(?:\\u2026|\\.{2,})\\s*");
    private static final Map<String, String> SPELLED = Map.ofEntries(Map.entry("\u00B0", " deg"), Map.entry("\u2192", "->"),
            Map.entry("\u2190", "<-"), Map.entry("\u00B1", "+-"), Map.entry("\u00D7", "x"), Map.entry("\u00B5", "u"), Map.entry("&", "+"),
            Map.entry("\u2013", "-"), Map.entry("\u2014", "-"), Map.entry("\u2010", "-"), Map.entry("\u2011", "-"),
            Map.entry("\u2012", "-"), Map.entry("\u2212", "-"), Map.entry("~", "-"), Map.entry("[", "("), Map.entry("]", ")"),
            Map.entry("{", "("), Map.entry("}", ")"),
            Map.entry("|", "/"), Map.entry("\\", "/"), Map.entry("\u2265", ">="), Map.entry("\u2264", "<="), Map.entry("\u2018", "'"),
            Map.entry("\u2019", "'"), Map.entry("\u201C", "\""), Map.entry("\u201D", "\""), Map.entry("\u00BD", "1/2"), Map.entry("?", ""),
            Map.entry("!", ""));

    private StandardName() {}

    /**
     * {@return the words as a name: "0.5 Hz" as "0,5 Hz", "6.0° → 42°" as "6,0 deg -> 42 deg"} Signs without a spelling become spaces.
     *
     * @param longest in characters; what is longer is cut at a word
     */
    public static String of(String words, int longest) {
        var text = DOTS.matcher(POINT.matcher(Normalizer.normalize(words, Normalizer.Form.NFC)).replaceAll(",")).replaceAll(" - ");
        var spelled = new StringBuilder();
        text.codePoints().forEach(c -> {
            if (Character.isLetterOrDigit(c) || SIGNS.indexOf(c) >= 0) {
                spelled.appendCodePoint(c);
            } else {
                spelled.append(SPELLED.getOrDefault(Character.toString(c), " "));
            }
        });
        var name = spelled.toString()
            .replaceAll("\\s+", " ")
            .replaceAll("\\( ", "(")
            .replaceAll(" \\)", ")")
            .strip()
            .replaceAll("^[- ]+|[- ]+$", "");
        if (name.length() <= longest) {
            return name;
        }
        int space = name.lastIndexOf(' ', longest);
        return name.substring(0, space > longest / 2 ? space : longest).strip();
    }
}
