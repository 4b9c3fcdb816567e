package yellowkite.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import yellowkite.cli.Command.Streams;
import yellowkite.cli.Command.WrongCall;
import yellowkite.core.chart.ChartProfile;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;

/** {@code write}: the profile that a chart gives when nobody touches it. */
final class ChartWrite {
    private ChartWrite() {}

    static int run(List<String> arguments, Streams streams) {
        var call = ChartCall.of(arguments);
        if (call.files().size() != 2) {
            throw new WrongCall("write takes a chart and the file to write: FILE OUT.gdtf.");
        }
        var name = call.files().get(0);
        var target = call.files().get(1);
        try {
            var proposal = call.read(name);
            // the same chart gives the same file
            var id = UUID.nameUUIDFromBytes((proposal.manufacturer() + "/" + proposal.model()).getBytes(StandardCharsets.UTF_8))
                .toString()
                .toUpperCase(java.util.Locale.ROOT);
            var file = new GdtfFile(GdtfDescription.of(ChartProfile.of(proposal, id, "")), Map.of());
            Files.write(Path.of(target).toAbsolutePath(), file.write());
            var channels = proposal.modes().stream().flatMap(mode -> mode.channels().stream()).toList();
            Json.line(streams.out(),
                    json -> json.writeStringProperty("file", name)
                        .writeStringProperty("wrote", target)
                        .writeNumberProperty("modes", proposal.modes().size())
                        .writeNumberProperty("channels", channels.size())
                        .writeNumberProperty("doubts", channels.stream().mapToInt(channel -> channel.doubts().size()).sum())
                        .writeNumberProperty("unplaced", proposal.unplaced().size()));
            return channels.stream().anyMatch(channel -> channel.attribute() == null) ? Command.ERRORS : Command.WELL;
        } catch (Files.Refused refused) {
            Files.refuse(name, String.valueOf(refused.getMessage()), streams);
        } catch (IOException failed) {
            Files.refuse(name, "'" + target + "' could not be written; what was there is unchanged.", streams);
        }
        return Command.REFUSED;
    }
}
