package yellowkite.neighbour;

import java.io.IOException;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine;

/** A library of another house, simulated on this machine. */
@Command(name = "./kite neighbour", description = "A library of another house, simulated: something to exchange profiles with.")
public final class Neighbour implements Callable<Integer> {
    @Option(names = "--port", paramLabel = "N", defaultValue = "8760", description = "Where it listens, on this machine alone (${DEFAULT-VALUE}).")
    private int port = 8760;
    @Option(names = "--slow", description = "It takes its time for each answer.")
    private boolean slow;
    @Option(names = "--flaky", description = "Every fourth answer fails.")
    private boolean flaky;
    @Option(names = {"-h", "--help"}, usageHelp = true, description = "This help.")
    @SuppressWarnings("UnusedVariable") // read by its annotation
    private boolean help;

    Neighbour() {}

    /** Runs until it is ended. */
    public static void main(String[] arguments) {
        System.exit(new CommandLine(new Neighbour()).execute(arguments));
    }

    @Override
    public Integer call() throws InterruptedException {
        try (var server = new NeighbourServer(port, slow, flaky)) {
            System.out.println("The neighbour " + NeighbourLibrary.HOUSE + " is ready: http://127.0.0.1:" + server.port()
                    + " (sign in as " + NeighbourServer.NAME + " with the secret " + NeighbourServer.SECRET + ")");
            Thread.currentThread().join();
            return 0;
        } catch (IOException taken) {
            System.err.println("Port " + port + " is taken. Choose another one: ./kite neighbour --port " + (port + 1));
            return 2;
        }
    }
}
