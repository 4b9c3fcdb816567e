package yellowkite.core.chart.layout;

import java.util.regex.Pattern;

/**
 * What a text says of the first value and of the last one: "0 = 6500 K, 255 = 2800 K". That is one stretch which runs from the one to the
 * other.
 */
final class BothEnds {
    private static final Pattern SAID = Pattern.compile(
            "(?i)\\b0{1,5}\\s?(?:=|:|is|means)\\s?([^,;=]{1,60})[,;]\\s*(?:and\\s+)?(255|65535)\\s?(?:=|:|is|means)\\s?([^,;=]{1,60}?)(?=[.,;)]?\\s*$)");

    private BothEnds() {}

    /** {@return a sentence with the stretch written as one} */
    static String inSentence(String text) {
        return SAID.matcher(text).replaceFirst("0-$2: $1 \u2192 $3");
    }

    /** {@return a meaning as it runs} */
    static String inMeaning(String text) {
        return SAID.matcher(text).replaceFirst("$1 \u2192 $3");
    }
}
