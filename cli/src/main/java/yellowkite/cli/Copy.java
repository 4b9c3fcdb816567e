package yellowkite.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import yellowkite.cli.Command.Streams;
import yellowkite.cli.Command.WrongCall;

/** {@code copy}: reads and writes without a change. */
final class Copy {
    private Copy() {}

    static int run(List<String> arguments, Streams streams) {
        if (arguments.size() != 2) {
            throw new WrongCall("copy takes two files: IN.gdtf OUT.gdtf.");
        }
        var target = arguments.get(1);
        return Files.each(arguments.subList(0, 1), streams, (name, file) -> {
            try {
                Files.write(Path.of(target).toAbsolutePath(), file.write());
            } catch (IOException | RuntimeException failed) {
                Files.refuse(name, "'" + target + "' could not be written; what was there is unchanged.", streams);
                return Command.REFUSED;
            }
            Json.line(streams.out(), json -> json.writeStringProperty("file", name).writeStringProperty("wrote", target));
            return Command.WELL;
        });
    }
}
