package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.dmx.AddressMap;

/** An address below 1 or above 512. */
final class AddressOutsideUniverse implements Rule.OfMode {
    @Override
    public String id() {
        return "address-outside-universe";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        return view.map()
            .channels()
            .stream()
            .flatMap(placed -> placed.addresses()
                .stream()
                .filter(address -> address < 1 || address > AddressMap.UNIVERSE)
                .map(address -> found(view.place(placed.channel()),
                        "'" + placed.name() + "' is on address " + address + ", outside 1 to " + AddressMap.UNIVERSE + ".")));
    }
}
