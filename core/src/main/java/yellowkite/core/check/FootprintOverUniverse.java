package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.dmx.AddressMap;

/** A mode that no universe can hold. */
final class FootprintOverUniverse implements Rule.OfMode {
    @Override
    public String id() {
        return "footprint-over-universe";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        return view.map()
            .footprint()
            .entrySet()
            .stream()
            .filter(each -> each.getValue() > AddressMap.UNIVERSE)
            .map(each -> found(view.place(), "The mode needs " + each.getValue() + " addresses in break " + each.getKey()
                    + "; a universe has " + AddressMap.UNIVERSE + "."));
    }
}
