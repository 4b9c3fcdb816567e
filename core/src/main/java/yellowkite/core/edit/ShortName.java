package yellowkite.core.edit;

import java.util.Arrays;
import java.util.stream.Collectors;

/** A name short enough for a small display: words are cut to their beginnings, numbers stay. */
final class ShortName {
    private static final int LENGTH = 12;
    private static final int OF_A_WORD = 5;

    private ShortName() {}

    static String of(String name) {
        if (name.length() <= LENGTH) {
            return name;
        }
        var cut = Arrays.stream(name.split("[ -]+"))
            .filter(word -> !word.isEmpty())
            .map(word -> word.chars().anyMatch(Character::isDigit) ? word : word.substring(0, Math.min(OF_A_WORD, word.length())))
            .collect(Collectors.joining());
        return cut.substring(0, Math.min(LENGTH, cut.length()));
    }
}
