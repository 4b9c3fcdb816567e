package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Frames;
import yellowkite.core.body.Place;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.xml.Source;

/**
 * Adds a part to the body, as the last one in its parent.
 *
 * @param parent that it stands in; empty = a top-level part, which references can repeat
 */
public record AddPart(String parent, Geometry.Kind kind, String name, Place place) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.refusalOfParent(before, parent)
            .or(() -> BodyParts.refusalOfNew(before, name))
            .or(() -> BodyParts.refusalOf(place))
            .orElseGet(() -> Located.applied(before.with(f -> f.geometries = BodyTree.insert(f.geometries, parent, -1,
                    new Geometry.Part(kind, name, "", Frames.matrix(place), kind.blank(), List.of(), Source.NONE)))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Part '" + name + "' added" + (parent.isEmpty() ? "" : " to '" + parent + "'");
    }
}
