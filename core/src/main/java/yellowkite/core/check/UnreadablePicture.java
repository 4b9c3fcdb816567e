package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** A picture that is no PNG, or says that it is absurdly large: it is never shown. */
final class UnreadablePicture implements Rule.OfMedia {
    @Override
    public String id() {
        return "unreadable-picture";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(FixtureType type, Media media) {
        var uses = Uses.ofPictures(type);
        return media.pictures()
            .entrySet()
            .stream()
            .filter(each -> each.getValue().isUnreadable() || each.getValue().isAbsurd())
            .map(each -> found(uses.place(each.getKey(), "File '" + each.getKey() + "'"),
                    each.getValue().isUnreadable() ? "'" + each.getKey() + "' is no PNG picture."
                            : "'" + each.getKey() + "' says that it is "
                                    + each.getValue() + " pixels large; more than " + Media.MOST_PIXELS_A_SIDE
                                    + " a side are not opened."));
    }
}
