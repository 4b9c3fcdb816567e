package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** Models that a rig of dozens is slow with. */
final class HeavyModel implements Rule.OfMedia {
    @Override
    public String id() {
        return "heavy-model";
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
                .filter(each -> each.getValue().isHeavy())
                .map(each -> found(Finding.Place.ofModel(model.name()), "'" + each.getKey() + "' has " + each.getValue().cost() + ".")));
    }
}
