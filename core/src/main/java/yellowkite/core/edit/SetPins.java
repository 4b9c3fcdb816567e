package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.xml.Source;

/** Says which pins of a connector lead where. */
public record SetPins(String part, List<Pin> pins) implements Edit {
    private static final int MOST = 200;

    /** @param from pin of this connector. @param connector name of the other one. @param to pin of that */
    public record Pin(int from, String connector, int to) {}

    public SetPins {
        pins = List.copyOf(pins);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, was -> {
            if (!(was instanceof Geometry.Part wired && wired.details() instanceof Geometry.WiringDetails wiring)) {
                return Located.rejected("pins", "'" + part + "' is no connector.");
            }
            if (pins.size() > MOST
                    || pins.stream().anyMatch(each -> each.from() < 0 || each.to() < 0 || each.from() > MOST || each.to() > MOST)) {
                return Located.rejected("pins", "A connector has at most " + MOST + " pins, counted from 1.");
            }
            for (var pin : pins) {
                var refused = Names.refusalOfRequired("pins", pin.connector(), "The other connector");
                if (refused.isPresent()) {
                    return refused.get();
                }
            }
            var patched = wiring.withPinPatches(
                    pins.stream().map(each -> new Geometry.PinPatch(each.connector(), each.from(), each.to(), Source.NONE)).toList());
            return Located.applied(patched.equals(wiring) ? before
                    : BodyParts.change(before, part, each -> ((Geometry.Part) each).withDetails(patched)));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Pins of '" + part + "': " + pins.size();
    }
}
