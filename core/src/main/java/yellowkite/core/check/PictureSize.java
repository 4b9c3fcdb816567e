package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** A picture of a slot that is smaller or larger than the standard allows. */
final class PictureSize implements Rule.OfMedia {
    @Override
    public String id() {
        return "picture-size";
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
            .filter(each -> each.getKey().startsWith(Media.WHEELS) && !each.getValue().isUnreadable() && !each.getValue().isAbsurd())
            .filter(each -> each.getValue().shorter() < Media.SMALLEST_SLOT || each.getValue().longer() > Media.LARGEST_SLOT)
            .map(each -> found(uses.place(each.getKey(), "File '" + each.getKey() + "'"), "'" + each.getKey() + "' is " + each.getValue()
                    + " pixels large; pictures of slots have " + Media.SMALLEST_SLOT + " to " + Media.LARGEST_SLOT + " a side."));
    }
}
