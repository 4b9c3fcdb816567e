package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.shape.ModelFile;

/** A model that a rig of dozens is slow with. */
final class HeavyModel implements Rule.OfModelFile {
    @Override
    public String id() {
        return "heavy-model";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<String> says(String path, ModelFile file) {
        return file.isHeavy() ? Stream.of("'" + path + "' has " + file.cost() + ".") : Stream.empty();
    }
}
