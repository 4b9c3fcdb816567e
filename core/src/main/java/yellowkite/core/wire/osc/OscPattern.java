package yellowkite.core.wire.osc;

import java.util.BitSet;

/**
 * Whether a pattern of addresses means an address: {@code ?} one letter, {@code *} any within its part, {@code [a-f]} one of these,
 * {@code [!a]} none of these, {@code {left,right}} one of these words. Source: OSC 1.0, "Message Dispatching and Pattern Matching".
 */
public final class OscPattern {
    private static final int LONGEST = 1_024;

    private OscPattern() {}

    public static boolean matches(String pattern, String address) {
        if (pattern.length() > LONGEST || address.length() > LONGEST) {
            return false;
        }
        // all places are walked side by side, so that no pattern takes long: each of its letters moves every place that it may stand at
        var at = new BitSet();
        at.set(0);
        int i = 0;
        while (i < pattern.length() && !at.isEmpty()) {
            var next = new BitSet();
            char letter = pattern.charAt(i);
            switch (letter) {
                case '?' -> at.stream().filter(p -> isLetter(address, p)).forEach(p -> next.set(p + 1));
                case '*' -> at.stream().forEach(p -> {
                    int end = p;
                    next.set(end);
                    while (isLetter(address, end) && !next.get(end + 1)) {
                        next.set(++end);
                    }
                });
                case '[' -> {
                    int close = pattern.indexOf(']', i);
                    if (close < 0) {
                        return false;
                    }
                    var set = pattern.substring(i + 1, close);
                    at.stream().filter(p -> isLetter(address, p) && holds(set, address.charAt(p))).forEach(p -> next.set(p + 1));
                    i = close;
                }
                case '{' -> {
                    int close = pattern.indexOf('}', i);
                    if (close < 0) {
                        return false;
                    }
                    for (var word : pattern.substring(i + 1, close).split(",", -1)) {
                        at.stream().filter(p -> address.startsWith(word, p)).forEach(p -> next.set(p + word.length()));
                    }
                    i = close;
                }
                default -> at.stream().filter(p -> p < address.length() && address.charAt(p) == letter).forEach(p -> next.set(p + 1));
            }
            at = next;
            i++;
        }
        return at.get(address.length());
    }

    private static boolean isLetter(String address, int at) {
        return at < address.length() && address.charAt(at) != '/';
    }

    private static boolean holds(String set, char letter) {
        boolean not = set.startsWith("!");
        var letters = not ? set.substring(1) : set;
        boolean found = false;
        for (int i = 0; i < letters.length(); i++) {
            if (i + 2 < letters.length() && letters.charAt(i + 1) == '-') {
                found |= letter >= letters.charAt(i) && letter <= letters.charAt(i + 2);
                i += 2;
            } else {
                found |= letters.charAt(i) == letter;
            }
        }
        return found != not;
    }
}
