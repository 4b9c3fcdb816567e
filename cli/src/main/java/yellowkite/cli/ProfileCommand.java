package yellowkite.cli;

import java.io.FileOutputStream;
import java.io.FileDescriptor;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;

/** Reads the call, runs its verb and ends with its status: 0 all well, 1 errors were found, 2 a file or the call was refused. */
public final class ProfileCommand {
    static final int WELL = 0;
    static final int ERRORS = 1;
    static final int REFUSED = 2;

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

    private ProfileCommand() {}

    /** What a verb is given to write on. @param terminal whether a person reads {@code out} */
    record Streams(PrintStream out, PrintStream err, boolean terminal) {}

    public static void main(String[] arguments) {
        var out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        var err = new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8);
        int status = run(List.of(arguments), new Streams(out, err, Boolean.getBoolean("kite.terminal")));
        out.flush();
        System.exit(status);
    }

    static int run(List<String> arguments, Streams streams) {
        try {
            var verb = arguments.isEmpty() ? "" : arguments.getFirst();
            var rest = arguments.isEmpty() ? arguments : arguments.subList(1, arguments.size());
            if (rest.contains("--help") || rest.contains("-h") || List.of("--help", "-h", "help").contains(verb)) {
                streams.out().print(help(verb));
                return WELL;
            }
            return switch (verb) {
                case "describe" -> Describe.run(rest, streams);
                case "resolve" -> Resolve.run(rest, streams);
                case "check" -> Check.run(rest, streams);
                case "copy" -> Copy.run(rest, streams);
                case "compare" -> Compare.run(rest, streams);
                case "" -> throw new WrongCall("Say what to do: describe, resolve, check, copy or compare.");
                default -> throw new WrongCall("'" + verb + "' is no verb; there are describe, resolve, check, copy and compare.");
            };
        } catch (WrongCall wrong) {
            streams.err().println(wrong.getMessage());
            streams.err().println("./kite profile --help says more.");
            return REFUSED;
        } catch (StackOverflowError | OutOfMemoryError | RuntimeException unexpected) {
            streams.err().println("Yellow Kite could not go on: " + unexpected.getClass().getSimpleName() + ". This is a mistake of ours.");
            return REFUSED;
        }
    }

    private static String help(String verb) {
        var parts = Arrays.stream(HELP.split("(?m)(?=^\\./kite profile )")).filter(part -> part.startsWith("./kite profile " + verb + " ")).toList();
        return parts.isEmpty() || verb.isEmpty() ? HELP : String.join("", parts);
    }

    /** A call that is not understood. The message is one sentence. */
    static final class WrongCall extends RuntimeException {
        WrongCall(String sentence) {
            super(sentence, null, false, false);
        }
    }
}
