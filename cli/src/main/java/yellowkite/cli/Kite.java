package yellowkite.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.lang.reflect.InvocationTargetException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.IFactory;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.UnmatchedArgumentException;

/** The core from the command line. Ends with 0 if all is well, 1 if errors were found, 2 if a file or the call was refused. */
@Command(name = "./kite", subcommands = {Kite.Profile.class, Kite.Chart.class, Kite.Release.class, Kite.Rigs.class, Prove.class})
public final class Kite {
    private static final int WIDTH = 120;

    Kite() {}

    /** What {@code -h} means for each of the four. */
    private static class Group {
        @Option(names = {"-h", "--help"}, usageHelp = true, description = "This help.")
        @SuppressWarnings("UnusedVariable") // read by its annotation
        private boolean help;
    }

    @Command(name = "profile", description = "GDTF files.", footer = {"",
            "Exit status: 0 all well; 1 errors were found, or a wanted value is out of reach; 2 a file or the call was refused."}, subcommands = {
                    Describe.class, Resolve.class, Check.class, Copy.class, Compare.class})
    static final class Profile extends Group {
        Profile() {}
    }

    @Command(name = "chart", description = "Manufacturers' DMX charts: text, CSV, TSV, XLSX, HTML, or a PDF whose pages hold text.", footer = {
            "", "Exit status: 0 all well; 1 a channel has no attribute; 2 a file or the call was refused."}, subcommands = {ChartRead.class,
                    ChartWrite.class})
    static final class Chart extends Group {
        Chart() {}
    }

    @Command(name = "release", description = "Releases: dated sets of profiles that a house hands on, each as one archive.", footer = {"",
            "Exit status: 0 all well; 2 a file or the call was refused."}, subcommands = {ReleaseLook.class, ReleaseMake.class})
    static final class Release extends Group {
        Release() {}
    }

    @Command(name = "rig", description = "Rigs: the fixtures of a production, as scenes (MVR), as JSON or as patch sheets.", footer = {"",
            "Exit status: 0 all well; 1 the units collide, or a value is out of reach; 2 a file or the call was refused."}, subcommands = {
                    RigRead.class, RigWrite.class, RigAdd.class, RigCompare.class, RigSent.class})
    static final class Rigs extends Group {
        Rigs() {}
    }

    /** Runs and ends the program. */
    public static void main(String[] arguments) {
        var out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        var err = new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8);
        int status = run(List.of(arguments), new Streams(out, err, Boolean.getBoolean("kite.terminal")));
        out.flush();
        System.exit(status);
    }

    static int run(List<String> arguments, Streams streams) {
        try {
            return line(streams).execute(arguments.toArray(String[]::new));
        } catch (StackOverflowError | OutOfMemoryError tooMuch) {
            return ourMistake(tooMuch, streams);
        }
    }

    private static CommandLine line(Streams streams) {
        var out = new PrintWriter(streams.out(), true, StandardCharsets.UTF_8);
        return new CommandLine(new Kite(), verbsUpon(streams)).setOut(out)
            .setColorScheme(CommandLine.Help.defaultColorScheme(CommandLine.Help.Ansi.OFF))
            .setUsageHelpWidth(WIDTH)
            .setExpandAtFiles(false) // a file's name may begin so
            .setParameterExceptionHandler((wrong, arguments) -> refuse(sentence(wrong), wrong.getCommandLine(), streams))
            .setExecutionExceptionHandler((thrown, at, parsed) -> thrown instanceof WrongCall wrong
                    ? refuse(String.valueOf(wrong.getMessage()), at, streams)
                    : ourMistake(thrown, streams));
    }

    private static IFactory verbsUpon(Streams streams) {
        return new IFactory() {
            @Override
            public <K> K create(Class<K> type) throws Exception {
                if (!Verb.class.isAssignableFrom(type)) {
                    return CommandLine.defaultFactory().create(type);
                }
                try {
                    return type.getDeclaredConstructor(Streams.class).newInstance(streams);
                } catch (InvocationTargetException failed) {
                    throw new IllegalStateException(failed);
                }
            }
        };
    }

    private static String sentence(ParameterException wrong) {
        var verbs = wrong.getCommandLine().getSubcommands().keySet();
        return switch (wrong) {
            case UnmatchedArgumentException unknown when !verbs.isEmpty() && !unknown.isUnknownOption() ->
                "'" + unknown.getUnmatched().getFirst() + "' is no verb; there are " + String.join(", ", verbs) + ".";
            case UnmatchedArgumentException unknown when unknown.isUnknownOption() ->
                "'" + unknown.getUnmatched().getFirst() + "' is no option here.";
            case MissingParameterException missing when !verbs.isEmpty() -> "Say what to do: " + String.join(", ", verbs) + ".";
            default -> String.valueOf(wrong.getMessage()) + ".";
        };
    }

    private static int refuse(String sentence, CommandLine at, Streams streams) {
        streams.err().println(sentence);
        streams.err().println(at.getCommandSpec().qualifiedName() + " --help says more.");
        return Verb.REFUSED;
    }

    private static int ourMistake(Throwable thrown, Streams streams) {
        streams.err().println("Yellow Kite could not go on: " + thrown.getClass().getSimpleName() + ". This is a mistake of ours.");
        return Verb.REFUSED;
    }
}
