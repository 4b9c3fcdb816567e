package yellowkite.cli;

import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code read}: a rig as it stands in a file. */
@Command(name = "read", description = "A rig as JSON: its units with the profiles that were found for them, universes, collisions and findings.")
final class RigRead extends Verb {
    @Parameters(index = "0", paramLabel = "FILE", description = "A scene: .mvr; a rig: .json; or a patch sheet: .csv, .tsv, .xlsx.")
    private String file = "";
    @Option(names = "--profiles", paramLabel = "DIR", description = "A folder of GDTF files: the library for this call.")
    private List<String> profiles = List.of();

    @Option(names = "--ours", description = "The folder's profiles count before those inside a scene.")
    private boolean ours;

    RigRead(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        try {
            streams().out().println(RigFile.read(file, profiles, ours).line());
            return WELL;
        } catch (Files.Refused refused) {
            Files.refuse(file, String.valueOf(refused.getMessage()), streams());
            return REFUSED;
        }
    }
}
