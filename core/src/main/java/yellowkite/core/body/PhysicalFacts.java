package yellowkite.core.body;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.FixtureType;

/**
 * Where a fixture may work and how it is connected. Null where nothing is said.
 *
 * @param lowest degrees Celsius, as is the highest; both or none. @param legHeight m
 */
public record PhysicalFacts(@Nullable Double lowest, @Nullable Double highest, @Nullable Double legHeight, List<Supply> supplies,
        List<Socket> plugs) {
    public PhysicalFacts {
        supplies = List.copyOf(supplies);
        plugs = List.copyOf(plugs);
    }

    /** What one connector draws. @param connector name; empty = not said. Volts and hertz of what it may be fed with */
    public record Supply(String connector, double watts, double powerFactor, double voltageLow, double voltageHigh, double frequencyLow,
            double frequencyHigh) {}

    /** @param dmxBreak that it feeds, 0 = none. @param gender -1 female, 0 universal, 1 male. @param length of its cable, m */
    public record Socket(String name, String type, int dmxBreak, int gender, double length) {}

    public static PhysicalFacts of(FixtureType type) {
        var properties = type.physicalDescriptions().properties();
        var temperature = properties.operatingTemperature();
        return new PhysicalFacts(temperature == null ? null : temperature.low(), temperature == null ? null : temperature.high(),
                properties.legHeight() == null ? null : properties.legHeight().value(),
                properties.powerConsumptions()
                    .stream()
                    .map(each -> new Supply(each.connector(), each.value(), each.powerFactor(), each.voltageLow(), each.voltageHigh(),
                            each.frequencyLow(), each.frequencyHigh()))
                    .toList(),
                type.physicalDescriptions()
                    .connectors()
                    .stream()
                    .map(each -> new Socket(each.name(), each.type(), each.dmxBreak(), each.gender(), each.length()))
                    .toList());
    }
}
