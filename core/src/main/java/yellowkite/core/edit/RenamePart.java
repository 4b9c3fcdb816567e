package yellowkite.core.edit;

import yellowkite.core.body.BodyTree;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;

/** Gives a part of the body another name: modes, channels, references and links follow. */
public record RenamePart(String part, String to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, was -> part.equals(to) ? Located.applied(before)
                : BodyParts.refusalOfNew(before, to).orElseGet(() -> Located.applied(renamed(before))));
    }

    private FixtureType renamed(FixtureType before) {
        var body = before.with(f -> f.geometries = BodyTree.map(f.geometries, each -> {
            var named = each.name().equals(part) ? each.withName(to) : each;
            return named instanceof Geometry.Reference reference && reference.geometry().equals(part) ? reference.withGeometry(to)
                    : named instanceof Geometry.Part owner && owner.details() instanceof Geometry.StructureDetails structure
                            && structure.linkedGeometry().equals(part)
                                    ? owner.withDetails(new Geometry.StructureDetails(to, structure.structureType(),
                                            structure.crossSectionType(), structure.crossSectionHeight(),
                                            structure.crossSectionWallThickness(), structure.trussCrossSection()))
                                    : named;
        }));
        var modes = body.mapModes(mode -> {
            var channels = mode.mapChannels(each -> each.geometry().equals(part) ? each.withGeometry(to) : each);
            return channels.geometry().equals(part) ? new Mode(channels.id(), channels.name(), channels.description(), to,
                    channels.channels(), channels.relations(), channels.macros(), channels.source()) : channels;
        });
        return Relink.follow(before, modes);
    }

    @Override
    public String describe(FixtureType before) {
        return "Part '" + part + "' is called '" + to + "'";
    }
}
