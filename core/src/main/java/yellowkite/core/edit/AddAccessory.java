package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.body.Accessory;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Frames;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.text.FreshName;
import yellowkite.core.xml.Source;

/** Puts an accessory onto a part: a part with its shape, and its weight added to the fixture's. @param parent that it stands on */
public record AddAccessory(Accessory accessory, String parent) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        var name = FreshName.of(BodyTree.names(before), accessory.called());
        if (parent.isEmpty()) {
            return Located.rejected("parent", "An accessory stands on a part of the body.");
        }
        return BodyParts.refusalOfParent(before, parent)
            .or(() -> BodyParts.refusalOfNew(before, name))
            .orElseGet(() -> Located.applied(before.with(f -> {
                f.models = BodyParts.with(f.models, accessory.model());
                f.geometries = BodyTree.insert(f.geometries, parent, -1, new Geometry.Part(Geometry.Kind.Geometry, name,
                        accessory.model().name(), Frames.matrix(accessory.place()), Geometry.NoDetails.NONE, List.of(), Source.NONE));
                f.physicalDescriptions = BodyParts.heavier(f.physicalDescriptions, accessory.weight());
            })));
    }

    @Override
    public String describe(FixtureType before) {
        return accessory.called() + " put onto '" + parent + "'";
    }
}
