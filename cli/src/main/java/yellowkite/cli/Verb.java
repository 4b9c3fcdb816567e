package yellowkite.cli;

import java.util.concurrent.Callable;
import picocli.CommandLine.Option;

/** One thing that can be done from the command line. Its call gives the status: {@link #WELL}, {@link #ERRORS} or {@link #REFUSED}. */
abstract class Verb implements Callable<Integer> {
    static final int WELL = 0;
    /** Something is wrong with what was read. */
    static final int ERRORS = 1;
    /** A file or the call was refused. */
    static final int REFUSED = 2;

    @Option(names = {"-h", "--help"}, usageHelp = true, description = "This help.")
    @SuppressWarnings("UnusedVariable") // read by its annotation
    private boolean help;

    private final Streams streams;

    Verb(Streams streams) {
        this.streams = streams;
    }

    final Streams streams() {
        return streams;
    }
}
