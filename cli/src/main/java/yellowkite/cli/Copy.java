package yellowkite.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import yellowkite.cli.ProfileCommand.Streams;
import yellowkite.cli.ProfileCommand.WrongCall;

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
                write(Path.of(target).toAbsolutePath(), file.write());
            } catch (IOException | RuntimeException failed) {
                Files.refuse(name, "'" + target + "' could not be written; what was there is unchanged.", streams);
                return ProfileCommand.REFUSED;
            }
            Json.line(streams.out(), json -> json.writeStringProperty("file", name).writeStringProperty("wrote", target));
            return ProfileCommand.WELL;
        });
    }

    /** Written beside its place and moved there whole. */
    private static void write(Path target, byte[] bytes) throws IOException {
        var beside = java.nio.file.Files.createTempFile(target.getParent(), ".kite-", ".gdtf");
        try {
            java.nio.file.Files.write(beside, bytes);
            java.nio.file.Files.move(beside, target, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            java.nio.file.Files.deleteIfExists(beside);
        }
    }
}
