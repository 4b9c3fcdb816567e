package yellowkite.core.check;

import java.util.HashSet;
import java.util.stream.Stream;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.Wheel;

/** Two things of one kind and one name, where names are links. */
final class DuplicateName implements Rule.OfType {
    @Override
    public String id() {
        return "duplicate-name";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        return Stream.of(
                twice("mode", type.modes().stream().map(Mode::name)),
                twice("wheel", type.wheels().stream().map(Wheel::name)),
                twice("curve", type.physicalDescriptions().dmxProfiles().stream().map(DmxProfile::name)),
                twice("filter", type.physicalDescriptions().filters().stream().map(Filter::name)),
                twice("emitter", type.physicalDescriptions().emitters().stream().map(Emitter::name)),
                twice("model", type.models().stream().map(Model::name)),
                twice("part of the body", type.allGeometries().map(Geometry::name)),
                twice("attribute", type.attributeDefinitions().attributes().stream().map(each -> each.name())))
            .flatMap(each -> each);
    }

    private Stream<Finding> twice(String kind, Stream<String> names) {
        var seen = new HashSet<String>();
        return names.filter(name -> !seen.add(name))
            .distinct()
            .map(name -> found(Finding.Place.PROFILE,
                    "There is more than one " + kind + " called '" + name + "'; links reach only the first."));
    }
}
