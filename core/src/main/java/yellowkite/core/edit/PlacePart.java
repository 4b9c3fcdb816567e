package yellowkite.core.edit;

import yellowkite.core.body.Frames;
import yellowkite.core.body.Place;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Moves and turns a part on its parent. What a place cannot say, such as a mirrored matrix, goes with it. */
public record PlacePart(String part, Place place) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, was -> BodyParts.refusalOf(place)
            .orElseGet(() -> Located.applied(BodyParts.change(before, part, each -> {
                var to = Frames.matrix(place);
                return to.equals(each.position()) ? each : each.withPosition(to);
            }))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Part '" + part + "' stands at " + place.words();
    }
}
