package yellowkite.cli;

import picocli.CommandLine.Parameters;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Command;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import yellowkite.core.chart.ChartProfile;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;

/** {@code write}: the profile that a chart gives when nobody touches it. */
@Command(name = "write", description = "The profile that the chart gives when nobody touches it; OUT is written whole or not at all.")
final class ChartWrite extends Verb {
    @Parameters(index = "0", paramLabel = "FILE", description = "The chart.")
    private String name = "";
    @Parameters(index = "1", paramLabel = "OUT.gdtf", description = "The file to write.")
    private String target = "";
    @Mixin
    private final ChartOf chart = new ChartOf();

    ChartWrite(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        try {
            var proposal = chart.read(name);
            // the same chart gives the same file
            var id = UUID.nameUUIDFromBytes((proposal.manufacturer() + "/" + proposal.model()).getBytes(StandardCharsets.UTF_8))
                .toString()
                .toUpperCase(Locale.ROOT);
            var file = new GdtfFile(GdtfDescription.of(ChartProfile.of(proposal, id, "")), Map.of());
            Files.write(Path.of(target).toAbsolutePath(), file.write());
            var channels = proposal.modes().stream().flatMap(mode -> mode.channels().stream()).toList();
            Json.line(streams().out(),
                    json -> json.writeStringProperty("file", name)
                        .writeStringProperty("wrote", target)
                        .writeNumberProperty("modes", proposal.modes().size())
                        .writeNumberProperty("channels", channels.size())
                        .writeNumberProperty("doubts", channels.stream().mapToInt(channel -> channel.doubts().size()).sum())
                        .writeNumberProperty("unplaced", proposal.unplaced().size()));
            return channels.stream().anyMatch(channel -> channel.attribute() == null) ? ERRORS : WELL;
        } catch (Files.Refused refused) {
            Files.refuse(name, String.valueOf(refused.getMessage()), streams());
        } catch (IOException failed) {
            Files.refuse(name, "'" + target + "' could not be written; what was there is unchanged.", streams());
        }
        return REFUSED;
    }
}
