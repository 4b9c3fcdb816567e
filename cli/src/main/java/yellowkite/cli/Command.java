package yellowkite.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * One of our commands with its verbs. Reads the call, runs its verb and ends with its status: 0 all well, 1 errors were found, 2 a file or
 * the call was refused.
 *
 * @param name as it is typed behind {@code ./kite}
 * @param verbs in the order in which they are told
 */
record Command(String name, String help, Map<String, Verb> verbs) {
    static final int WELL = 0;
    static final int ERRORS = 1;
    static final int REFUSED = 2;

    /** What a verb is given to write on. @param terminal whether a person reads {@code out} */
    record Streams(PrintStream out, PrintStream err, boolean terminal) {}

    /** {@return the status} */
    interface Verb {
        int run(List<String> arguments, Streams streams);
    }

    /** Runs and ends the program. */
    void main(String[] arguments) {
        var out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        var err = new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8);
        int status = run(List.of(arguments), new Streams(out, err, Boolean.getBoolean("kite.terminal")));
        out.flush();
        System.exit(status);
    }

    int run(List<String> arguments, Streams streams) {
        try {
            var verb = arguments.isEmpty() ? "" : arguments.getFirst();
            var rest = arguments.isEmpty() ? arguments : arguments.subList(1, arguments.size());
            if (rest.contains("--help") || rest.contains("-h") || List.of("--help", "-h", "help").contains(verb)) {
                streams.out().print(help(verb));
                return WELL;
            }
            var known = verbs.get(verb);
            if (known == null) {
                throw new WrongCall(verb.isEmpty() ? "Say what to do: " + listed("or") + "."
                        : "'" + verb + "' is no verb; there are " + listed("and") + ".");
            }
            return known.run(rest, streams);
        } catch (WrongCall wrong) {
            streams.err().println(wrong.getMessage());
            streams.err().println("./kite " + name + " --help says more.");
            return REFUSED;
        } catch (StackOverflowError | OutOfMemoryError | RuntimeException unexpected) {
            streams.err().println("Yellow Kite could not go on: " + unexpected.getClass().getSimpleName() + ". This is a mistake of ours.");
            return REFUSED;
        }
    }

    private String listed(String before) {
        var names = List.copyOf(verbs.keySet());
        return String.join(", ", names.subList(0, names.size() - 1)) + " " + before + " " + names.getLast();
    }

    private String help(String verb) {
        var parts = Arrays.stream(help.split("(?m)(?=^\\./kite " + name + " )"))
            .filter(part -> part.startsWith("./kite " + name + " " + verb + " "))
            .toList();
        return parts.isEmpty() || verb.isEmpty() ? help : String.join("", parts);
    }

    /** A call that is not understood. The message is one sentence. */
    static final class WrongCall extends RuntimeException {
        WrongCall(String sentence) {
            super(sentence, null, false, false);
        }
    }
}
