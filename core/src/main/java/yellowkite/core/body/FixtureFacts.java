package yellowkite.core.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Properties;
import yellowkite.core.profile.Protocols;

/**
 * What a fixture is as a thing, apart from its channels. Null where the file says nothing: a value that only is the standard's default
 * counts as not said.
 *
 * @param weight kg
 * @param power W, of its first supply, else of its light source
 * @param lampType of its first light source, by the standard's words
 * @param beamAngle degrees, as is the field angle
 * @param luminousFlux lm
 * @param colorTemperature K
 * @param rdmManufacturer id of ANSI E1.20, as is the model's
 */
public record FixtureFacts(@Nullable Double weight, @Nullable Double power, @Nullable String lampType, @Nullable Double beamAngle,
        @Nullable Double fieldAngle, @Nullable Double luminousFlux,
        @Nullable Double colorTemperature, List<Plug> connectors, @Nullable Integer rdmManufacturer, @Nullable Integer rdmModel,
        List<Personality> personalities) {
    /** Source: GDTF {@code Beam/@LampType}. */
    public static final List<String> LAMP_TYPES = List.of("Discharge", "Tungsten", "Halogen", "LED");

    public FixtureFacts {
        connectors = List.copyOf(connectors);
        personalities = List.copyOf(personalities);
    }

    /** A socket or plug. @param type as the standard lists them, such as {@code XLR5} */
    public record Plug(String name, String type) {}

    /** @param number as the fixture counts it. @param mode name */
    public record Personality(int number, String mode) {}

    public static FixtureFacts of(FixtureType type) {
        var beam = type.allGeometries()
            .flatMap(each -> each instanceof Geometry.Part part && part.details() instanceof BeamDetails details
                    ? Optional.of(details).stream()
                    : Optional.<BeamDetails>empty().stream())
            .findFirst();
        var properties = type.physicalDescriptions().properties();
        var rdm = type.protocols().rdm();
        var supply = properties.powerConsumptions().stream().map(Properties.PowerConsumption::value).filter(each -> each > 0).findFirst();
        boolean known = beam.filter(each -> !each.equals(BeamDetails.DEFAULT)).isPresent();
        return new FixtureFacts(properties.weight() == null ? null : properties.weight().value(),
                supply.orElse(said(beam, BeamDetails::powerConsumption)),
                known ? beam.map(BeamDetails::lampType).orElse(null) : null, said(beam, BeamDetails::beamAngle),
                said(beam, BeamDetails::fieldAngle), said(beam, BeamDetails::luminousFlux), said(beam, BeamDetails::colorTemperature),
                type.physicalDescriptions().connectors().stream().map(each -> new Plug(each.name(), each.type())).toList(),
                rdm == null ? null : rdm.manufacturerId(), rdm == null ? null : rdm.deviceModelId(), personalities(rdm));
    }

    private static List<Personality> personalities(Protocols.@Nullable Rdm rdm) {
        var found = new ArrayList<Personality>();
        if (rdm != null && !rdm.versions().isEmpty()) {
            rdm.versions().getLast().personalities().forEach(each -> found.add(new Personality(each.value(), each.mode())));
        }
        return found;
    }

    private static @Nullable Double said(Optional<BeamDetails> beam, ToDoubleFunction<BeamDetails> value) {
        return beam.map(value::applyAsDouble).filter(each -> each != value.applyAsDouble(BeamDetails.DEFAULT)).orElse(null);
    }
}
