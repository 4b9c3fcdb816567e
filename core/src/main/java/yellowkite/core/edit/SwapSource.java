package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.body.BodyTree;
import yellowkite.core.curve.Shelf;
import yellowkite.core.history.Outcome;
import yellowkite.core.light.SourceShelf;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Properties;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/**
 * Puts another light source into the fixture: kind, colour temperature, flux, power, colour rendering and spectrum of every lens, and the
 * curve of its dimmers, together. Flux and power are those of the whole fixture, shared by its lenses.
 *
 * @param source as it is called on the shelf
 */
public record SwapSource(String source) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        var found = SourceShelf.find(source);
        long lenses = before.allGeometries()
            .filter(each -> each instanceof Geometry.Part part && part.details() instanceof BeamDetails)
            .count();
        if (found.isEmpty() || lenses == 0) {
            return Located.rejected("source", found.isEmpty() ? "There is no light source called '" + source + "' on the shelf."
                    : "The body has no part that gives light.");
        }
        return Located.applied(swapped(before, found.get(), lenses));
    }

    private FixtureType swapped(FixtureType before, SourceShelf to, long lenses) {
        var lit = before.with(f -> {
            f.geometries = BodyTree.map(f.geometries,
                    each -> each instanceof Geometry.Part part && part.details() instanceof BeamDetails beam
                            ? part.withDetails(with(beam, to, lenses))
                            : each);
            var emitters = new ArrayList<>(f.physicalDescriptions.emitters());
            emitters.removeIf(each -> each.name().equals(source) || isIdle(before, each));
            emitters.add(to.emitter());
            var supplies = f.physicalDescriptions.properties().powerConsumptions();
            f.physicalDescriptions = f.physicalDescriptions.withEmitters(emitters)
                .withProperties(supplies.size() == 1 ? with(f.physicalDescriptions.properties(), to) : f.physicalDescriptions.properties());
        });
        return curved(lit, to);
    }

    /** A source of the shelf goes with the lens that it lit. */
    private static boolean isIdle(FixtureType type, Emitter emitter) {
        return SourceShelf.find(emitter.name()).isPresent() && type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .flatMap(channel -> channel.functions())
            .noneMatch(function -> function.emitter().equals(emitter.name()));
    }

    private static BeamDetails with(BeamDetails beam, SourceShelf to, long lenses) {
        return new BeamDetails(to.lampType(), to.watts() / lenses, to.lumens() / lenses, to.kelvin(), beam.beamAngle(), beam.fieldAngle(),
                beam.throwRatio(), beam.rectangleRatio(), beam.beamRadius(), beam.beamType(), to.rendering(), to.called());
    }

    private static Properties with(Properties was, SourceShelf to) {
        var supply = was.powerConsumptions().getFirst();
        return new Properties(was.operatingTemperature(), was.weight(),
                List.of(new Properties.PowerConsumption(supply.connector(), to.watts(),
                        supply.powerFactor(), supply.voltageLow(), supply.voltageHigh(), supply.frequencyLow(), supply.frequencyHigh(),
                        supply.source())),
                was.legHeight(), was.source());
    }

    /** Dimmers that run through a curve of the shelf, or through none, get that of the new source. */
    private static FixtureType curved(FixtureType type, SourceShelf to) {
        var name = to.curve() == Shelf.LINEAR ? "" : "Dimming of " + to.lampType().toLowerCase(java.util.Locale.ROOT);
        var known = type.physicalDescriptions().findDmxProfile(name).isPresent();
        var ready = name.isEmpty() || known ? type
                : type.with(f -> f.physicalDescriptions = f.physicalDescriptions.withDmxProfiles(
                        Trees.insert(f.physicalDescriptions.dmxProfiles(), f.physicalDescriptions.dmxProfiles().size(),
                                new DmxProfile(name, to.curve().pieces(to.curve().usual()), Source.NONE))));
        return ready.mapModes(mode -> mode.mapChannels(channel -> channel.mapFunctions(function -> {
            boolean ours = function.dmxProfile().isEmpty() || function.dmxProfile().startsWith("Dimming of ");
            return !function.attribute().equals("Dimmer") || !ours || function.dmxProfile().equals(name) ? function
                    : function.with(f -> f.dmxProfile = name);
        })));
    }

    /** {@return the shelf's source that lights the fixture now; none if it is lit by another} */
    public static Optional<SourceShelf> now(FixtureType type) {
        return type.allGeometries()
            .filter(each -> each instanceof Geometry.Part part && part.details() instanceof BeamDetails)
            .map(each -> ((BeamDetails) ((Geometry.Part) each).details()).emitterSpectrum())
            .findFirst()
            .flatMap(SourceShelf::find);
    }

    @Override
    public String describe(FixtureType before) {
        return "Light source is " + source;
    }
}
