package yellowkite.cli;

import java.util.LinkedHashMap;
import java.util.Map;

/** {@code ./kite chart}: manufacturers' charts. */
public final class ChartCommand {
    private static final String HELP = """
            ./kite chart read FILE... [--maker NAME] [--model NAME]
                what each manufacturer's DMX chart says, as one line of JSON: modes, channels, functions, wheels, what is not sure, what is not placed
            ./kite chart write FILE OUT.gdtf [--maker NAME] [--model NAME]
                the profile that the chart gives when nobody touches it; OUT is written whole or not at all

            FILE is text, CSV, TSV, XLSX, HTML, or a PDF whose pages hold text.
            Exit status: 0 all well; 1 a channel has no attribute; 2 a file or the call was refused.
            """;

    static final Command COMMAND = new Command("chart", HELP, verbs());

    private ChartCommand() {}

    private static Map<String, Command.Verb> verbs() {
        var verbs = new LinkedHashMap<String, Command.Verb>();
        verbs.put("read", ChartRead::run);
        verbs.put("write", ChartWrite::run);
        return verbs;
    }

    public static void main(String[] arguments) {
        COMMAND.main(arguments);
    }
}
