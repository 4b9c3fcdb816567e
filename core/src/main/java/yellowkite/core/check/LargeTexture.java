package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.shape.ModelFile;

/** Pictures on a model that are larger than programs show. */
final class LargeTexture implements Rule.OfModelFile {
    @Override
    public String id() {
        return "large-texture";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<String> says(String path, ModelFile file) {
        return file.textures()
            .stream()
            .filter(ModelFile.Texture::isTooLarge)
            .map(texture -> "The picture '" + texture.name() + "' on '" + path + "' is " + texture.width() + " x " + texture.height()
                    + " pixels; more than " + ModelFile.MOST_TEXTURE + " a side are too many.");
    }
}
