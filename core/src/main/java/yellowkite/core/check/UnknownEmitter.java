package yellowkite.core.check;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/** A function or a beam whose emitter the profile does not have. */
final class UnknownEmitter implements Rule.OfType {
    @Override
    public String id() {
        return "unknown-emitter";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofParts(type);
        var emitters = type.physicalDescriptions().emitters().stream().map(Emitter::name).collect(Collectors.toSet());
        var functions = type.modes()
            .stream()
            .flatMap(mode -> mode.channels()
                .stream()
                .flatMap(channel -> channel.functions()
                    .filter(function -> isUnknown(emitters, function.emitter()))
                    .map(function -> found(Finding.Place.of(mode, channel, function), "The emitter '" + function.emitter() + "' of '"
                            + function.name() + "' is not among the profile's emitters."))));
        var parts = type.allGeometries()
            .filter(each -> isUnknown(emitters, emitterOf(each)))
            .map(each -> found(uses.place(each.name(), "Part '" + each.name() + "'"),
                    "The emitter '" + emitterOf(each) + "' of this part is not among the profile's emitters."));
        return Stream.concat(functions, parts);
    }

    private static String emitterOf(Geometry geometry) {
        return switch (geometry) {
            case Geometry.Part part when part.details() instanceof Geometry.BeamDetails beam -> beam.emitterSpectrum();
            case Geometry.Part part when part.details() instanceof Geometry.LaserDetails laser -> laser.emitter();
            default -> "";
        };
    }

    private static boolean isUnknown(Set<String> emitters, String emitter) {
        return !emitter.isEmpty() && !emitters.contains(emitter);
    }
}
