package yellowkite.cli;

import java.io.IOException;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.core.JsonGenerator;
import yellowkite.core.bench.Answer;
import yellowkite.core.bench.Causes;
import yellowkite.core.bench.Proof;
import yellowkite.core.bench.Slots;
import yellowkite.core.bench.Walk;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.output.FixtureOnTheWire;
import yellowkite.output.Line;
import yellowkite.output.Telemetry;
import yellowkite.output.WireLine;

/** {@code prove}: whether a fixture does what its profile says. */
@Command(name = "prove", description = "Walks a profile on a simulated fixture, and says what disagrees and why.", footer = {"",
        "Exit status: 0 all agrees; 1 something disagrees; 2 a file or the call was refused, or the fixture is gone."})
final class Prove extends Verb {
    @Parameters(paramLabel = "FILE.gdtf", description = "The profile.")
    private String name = "";
    @Option(names = "--mode", paramLabel = "NAME", required = true, description = "The mode that the fixture should be in.")
    private String mode = "";
    @Option(names = "--sim", paramLabel = "TELEMETRY-URL", required = true, description = "Where its telemetry is, as the simulator prints it.")
    private String sim = "";
    @Option(names = "--quick", description = "The middles of ranges and the ends of functions alone.")
    private boolean quick;
    @ArgGroup
    private @Nullable By by;

    /** Which protocol. */
    private static final class By {
        @Option(names = "--artnet-port", paramLabel = "N", description = "Where it hears Art-Net; 6454 unless told.")
        private @Nullable Integer artNet;
        @Option(names = "--sacn-port", paramLabel = "N", description = "Where it hears sACN.")
        private @Nullable Integer sacn;

        By() {}
    }

    Prove(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        try {
            var file = Files.read(name);
            var proof = prove(compiled(file));
            print(proof);
            // a fixture with more addresses than its mode does every step as it should
            return proof.count(Walk.Verdict.DIFFERS) > 0 || !proof.causes().isEmpty() ? ERRORS : WELL;
        } catch (Files.Refused | Proof.Gone refused) {
            Files.refuse(name, String.valueOf(refused.getMessage()), streams());
            return REFUSED;
        }
    }

    private CompiledMode compiled(GdtfFile file) throws Files.Refused {
        var type = file.description().type();
        return type.modes()
            .stream()
            .filter(each -> each.name().equals(mode))
            .findFirst()
            .map(each -> CompiledMode.of(type, each))
            .orElseThrow(() -> new Files.Refused("'" + name + "' has no mode '" + mode + "'; it has "
                    + String.join(", ", type.modes().stream().map(each -> "'" + each.name() + "'").toList()) + "."));
    }

    private Proof prove(CompiledMode of) throws Files.Refused, Proof.Gone {
        var address = Telemetry.address(sim)
            .orElseThrow(() -> new Files.Refused("'" + sim + "' is no address. Write it as http://127.0.0.1:40123/."));
        var telemetry = new Telemetry(address);
        var start = Slots.of(of).bytes(of.startValues());
        try (var fixture = new FixtureOnTheWire(line(), telemetry, start)) {
            var walk = Walk.of(of, quick);
            return Proof.of(walk, fixture, answer -> {
                int done = answer.step().number();
                if (done % 20 == 0 || done == walk.steps().size()) {
                    streams().err().println("Step " + done + " of " + walk.steps().size());
                }
            });
        }
    }

    private Line line() throws Files.Refused {
        var sacn = by == null ? null : by.sacn;
        var artNet = by == null || by.artNet == null ? (Integer) ArtPacket.PORT : by.artNet;
        int port = sacn == null ? artNet : sacn;
        if (port < 1 || port > 65_535) {
            throw new Files.Refused("A port lies from 1 to 65535; " + port + " is outside.");
        }
        try {
            return sacn == null ? WireLine.artNet(port) : WireLine.sacn(port);
        } catch (IOException none) {
            throw new Files.Refused("This machine gives no network port.");
        }
    }

    private void print(Proof proof) {
        Json.line(streams().out(), json -> {
            json.writeStringProperty("file", name);
            json.writeStringProperty("mode", mode);
            json.writeNumberProperty("steps", proof.answers().size());
            json.writeNumberProperty("agree", proof.count(Walk.Verdict.AGREES));
            json.writeNumberProperty("cannotTell", proof.count(Walk.Verdict.CANNOT_TELL));
            json.writeArrayPropertyStart("disagree");
            proof.answers().stream().filter(each -> each.verdict() == Walk.Verdict.DIFFERS).forEach(each -> answer(json, each));
            json.writeEndArray();
            json.writeArrayPropertyStart("causes");
            proof.causes().forEach(each -> cause(json, each));
            json.writeEndArray();
        });
    }

    private static void answer(JsonGenerator json, Answer answer) {
        json.writeStartObject();
        json.writeStringProperty("channel", answer.step().channel());
        json.writeStringProperty("function", answer.step().function());
        Json.textOrNull(json, "range", answer.step().range());
        json.writeNumberProperty("dmx", answer.step().dmx());
        json.writeStringProperty("expected", answer.expectedWords());
        json.writeStringProperty("seen", answer.seenWords());
        json.writeStringProperty("says", answer.says());
        json.writeEndObject();
    }

    private static void cause(JsonGenerator json, Causes.Cause cause) {
        var fix = cause.fix();
        json.writeStartObject();
        json.writeStringProperty("says", cause.says());
        json.writeStringProperty("flaw", cause.flaw().toString());
        json.writeNumberProperty("steps", cause.steps());
        Json.textOrNull(json, "fix", fix == null ? null : fix.says());
        json.writeEndObject();
    }
}
