package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Connector;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Properties;
import yellowkite.core.profile.Protocols;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/** Sets what the fixture is as a thing: each of its light sources gets the same light. What is null is not said. */
public record SetFacts(FixtureFacts facts) implements Edit {
    private static final double MOST = 1e7;
    private static final double WIDEST = 360;
    private static final int MOST_LISTED = 100;
    private static final int MOST_ID = 0xFFFF;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        var was = FixtureFacts.of(before);
        return unfit(before).orElseGet(() -> Located.applied(before.with(f -> {
            f.geometries = Trees.map(f.geometries, each -> lit(each, was));
            f.physicalDescriptions = f.physicalDescriptions.withConnectors(connectors(before.physicalDescriptions().connectors()))
                .withProperties(properties(before.physicalDescriptions().properties()));
            f.protocols = protocols(before.protocols());
        })));
    }

    private Optional<Outcome<FixtureType>> unfit(FixtureType type) {
        for (var each : List.of(Optional.ofNullable(facts.weight()), Optional.ofNullable(facts.power()),
                Optional.ofNullable(facts.luminousFlux()), Optional.ofNullable(facts.colorTemperature()))) {
            if (each.isPresent() && !(each.get() > 0 && each.get() <= MOST)) {
                return Optional.of(Located.rejected("facts", "Weight, power, flux and colour temperature are numbers above 0."));
            }
        }
        for (var each : List.of(Optional.ofNullable(facts.beamAngle()), Optional.ofNullable(facts.fieldAngle()))) {
            if (each.isPresent() && !(each.get() > 0 && each.get() <= WIDEST)) {
                return Optional.of(Located.rejected("facts", "An angle of the beam lies above 0 and up to 360 degrees."));
            }
        }
        if (facts.lampType() != null && !FixtureFacts.LAMP_TYPES.contains(facts.lampType())) {
            return Optional.of(Located.rejected("facts", "The light source is one of " + String.join(", ", FixtureFacts.LAMP_TYPES) + "."));
        }
        if (facts.connectors().size() > MOST_LISTED || facts.personalities().size() > MOST_LISTED) {
            return Optional.of(Located.rejected("facts", "At most " + MOST_LISTED + " connectors and personalities are possible."));
        }
        for (var plug : facts.connectors()) {
            var refused = Names.refusalOfRequired("facts", plug.name(), "A connector")
                .or(() -> Names.refusalOfRequired("facts", plug.type(), "A connector's type"));
            if (refused.isPresent()) {
                return refused;
            }
        }
        var numbers = new HashSet<Integer>();
        for (var each : facts.personalities()) {
            if (type.modes().stream().noneMatch(mode -> mode.name().equals(each.mode()))) {
                return Optional.of(Located.rejected("facts", "There is no mode called '" + each.mode() + "'."));
            }
            if (each.number() < 1 || each.number() > 255 || !numbers.add(each.number())) {
                return Optional.of(Located.rejected("facts", "Each personality has a number of its own from 1 to 255."));
            }
        }
        boolean ids = isId(facts.rdmManufacturer()) && isId(facts.rdmModel());
        return ids ? Optional.empty() : Optional.of(Located.rejected("facts", "RDM ids lie from 0000 to FFFF."));
    }

    private static boolean isId(@Nullable Integer id) {
        return id == null || id >= 0 && id <= MOST_ID;
    }

    private Geometry lit(Geometry geometry, FixtureFacts was) {
        if (!(geometry instanceof Geometry.Part part)) {
            return geometry;
        }
        var children = Trees.map(part.children(), each -> lit(each, was));
        var details = part.details() instanceof BeamDetails beam ? with(beam, was) : part.details();
        return children == part.children() && details.equals(part.details()) ? part
                : new Geometry.Part(part.kind(), part.name(), part.model(), part.position(), details, children, part.source());
    }

    /** Only what is said otherwise than it was: light sources may differ from each other, and from what the fixture takes as a whole. */
    private BeamDetails with(BeamDetails beam, FixtureFacts was) {
        var none = BeamDetails.DEFAULT;
        return new BeamDetails(facts.lampType() == null ? beam.lampType() : said(facts.lampType(), was.lampType(), beam.lampType(), ""),
                said(facts.power(), was.power(), beam.powerConsumption(), none.powerConsumption()),
                said(facts.luminousFlux(), was.luminousFlux(), beam.luminousFlux(), none.luminousFlux()),
                said(facts.colorTemperature(), was.colorTemperature(), beam.colorTemperature(), none.colorTemperature()),
                said(facts.beamAngle(), was.beamAngle(), beam.beamAngle(), none.beamAngle()),
                said(facts.fieldAngle(), was.fieldAngle(), beam.fieldAngle(), none.fieldAngle()), beam.throwRatio(), beam.rectangleRatio(),
                beam.beamRadius(), beam.beamType(), beam.colorRenderingIndex(), beam.emitterSpectrum());
    }

    private static <T> T said(@Nullable T now, @Nullable T was, T there, T none) {
        return Objects.equals(now, was) ? there : now == null ? none : now;
    }

    private Properties properties(Properties was) {
        var weight = facts.weight() == null ? null
                : was.weight() == null ? new Properties.Amount(facts.weight(), Source.NONE)
                        : new Properties.Amount(facts.weight(), was.weight().source());
        var supplies = new ArrayList<>(was.powerConsumptions());
        if (!supplies.isEmpty() && facts.power() != null) {
            var first = supplies.getFirst();
            supplies.set(0, new Properties.PowerConsumption(first.connector(), facts.power(), first.powerFactor(), first.voltageLow(),
                    first.voltageHigh(), first.frequencyLow(), first.frequencyHigh(), first.source()));
        }
        return new Properties(was.operatingTemperature(), weight, supplies, was.legHeight(), was.source());
    }

    private List<Connector> connectors(List<Connector> was) {
        return facts.connectors()
            .stream()
            .map(plug -> was.stream()
                .filter(each -> each.name().equals(plug.name()))
                .findFirst()
                .map(each -> each.type().equals(plug.type()) ? each
                        : new Connector(each.name(), plug.type(), each.dmxBreak(), each.gender(), each.length(), each.source()))
                .orElseGet(() -> new Connector(plug.name(), plug.type(), 0, 0, 0, Source.NONE)))
            .toList();
    }

    private Protocols protocols(Protocols was) {
        var rdm = was.rdm();
        if (facts.rdmManufacturer() == null && facts.rdmModel() == null && facts.personalities().isEmpty()) {
            return rdm == null ? was : new Protocols(null, was.networks(), was.source());
        }
        var versions = new ArrayList<>(rdm == null ? List.<Protocols.SoftwareVersion>of() : rdm.versions());
        var newest = versions.isEmpty() ? new Protocols.SoftwareVersion(0, List.of(), Source.NONE) : versions.removeLast();
        var personalities = facts.personalities()
            .stream()
            .map(each -> newest.personalities()
                .stream()
                .filter(old -> old.value() == each.number() && old.mode().equals(each.mode()))
                .findFirst()
                .orElseGet(() -> new Protocols.Personality(each.number(), each.mode(), Source.NONE)))
            .toList();
        if (rdm != null && !rdm.versions().isEmpty() || !personalities.isEmpty()) {
            versions.add(new Protocols.SoftwareVersion(newest.value(), personalities, newest.source()));
        }
        return new Protocols(new Protocols.Rdm(Objects.requireNonNullElse(facts.rdmManufacturer(), 0),
                Objects.requireNonNullElse(facts.rdmModel(), 0), versions, rdm == null ? Source.NONE : rdm.source()), was.networks(),
                was.source());
    }

    @Override
    public String describe(FixtureType before) {
        return "Facts of the fixture set";
    }
}
