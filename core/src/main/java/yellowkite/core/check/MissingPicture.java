package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** A picture that the profile names and the file does not hold. */
final class MissingPicture implements Rule.OfMedia {
    @Override
    public String id() {
        return "missing-picture";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type, Media media) {
        var slots = type.wheels()
            .stream()
            .flatMap(wheel -> wheel.slots()
                .stream()
                .filter(slot -> !slot.mediaFile().isEmpty() && !media.has(Media.wheelPath(slot.mediaFile())))
                .map(slot -> found(Finding.Place.of(wheel, slot),
                        "The picture '" + Media.wheelPath(slot.mediaFile()) + "' of slot '" + slot.name() + "' is not in the file.")));
        var models = type.models()
            .stream()
            .filter(model -> !model.file().isEmpty() && !media.hasModel(model.file()))
            .map(model -> found(Finding.Place.of("Model '" + model.name() + "'"),
                    "The file holds no model called '" + model.file() + "'."));
        return Stream.concat(slots, models);
    }
}
