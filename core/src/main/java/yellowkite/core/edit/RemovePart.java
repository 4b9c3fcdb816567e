package yellowkite.core.edit;

import java.util.Optional;
import java.util.stream.Collectors;
import yellowkite.core.body.Accessory;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Parts;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/** Removes a part with all that stands in it, where nothing works with it; an accessory takes its weight along. */
public record RemovePart(String part) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, was -> usedBy(before, was)
            .map(user -> Located.rejected("part", user))
            .orElseGet(() -> Located.applied(before.with(f -> {
                f.geometries = BodyTree.without(f.geometries, part);
                f.physicalDescriptions = BodyParts.heavier(f.physicalDescriptions, -Accessory.weightIn(was));
            }))));
    }

    private Optional<String> usedBy(FixtureType type, Geometry was) {
        var inside = was.walk().map(Geometry::name).collect(Collectors.toSet());
        for (var mode : type.modes()) {
            if (mode.geometry().equals(part)) {
                return Optional.of("'" + part + "' is the body of mode '" + mode.name() + "'.");
            }
            var channel = mode.channels().stream().filter(each -> inside.contains(each.geometry())).findFirst();
            if (channel.isPresent()) {
                return Optional.of("Channel '" + channel.get().name() + "' of mode '" + mode.name() + "' acts on '"
                        + channel.get().geometry() + "'; give it another part first.");
            }
            if (was.walk()
                .anyMatch(each -> each instanceof Geometry.Reference reference && mode.channels()
                    .stream()
                    .anyMatch(channelOf -> Parts.within(type, reference.geometry(), channelOf.geometry())))) {
                return Optional.of("The cells in '" + part + "' have channels in mode '" + mode.name() + "'; remove those first.");
            }
        }
        return BodyTree.references(type, part).findFirst().map(each -> "'" + each.name() + "' repeats '" + part + "'; remove that first.");
    }

    @Override
    public String describe(FixtureType before) {
        return "Part '" + part + "' removed";
    }
}
