package yellowkite.core.profile;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/** What the fixture weighs, draws and stands: GDTF {@code Properties}. Null where the file says nothing. */
public record Properties(@Nullable OperatingTemperature operatingTemperature, @Nullable Amount weight,
        List<PowerConsumption> powerConsumptions, @Nullable Amount legHeight, Source source) {

    public static final Properties EMPTY = new Properties(null, null, List.of(), null, Source.NONE);

    public Properties {
        powerConsumptions = List.copyOf(powerConsumptions);
    }

    /** Degrees Celsius. */
    public record OperatingTemperature(double low, double high, Source source) {}

    /** @param value kg for a weight, m for a height */
    public record Amount(double value, Source source) {}

    /** @param connector name. @param value W. Voltages in V, frequencies in Hz */
    public record PowerConsumption(String connector, double value, double powerFactor, double voltageLow, double voltageHigh,
            double frequencyLow, double frequencyHigh, Source source) {}
}
