package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** A model that cannot be shown; a box stands for it. */
final class UnreadableModel implements Rule.OfMedia {
    @Override
    public String id() {
        return "unreadable-model";
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
                .filter(each -> !each.getValue().trouble().isEmpty())
                .map(each -> found(Finding.Place.ofModel(model.name()),
                        "'" + each.getKey() + "' cannot be shown, a box stands for it. " + each.getValue().trouble())));
    }
}
