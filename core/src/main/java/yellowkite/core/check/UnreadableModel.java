package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.shape.ModelFile;

/** A model that cannot be shown; a box stands for it. */
final class UnreadableModel implements Rule.OfModelFile {
    @Override
    public String id() {
        return "unreadable-model";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<String> says(String path, ModelFile file) {
        return file.trouble().isEmpty() ? Stream.empty()
                : Stream.of("'" + path + "' cannot be shown, a box stands for it. " + file.trouble());
    }
}
