package yellowkite.cli;

import java.io.PrintStream;

/** What a verb is given to write on. @param terminal whether a person reads {@code out} */
record Streams(PrintStream out, PrintStream err, boolean terminal) {}
