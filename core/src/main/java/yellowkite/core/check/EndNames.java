package yellowkite.core.check;

import java.util.regex.Pattern;

/** What names of functions and ranges promise: open, closed, a stop, a strobe. In the words that charts are printed with. */
final class EndNames {
    private static final Pattern OPEN = words("open");
    private static final Pattern CLOSED = words("closed?|blackout|shut");
    private static final Pattern STOP = words("stops?|stopped|no rotation|standstill");
    private static final Pattern STROBE = words("strob(?:e|es|ing)|flash(?:es|ing)?|puls(?:e|es|ing)|lightning");
    /** "No strobe", "strobe off", "from open to closed" promise nothing of the kind. */
    private static final Pattern UNSURE = words("no|off|without|to|not");

    private EndNames() {}

    private static Pattern words(String words) {
        return Pattern.compile("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    static boolean isShutter(String attribute) {
        return attribute.matches("Shutter\\d+");
    }

    /** Attributes that run from closed, 0, to open, 1. */
    static boolean opensAndCloses(String attribute) {
        return isShutter(attribute) || attribute.equals("Iris");
    }

    static boolean saysOpen(String name) {
        return OPEN.matcher(name).find() && !CLOSED.matcher(name).find();
    }

    static boolean saysClosed(String name) {
        return CLOSED.matcher(name).find() && !OPEN.matcher(name).find() && !UNSURE.matcher(name).find();
    }

    static boolean saysStop(String name) {
        return STOP.matcher(name).find();
    }

    static boolean saysStrobe(String name) {
        return STROBE.matcher(name).find() && !UNSURE.matcher(name).find();
    }
}
