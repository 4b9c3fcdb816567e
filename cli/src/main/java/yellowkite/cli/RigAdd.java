package yellowkite.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.edit.AddUnits;

/** {@code add}: units more. */
@Command(name = "add", description = "Adds units one after the other; a collision is refused, and named with the next free place.")
final class RigAdd extends Verb {
    @Parameters(index = "0", paramLabel = "RIG.json", description = "A rig, or a patch sheet; it stays as it is.")
    private String file = "";
    @Option(names = "--profile", required = true, paramLabel = "FILE", description = "The GDTF file of their profile.")
    private String profile = "";
    @Option(names = "--mode", required = true, paramLabel = "NAME", description = "The mode.")
    private String mode = "";
    @Option(names = "--count", paramLabel = "N", defaultValue = "1", description = "How many; one unless told.")
    private int count;
    @Option(names = "--at", paramLabel = "U.A", description = "Address of the first; else the first gaps that hold a whole unit.")
    private @Nullable String at;
    @Option(names = "--id", paramLabel = "ID", description = "Id of the first; else the number after the highest.")
    private @Nullable String id;
    @Option(names = "--name", paramLabel = "NAME", description = "Name of the first; the others count on.")
    private @Nullable String name;
    @Option(names = "--layer", paramLabel = "L", defaultValue = "", description = "The layer that they belong to.")
    private String layer = "";
    @Option(names = "--shared", description = "They share addresses on purpose with whoever stands there.")
    private boolean shared;
    @Option(names = "--out", paramLabel = "FILE", description = "Where the new rig is written, as JSON.")
    private @Nullable String out;

    RigAdd(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        try {
            var rig = RigFile.read(file, List.of());
            var type = Files.read(profile).description().type();
            var edit = new AddUnits(UUID.randomUUID().toString(), RigFile.found(profile, type, mode), count, at, id, name, layer, List.of(),
                    null, null, shared);
            return switch (edit.applyTo(rig.rig())) {
                case Outcome.Rejected<Rig>(var field, var reason) -> {
                    Files.refuse(file, reason, streams());
                    yield ERRORS;
                }
                case Outcome.Applied<Rig>(var after) -> {
                    if (out != null) {
                        Files.write(Path.of(out).toAbsolutePath(), (rig.with(after).line() + "\n").getBytes(StandardCharsets.UTF_8));
                    }
                    streams().out().println(rig.with(after).line());
                    yield WELL;
                }
            };
        } catch (Files.Refused refused) {
            Files.refuse(file, String.valueOf(refused.getMessage()), streams());
        } catch (IOException failed) {
            Files.refuse(file, "'" + out + "' could not be written; what was there is unchanged.", streams());
        }
        return REFUSED;
    }
}
