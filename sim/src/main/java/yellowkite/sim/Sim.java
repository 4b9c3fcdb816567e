package yellowkite.sim;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.archive.FormatException;
import yellowkite.core.bench.Flaw;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.core.wire.sacn.SacnPacket;

/** One simulated fixture on 127.0.0.1. */
@Command(name = "./kite sim", description = "One simulated fixture on 127.0.0.1 that obeys Art-Net, sACN and RDM over Art-Net.", footer = {
        "",
        "FLAW is one of " + Flaw.FORMS + ".", "",
        "It ends when its standard input closes. Exit status: 0 it ended; 2 a file or the call was refused."})
public final class Sim implements Callable<Integer> {
    private static final Pattern AT = Pattern.compile("(?:(\\d{1,5})\\.)?(\\d{1,3})");
    private static final int REFUSED = 2;

    @Parameters(paramLabel = "FILE.gdtf", description = "The profile.")
    private String file = "";
    @Option(names = "--mode", paramLabel = "NAME", required = true, description = "The mode that it is in.")
    private String mode = "";
    @Option(names = "--at", paramLabel = "U.A", required = true, description = "Its universe and address; a number alone is one in universe 1.")
    private String at = "";
    @Option(names = "--artnet-port", paramLabel = "N", defaultValue = "6454", description = "${DEFAULT-VALUE} unless told; 0 = any that is free.")
    private int artnetPort = 6454;
    @Option(names = "--sacn-port", paramLabel = "N", defaultValue = "5568", description = "${DEFAULT-VALUE} unless told; 0 = any that is free.")
    private int sacnPort = 5568;
    @Option(names = "--telemetry-port", paramLabel = "N", defaultValue = "0", description = "Any that is free unless told.")
    private int telemetryPort;
    @Option(names = "--uid", paramLabel = "UID", defaultValue = "7ff0:00000001", description = "Who it is over RDM: ${DEFAULT-VALUE} unless told.")
    private String uid = "7ff0:00000001";
    @Option(names = "--firmware", paramLabel = "VERSION", defaultValue = "1.0", description = "What it says of its software: ${DEFAULT-VALUE} unless told.")
    private String firmware = "1.0";
    @Option(names = "--flaw", paramLabel = "FLAW", description = "How it differs from its profile; may be said again.")
    private List<String> flaws = List.of();
    @Option(names = {"-h", "--help"}, usageHelp = true, description = "This help.")
    @SuppressWarnings("UnusedVariable") // read by its annotation
    private boolean help;

    private final PrintStream out;
    private final InputStream until;

    Sim(PrintStream out, InputStream until) {
        this.out = out;
        this.until = until;
    }

    /** The call cannot be done. The message is a sentence. */
    private static final class Refused extends Exception {
        private static final long serialVersionUID = 1;

        Refused(String says) {
            super(says, null, false, false);
        }
    }

    /** Runs until it is ended. */
    public static void main(String[] arguments) {
        var out = new PrintStream(new FileOutputStream(FileDescriptor.out), true, StandardCharsets.UTF_8);
        System.exit(run(out, System.in, arguments));
    }

    static int run(PrintStream out, InputStream until, String... arguments) {
        var line = new CommandLine(new Sim(out, until)).setExpandAtFiles(false);
        line.setParameterExceptionHandler((wrong, all) -> {
            var says = String.valueOf(wrong.getMessage());
            System.err.println(says.endsWith(".") ? says : says + ".");
            System.err.println("./kite sim --help says more.");
            return REFUSED;
        });
        return line.execute(arguments);
    }

    @Override
    public Integer call() {
        try {
            var fixture = fixture();
            try (var running = new RunningSim(fixture, artnetPort, sacnPort, telemetryPort)) {
                var json = JsonMapper.builder().build().createObjectNode();
                json.put("sim", fixture.type().manufacturer() + " " + fixture.type().name())
                    .put("artnet", running.artNetPort())
                    .put("sacn", running.sacnPort())
                    .put("telemetry", running.telemetry())
                    .put("uid", fixture.uid().toString());
                var told = json.putArray("flaws");
                flaws.forEach(told::add);
                out.println(json);
                out.flush();
                waitForTheEnd();
            }
            return 0;
        } catch (Refused refused) {
            System.err.println(refused.getMessage());
        } catch (IOException | IllegalArgumentException taken) {
            System.err.println("A port is taken, or none that this machine has: " + artnetPort + " for Art-Net, " + sacnPort + " for sACN, "
                    + telemetryPort
                    + " for telemetry. Choose others with --artnet-port, --sacn-port and --telemetry-port; 0 is any that is free.");
        }
        return REFUSED;
    }

    private void waitForTheEnd() {
        try {
            until.transferTo(OutputStream.nullOutputStream());
        } catch (IOException ended) {
            // as if it had closed
        }
    }

    private SimulatedFixture fixture() throws Refused {
        var type = type();
        int personality = IntStream.range(0, type.modes().size())
            .filter(i -> type.modes().get(i).name().equals(mode))
            .findFirst()
            .orElseThrow(() -> new Refused("'" + file + "' has no mode '" + mode + "'; it has "
                    + String.join(", ", type.modes().stream().map(each -> "'" + each.name() + "'").toList()) + "."))
                + 1;
        var place = AT.matcher(at);
        if (!place.matches()) {
            throw new Refused("'" + at + "' is no place. Write it as universe.address: 1.101.");
        }
        int universe = place.group(1) == null ? 1 : Integer.parseInt(place.group(1));
        int address = Integer.parseInt(place.group(2));
        if (universe < 1 || universe > SacnPacket.LARGEST_UNIVERSE || address < 1 || address > AddressMap.UNIVERSE) {
            throw new Refused("'" + at + "' is outside: universes are 1 to " + SacnPacket.LARGEST_UNIVERSE + ", addresses 1 to 512.");
        }
        var who = Uid.parse(uid)
            .filter(each -> !each.isBroadcast())
            .orElseThrow(() -> new Refused("'" + uid + "' is no single device. Write it as 7ff0:00000001."));
        return new SimulatedFixture(type, personality, universe, address, who, flaws(type, personality), firmware, System::nanoTime);
    }

    private FixtureType type() throws Refused {
        try {
            var path = Path.of(file);
            if (Files.isRegularFile(path) && Files.size(path) > GdtfFile.MAX_BYTES) {
                throw new Refused("'" + file + "' was refused: it is larger than the limit of " + (GdtfFile.MAX_BYTES >> 20) + " MB.");
            }
            return GdtfFile.read(Files.readAllBytes(path)).description().type();
        } catch (FormatException refused) {
            throw new Refused(refused.sentence(file));
        } catch (NoSuchFileException missing) {
            throw new Refused("'" + file + "' does not exist.");
        } catch (IOException | InvalidPathException failed) {
            throw new Refused("'" + file + "' could not be read.");
        }
    }

    private List<Flaw> flaws(FixtureType type, int personality) throws Refused {
        var all = new ArrayList<Flaw>();
        for (var text : flaws) {
            var flaw = Flaw.parse(text).orElseThrow(() -> new Refused("'" + text + "' is no flaw. There are " + Flaw.FORMS + "."));
            var mode = CompiledMode.of(type, type.modes().get(personality - 1));
            var missing = flaw.missingIn(mode);
            if (missing.isPresent()) {
                throw new Refused("'" + text + "' cannot be: " + missing.get());
            }
            all.add(flaw);
        }
        return all;
    }
}
