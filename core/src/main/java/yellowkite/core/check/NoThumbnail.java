package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** A profile without a picture of the fixture. */
final class NoThumbnail implements Rule.OfMedia {
    @Override
    public String id() {
        return "no-thumbnail";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(FixtureType type, Media media) {
        if (type.thumbnail().isEmpty()) {
            return Stream.of(found(Finding.Place.PROFILE, "The profile has no picture of the fixture."));
        }
        if (media.has(type.thumbnail() + ".png")) {
            return Stream.empty();
        }
        return media.has(type.thumbnail() + ".svg")
                ? Stream.of(found(Finding.Place.PROFILE,
                        "The picture of the fixture is there as a drawing only, and lists do not show it; put a PNG beside it."))
                : Stream.of(found(Finding.Place.PROFILE, "The picture of the fixture, '" + type.thumbnail() + "', is not in the file."));
    }
}
