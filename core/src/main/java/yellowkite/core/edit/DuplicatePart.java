package yellowkite.core.edit;

import java.util.Set;
import yellowkite.core.body.Accessory;
import yellowkite.core.body.BodyTree;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.text.FreshName;

/** Adds a copy of a part behind it, with all that stands in it, under names of their own. Channels stay with the first. */
public record DuplicatePart(String part) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, was -> {
            if (before.allGeometries().count() + was.walk().count() > BodyParts.MOST) {
                return Located.rejected("part", "A body has at most " + BodyParts.MOST + " parts.");
            }
            if (was instanceof Geometry.Reference reference) {
                return new AddReference(BodyTree.parentOf(before, part).map(Geometry::name).orElse(""),
                        FreshName.of(BodyTree.names(before), part), reference.geometry(), yellowkite.core.body.Frames.place(was.position()))
                    .applyTo(before);
            }
            if (was.walk().anyMatch(Geometry.Reference.class::isInstance)) {
                return Located.rejected("part", "'" + part + "' holds cells, and their channels would lie on each other's addresses.");
            }
            var parent = BodyTree.parentOf(before, part);
            var siblings = parent.map(Geometry::children).orElse(before.geometries());
            var copy = copy(was, BodyTree.names(before));
            return Names.refusal("part", copy.name())
                .orElseGet(() -> Located.applied(before.with(f -> {
                    f.geometries = BodyTree.insert(f.geometries, parent.map(Geometry::name).orElse(""), siblings.indexOf(was) + 1, copy);
                    f.physicalDescriptions = BodyParts.heavier(f.physicalDescriptions, Accessory.weightIn(was));
                })));
        });
    }

    private static Geometry copy(Geometry of, Set<String> taken) {
        var named = of.withName(FreshName.of(taken, of.name()));
        return named instanceof Geometry.Part inner
                ? inner.withChildren(inner.children().stream().map(each -> copy(each, taken)).toList())
                : named;
    }

    @Override
    public String describe(FixtureType before) {
        return "Part '" + part + "' duplicated";
    }
}
