package yellowkite.core.dmx;

import java.util.Comparator;
import java.util.stream.Collectors;

/**
 * What a mode does on its addresses, as a text: equal for modes of fixtures that are driven alike, whatever they and their parts are
 * called.
 */
final class MapSignature {
    private MapSignature() {}

    /**
     * {@return a line for each channel with an address, in the order of addresses: break, addresses, and where which attribute begins}
     * Empty for a mode without one.
     */
    static String of(AddressMap map) {
        return map.channels()
            .stream()
            .filter(each -> !each.addresses().isEmpty())
            .sorted(Comparator.comparing((PlacedChannel each) -> each.dmxBreak() == null ? 1 : each.dmxBreak())
                .thenComparing(each -> each.addresses().getFirst()))
            .map(MapSignature::line)
            .collect(Collectors.joining("\n"));
    }

    private static String line(PlacedChannel placed) {
        var channel = placed.channel();
        var functions = channel.functions()
            .map(function -> function.dmxFrom().at(channel.bytes()) + " " + function.attribute())
            .collect(Collectors.joining(", "));
        return (placed.dmxBreak() == null ? 1 : placed.dmxBreak()) + " " + placed.addresses() + " " + functions;
    }
}
