package yellowkite.core.check;

import java.util.Locale;
import java.util.Set;

/**
 * What names of functions and ranges promise: open, closed, a stop, a strobe. In the words that charts are printed with. Every name in a
 * file is asked, so the words are looked up, not searched for with patterns.
 */
final class EndNames {
    private static final Set<String> OPEN = Set.of("open");
    private static final Set<String> CLOSED = Set.of("close", "closed", "blackout", "shut");
    private static final Set<String> STOP = Set.of("stop", "stops", "stopped", "standstill");
    private static final Set<String> STROBE = Set.of("strobe", "strobes", "strobing", "flash", "flashes", "flashing", "pulse", "pulses",
            "pulsing", "lightning");
    /** "No strobe", "strobe off", "from open to closed" promise nothing of the kind. */
    private static final Set<String> UNSURE = Set.of("no", "off", "without", "to", "not");
    private static final Set<String> RUNS = Set.of("to");
    private static final int SHUTTER = "Shutter".length();

    private EndNames() {}

    private static boolean says(String name, Set<String> words) {
        int from = 0;
        for (int i = 0; i <= name.length(); i++) {
            if (i == name.length() || !Character.isLetter(name.charAt(i))) {
                if (i > from && words.contains(name.substring(from, i).toLowerCase(Locale.ROOT))) {
                    return true;
                }
                from = i + 1;
            }
        }
        return false;
    }

    static boolean isShutter(String attribute) {
        if (!attribute.startsWith("Shutter") || attribute.length() == SHUTTER) {
            return false;
        }
        for (int i = SHUTTER; i < attribute.length(); i++) {
            if (!Character.isDigit(attribute.charAt(i))) {
                return false;
            }
        }
        return true;
    }

    /** Attributes that run from closed, 0, to open, 1. */
    static boolean opensAndCloses(String attribute) {
        return isShutter(attribute) || attribute.equals("Iris");
    }

    /** "Open -> min diameter" runs away from there. */
    static boolean saysOpen(String name) {
        return says(name, OPEN) && !says(name, CLOSED) && !says(name, RUNS) && name.indexOf('>') < 0 && name.indexOf('\u2192') < 0;
    }

    static boolean saysClosed(String name) {
        return says(name, CLOSED) && !says(name, OPEN) && !says(name, UNSURE);
    }

    static boolean saysStop(String name) {
        return says(name, STOP);
    }

    static boolean saysStrobe(String name) {
        return says(name, STROBE) && !says(name, UNSURE);
    }
}
