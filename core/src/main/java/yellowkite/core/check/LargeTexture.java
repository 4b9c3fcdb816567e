package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.shape.ModelFile;

/** Pictures on a model that are larger than programs show. */
final class LargeTexture implements Rule.OfMedia {
    @Override
    public String id() {
        return "large-texture";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type, Media media) {
        return type.models()
            .stream()
            .flatMap(model -> media.shapesOf(model.file())
                .entrySet()
                .stream()
                .flatMap(each -> each.getValue()
                    .textures()
                    .stream()
                    .filter(ModelFile.Texture::isTooLarge)
                    .map(texture -> found(Finding.Place.ofModel(model.name()),
                            "The picture '" + texture.name() + "' on '" + each.getKey() + "' is " + texture.width() + " x "
                                    + texture.height()
                                    + " pixels; more than " + ModelFile.MOST_TEXTURE + " a side are too many."))));
    }
}
