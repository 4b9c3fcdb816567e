package yellowkite.core.edit;

import java.util.Optional;
import java.util.stream.Stream;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/** Removes an emitter or a filter that nothing works with. */
public record RemoveLightPart(Kind kind, String name) implements Edit {

    /** What is removed. */
    public enum Kind {
        EMITTER, FILTER
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        var physical = before.physicalDescriptions();
        if (kind == Kind.EMITTER ? physical.findEmitter(name).isEmpty() : physical.findFilter(name).isEmpty()) {
            return Located.rejected("name", "This profile has no " + Words.small(kind) + " called '" + name + "'.");
        }
        return usedBy(before)
            .map(user -> Located.rejected("name", "'" + name + "' is at work in " + user + "; give that another one first."))
            .orElseGet(() -> Located.applied(before.with(f -> f.physicalDescriptions = kind == Kind.EMITTER
                    ? physical.withEmitters(physical.emitters().stream().filter(each -> !each.name().equals(name)).toList())
                    : physical.withFilters(physical.filters().stream().filter(each -> !each.name().equals(name)).toList()))));
    }

    private Optional<String> usedBy(FixtureType type) {
        var functions = type.modes()
            .stream()
            .flatMap(mode -> mode.channels()
                .stream()
                .filter(channel -> channel.functions().anyMatch(each -> name.equals(kind == Kind.EMITTER ? each.emitter() : each.filter())))
                .map(channel -> "'" + channel.name() + "' of mode '" + mode.name() + "'"));
        var others = kind == Kind.FILTER
                ? type.wheels()
                    .stream()
                    .filter(wheel -> wheel.slots().stream().anyMatch(slot -> slot.filter().equals(name)))
                    .map(wheel -> "wheel '" + wheel.name() + "'")
                : type.allGeometries()
                    .filter(each -> each instanceof Geometry.Part part
                            && (part.details() instanceof Geometry.BeamDetails beam && beam.emitterSpectrum().equals(name)
                                    || part.details() instanceof Geometry.LaserDetails laser && laser.emitter().equals(name)))
                    .map(each -> "the part '" + each.name() + "'");
        return Stream.concat(functions, others).findFirst();
    }

    @Override
    public String describe(FixtureType before) {
        return "Removed: " + Words.small(kind) + " '" + name + "'";
    }
}
