package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** A picture of a slot that is not square: it is shown squeezed. */
final class PictureNotSquare implements Rule.OfMedia {
    @Override
    public String id() {
        return "picture-not-square";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type, Media media) {
        var uses = Uses.ofPictures(type);
        return media.pictures()
            .entrySet()
            .stream()
            .filter(each -> each.getKey().startsWith(Media.WHEELS) && each.getValue().shorter() != each.getValue().longer())
            .map(each -> found(uses.place(each.getKey(), "File '" + each.getKey() + "'"),
                    "'" + each.getKey() + "' is " + each.getValue() + " pixels large; pictures of slots are square."));
    }
}
