package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.PhysicalFacts;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Connector;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Properties;
import yellowkite.core.xml.Source;

/** Sets where a fixture may work, what each of its connectors draws, and what its connectors are like. */
public record SetPhysical(PhysicalFacts facts) implements Edit {
    private static final double COLDEST = -100;
    private static final double HOTTEST = 300;
    private static final double MOST = 1e6;
    private static final int MOST_LISTED = 100;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return unfit().orElseGet(() -> Located.applied(before.with(f -> {
            var physical = before.physicalDescriptions();
            f.physicalDescriptions = physical.withProperties(properties(physical.properties()))
                .withConnectors(connectors(physical.connectors()));
        })));
    }

    private Optional<Outcome<FixtureType>> unfit() {
        var low = facts.lowest();
        var high = facts.highest();
        if ((low == null) != (high == null) || low != null && high != null && !(low >= COLDEST && high <= HOTTEST && low <= high)) {
            return refused("A fixture works from its lowest to its highest temperature, both from -100 to 300 \u00b0C.");
        }
        if (facts.legHeight() != null && !(facts.legHeight() >= 0 && facts.legHeight() <= 10)) {
            return refused("Legs are 0 to 10 metres high.");
        }
        if (facts.supplies().size() > MOST_LISTED || facts.plugs().size() > MOST_LISTED) {
            return refused("At most " + MOST_LISTED + " connectors are possible.");
        }
        for (var each : facts.supplies()) {
            for (double number : new double[]{each.watts(), each.voltageLow(), each.voltageHigh(), each.frequencyLow(),
                    each.frequencyHigh()}) {
                if (!(number >= 0 && number <= MOST)) {
                    return refused("Watts, volts and hertz are numbers from 0.");
                }
            }
            if (!(each.powerFactor() >= 0 && each.powerFactor() <= 1) || each.voltageLow() > each.voltageHigh()
                    || each.frequencyLow() > each.frequencyHigh()) {
                return refused("A power factor lies from 0 to 1, and ranges run from the lower to the higher end.");
            }
            var name = Names.refusal("facts", each.connector());
            if (name.isPresent()) {
                return name;
            }
        }
        var names = new HashSet<String>();
        for (var each : facts.plugs()) {
            var name = Names.refusalOfRequired("facts", each.name(), "A connector")
                .or(() -> Names.refusalOfRequired("facts", each.type(), "A connector's type"));
            if (name.isPresent()) {
                return name;
            }
            if (!names.add(each.name()) || each.dmxBreak() < 0 || each.dmxBreak() > 99 || Math.abs(each.gender()) > 1
                    || !(each.length() >= 0 && each.length() <= 1_000)) {
                return refused("Each connector has a name of its own, a break from 0 to 99, and a cable of 0 to 1000 metres.");
            }
        }
        return Optional.empty();
    }

    private static Optional<Outcome<FixtureType>> refused(String why) {
        return Optional.of(Located.rejected("facts", why));
    }

    private Properties properties(Properties was) {
        var low = facts.lowest();
        var high = facts.highest();
        var old = was.operatingTemperature();
        var temperature = low == null || high == null ? null
                : new Properties.OperatingTemperature(low, high, old == null ? Source.NONE : old.source());
        var supplies = new ArrayList<Properties.PowerConsumption>();
        for (int i = 0; i < facts.supplies().size(); i++) {
            var each = facts.supplies().get(i);
            supplies.add(new Properties.PowerConsumption(each.connector(), each.watts(), each.powerFactor(), each.voltageLow(),
                    each.voltageHigh(), each.frequencyLow(), each.frequencyHigh(),
                    i < was.powerConsumptions().size() ? was.powerConsumptions().get(i).source() : Source.NONE));
        }
        return new Properties(temperature, was.weight(), supplies, amount(facts.legHeight(), was.legHeight()), was.source());
    }

    private static Properties.@Nullable Amount amount(@Nullable Double value, Properties.@Nullable Amount was) {
        return value == null ? null : new Properties.Amount(value, was == null ? Source.NONE : Objects.requireNonNull(was).source());
    }

    private List<Connector> connectors(List<Connector> was) {
        return facts.plugs().stream().map(plug -> {
            var source = was.stream()
                .filter(each -> each.name().equals(plug.name()))
                .findFirst()
                .map(Connector::source)
                .orElse(Source.NONE);
            return new Connector(plug.name(), plug.type(), plug.dmxBreak(), plug.gender(), plug.length(), source);
        }).toList();
    }

    @Override
    public String describe(FixtureType before) {
        return "Temperatures, power and connectors set";
    }
}
