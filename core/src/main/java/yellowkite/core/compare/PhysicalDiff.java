package yellowkite.core.compare;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.PhysicalFacts;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.profile.Connector;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Properties;
import yellowkite.core.text.Figures;

/** What a fixture weighs, draws and bears, and how it is connected. */
final class PhysicalDiff {
    private PhysicalDiff() {}

    static void compare(FixtureType leftType, FixtureType rightType, Found found) {
        var left = leftType.physicalDescriptions();
        var right = rightType.physicalDescriptions();
        var place = Place.profile("Physical facts");
        if (!Content.same(left.properties(), right.properties())) {
            int before = found.differences.size();
            changed(place, "The weight", kilos(left.properties()), kilos(right.properties()), found);
            var one = PhysicalFacts.of(leftType);
            var other = PhysicalFacts.of(rightType);
            changed(place, "The temperature that it works in", range(one.lowest(), one.highest(), "\u00b0C"),
                    range(other.lowest(), other.highest(), "\u00b0C"), found);
            changed(place, "The height of its legs", figure(one.legHeight(), "m"), figure(other.legHeight(), "m"), found);
            var supplies = Pairs.<PhysicalFacts.Supply>by(one.supplies(), other.supplies(), PhysicalFacts.Supply::connector);
            supplies.both()
                .forEach(pair -> changed(place, "What " + connector(pair.left()) + " draws", says(pair.left()), says(pair.right()), found));
            supplies.left().forEach(each -> changed(place, "What " + connector(each) + " draws", says(each), "", found));
            supplies.right().forEach(each -> changed(place, "What " + connector(each) + " draws", "", says(each), found));
            if (found.differences.size() == before) {
                found.add(Rank.COSMETIC, Kind.OTHER, place, "Its physical facts are written otherwise.", "", "");
            }
        }
        connectors(leftType, rightType, found);
        Rest.compare(left, right, Set.of("filters", "emitters", "dmxProfiles", "properties", "connectors"), place, found);
    }

    private static void connectors(FixtureType leftType, FixtureType rightType, Found found) {
        var right = rightType.physicalDescriptions().connectors();
        var pairs = Pairs.<Connector>by(leftType.physicalDescriptions().connectors(), right, Connector::name);
        pairs.both()
            .stream()
            .filter(pair -> !Content.same(pair.left(), pair.right()))
            .forEach(pair -> Rest.compare(pair.left(), pair.right(), Set.of("name"), at(pair.left()), found));
        pairs.left().forEach(each -> found.add(Rank.COSMETIC, Kind.OTHER, at(each), "This connector is gone.", each.name(), ""));
        pairs.right().forEach(each -> found.add(Rank.COSMETIC, Kind.OTHER, at(each), "This connector is new.", "", each.name()));
        Rest.order("connectors", pairs.both(), right, Place.profile("Physical facts"), found);
    }

    private static Place at(Connector connector) {
        return Place.profile("Connector '" + connector.name() + "'");
    }

    private static void changed(Place place, String what, String before, String after, Found found) {
        found.changed(Rank.COSMETIC, Kind.OTHER, place, what, before, after);
    }

    private static String kilos(Properties of) {
        return of.weight() == null ? "" : Figures.of(of.weight().value()) + " kg";
    }

    private static String figure(@Nullable Double value, String unit) {
        return value == null ? "" : Figures.of(value) + " " + unit;
    }

    private static String range(@Nullable Double low, @Nullable Double high, String unit) {
        return low == null || high == null ? "" : Figures.of(low) + " to " + Figures.of(high) + " " + unit;
    }

    private static String connector(PhysicalFacts.Supply of) {
        return of.connector().isEmpty() ? "it" : "'" + of.connector() + "'";
    }

    private static String says(PhysicalFacts.Supply of) {
        return Figures.of(of.watts()) + " W, power factor " + Figures.of(of.powerFactor()) + ", " + Figures.of(of.voltageLow()) + " to "
                + Figures.of(of.voltageHigh()) + " V, " + Figures.of(of.frequencyLow()) + " to " + Figures.of(of.frequencyHigh()) + " Hz";
    }
}
