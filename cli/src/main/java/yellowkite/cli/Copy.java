package yellowkite.cli;

import picocli.CommandLine.Parameters;
import picocli.CommandLine.Command;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** {@code copy}: reads and writes without a change. */
@Command(name = "copy", description = "Reads and writes without a change; OUT is written whole or not at all.")
final class Copy extends Verb {
    @Parameters(index = "0", paramLabel = "IN.gdtf", description = "The file to read.")
    private String source = "";
    @Parameters(index = "1", paramLabel = "OUT.gdtf", description = "The file to write.")
    private String target = "";

    Copy(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        return Files.each(List.of(source), streams(), (name, file) -> {
            try {
                Files.write(Path.of(target).toAbsolutePath(), file.write());
            } catch (IOException | RuntimeException failed) {
                Files.refuse(name, "'" + target + "' could not be written; what was there is unchanged.", streams());
                return REFUSED;
            }
            Json.line(streams().out(), json -> json.writeStringProperty("file", name).writeStringProperty("wrote", target));
            return WELL;
        });
    }
}
