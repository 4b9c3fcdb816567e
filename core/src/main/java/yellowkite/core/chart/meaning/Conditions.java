package yellowkite.core.chart.meaning;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import yellowkite.core.chart.proposal.Proposal.Counts;

/** Conditions that a chart states in words: {@code If CH12 = 10~49 / 90~149: index}, {@code while channel 7 is 0-127}. */
record Conditions(List<Counts> stretches, String rest) {
    private static final String STRETCH = "\\d{1,5}(?:\\s*(?:[-\\u2010-\\u2015\\u2212~\\u2026]|\\.{2,}|to)\\s*\\d{1,5})?";
    private static final Pattern STATED = Pattern.compile(
            "(?i)[(\\[]?\\b(?:only\\s+)?(?:if|when|while|with|where|as long as)\\s+(?:dmx\\s*)?(?:channel|chan|ch|kanal)\\.?\\s*(\\d{1,3})\\s*(?:is|=|:|at|on|in|between|of|from|set to|has|value|values|dmx|\\s)*\\s*("
                    + STRETCH + "(?:\\s*(?:/|,|&|and|or)\\s*" + STRETCH + ")*)\\s*[)\\]]?\\s*[:,;=]?\\s*");
    private static final Pattern ONE = Pattern.compile("(\\d{1,5})(?:\\s*(?:[-\\u2010-\\u2015\\u2212~\\u2026]|\\.{2,}|to)\\s*(\\d{1,5}))?");
    private static final Pattern OTHERS = Pattern
        .compile("(?i)\\b(?:if|when|while|only in|in)\\b.{1,40}\\bmode\\b|\\b(?:if|when|while)\\b.{0,40}\\bch(?:annel)?\\b");

    Conditions {
        stretches = List.copyOf(stretches);
    }

    static Conditions of(String words) {
        var found = STATED.matcher(words);
        if (!found.find()) {
            return new Conditions(List.of(), words);
        }
        var stretches = new ArrayList<Counts>();
        int address = Integer.parseInt(found.group(1));
        for (var each : ONE.matcher(found.group(2)).results().toList()) {
            long from = Long.parseLong(each.group(1));
            long to = each.group(2) == null ? from : Long.parseLong(each.group(2));
            stretches.add(new Counts(address, Math.min(from, to), Math.max(from, to)));
        }
        return new Conditions(stretches, (words.substring(0, found.start()) + " " + words.substring(found.end())).strip());
    }

    /** {@return whether words speak of a condition that nobody understood} */
    static boolean isHidden(String words) {
        return OTHERS.matcher(words).find();
    }
}
