package yellowkite.cli;

import java.util.LinkedHashMap;
import java.util.Map;

/** {@code ./kite profile}: GDTF files. */
public final class ProfileCommand {
    private static final String HELP = """
            ./kite profile describe FILE...
                what each file holds, as one line of JSON
            ./kite profile resolve FILE --mode NAME [--dmx A=V,A=V...] [--break N]
                what every channel does: all at their start values, then the byte values V (0..255) on addresses A of break N (1)
            ./kite profile resolve FILE --mode NAME --wanted ATTRIBUTE=PHYSICAL [--wanted ...] [--break N]
                the way back: the bytes for the wanted physical values, and what they reach
            ./kite profile check FILE... [--json]
                what is wrong with each file: a report on a terminal, JSON when piped or asked for
            ./kite profile copy IN.gdtf OUT.gdtf
                reads and writes without a change; OUT is written whole or not at all
            ./kite profile compare OLD.gdtf NEW.gdtf
                what differs, and what each difference does to a show that was programmed with OLD: breaks, shifts, adds, cosmetic

            Exit status: 0 all well; 1 errors were found, or a wanted value is out of reach; 2 a file or the call was refused.
            """;

    static final Command COMMAND = new Command("profile", HELP, verbs());

    private ProfileCommand() {}

    private static Map<String, Command.Verb> verbs() {
        var verbs = new LinkedHashMap<String, Command.Verb>();
        verbs.put("describe", Describe::run);
        verbs.put("resolve", Resolve::run);
        verbs.put("check", Check::run);
        verbs.put("copy", Copy::run);
        verbs.put("compare", Compare::run);
        return verbs;
    }

    public static void main(String[] arguments) {
        COMMAND.main(arguments);
    }
}
