package yellowkite.core.edit;

import org.joml.Matrix4d;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Frames;
import yellowkite.core.body.Parts;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/**
 * Moves a part, with all that stands in it, into another part or to another place among its neighbours. It stays where it stands in the
 * room.
 *
 * @param parent empty = top level. @param at its place there, counted without the part itself; -1 = the last
 */
public record NestPart(String part, String parent, int at) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, moved -> {
            if (moved.walk().anyMatch(each -> each.name().equals(parent))) {
                return Located.rejected("parent", "'" + part + "' cannot stand in itself.");
            }
            if (before.modes().stream().anyMatch(mode -> mode.geometry().equals(part)) && !parent.isEmpty()) {
                return Located.rejected("parent", "'" + part + "' is the body of a mode; it stays at the top.");
            }
            if (parent.isEmpty() && moved instanceof Geometry.Reference) {
                return Located.rejected("parent", "What repeats another part stands in a part.");
            }
            if (!parent.isEmpty() && BodyTree.references(before, part).findAny().isPresent()) {
                return Located.rejected("parent", "'" + part + "' is repeated by references; it stays at the top.");
            }
            if (moved.walk()
                .anyMatch(each -> each instanceof Geometry.Reference reference && Parts.within(before, reference.geometry(), parent))) {
                return Located.rejected("parent", "'" + part + "' repeats what '" + parent + "' stands in; it would stand in itself.");
            }
            return BodyParts.refusalOfParent(before, parent).orElseGet(() -> nested(before, moved));
        });
    }

    private Outcome<FixtureType> nested(FixtureType before, Geometry moved) {
        var place = BodyTree.standing(before, part);
        var into = parent.isEmpty() ? new Matrix4d() : BodyTree.standing(before, parent);
        if (Math.abs(into.determinant()) < 1e-9) {
            return Located.rejected("parent", "'" + parent + "' is pressed flat; set its position first.");
        }
        boolean stays = BodyTree.parentOf(before, part).map(Geometry::name).orElse("").equals(parent);
        var placed = stays ? moved : moved.withPosition(Frames.matrix(into.invert().mul(place)));
        var after = before.with(f -> f.geometries = BodyTree.insert(BodyTree.without(f.geometries, part), parent, at, placed));
        for (var mode : after.modes()) {
            for (var channel : mode.channels()) {
                if (Parts.reaches(before, before.findMode(mode.id()).orElseThrow(), channel.geometry())
                        && !Parts.reaches(after, mode, channel.geometry())) {
                    return Located.rejected("parent", "Mode '" + mode.name() + "' would not reach '" + channel.geometry()
                            + "' any more, and it has the channel '" + channel.name() + "' there.");
                }
            }
        }
        return Located.applied(after);
    }

    @Override
    public String describe(FixtureType before) {
        return "Part '" + part + "' moved " + (parent.isEmpty() ? "to the top" : "into '" + parent + "'");
    }
}
