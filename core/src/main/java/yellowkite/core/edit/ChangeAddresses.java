package yellowkite.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Puts a channel on other addresses. @param addresses as many as it has bytes, most significant first */
public record ChangeAddresses(int channel, List<Integer> addresses) implements Edit {
    public ChangeAddresses {
        addresses = List.copyOf(addresses);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel, at -> {
            int bytes = at.channel().offsets().size();
            if (addresses.size() != bytes) {
                return Located.rejected("addresses", "This channel has " + bytes + (bytes == 1 ? " byte" : " bytes")
                        + " and needs as many addresses, not " + addresses.size() + ".");
            }
            for (int address : addresses) {
                if (address < 1 || address > AddressMap.UNIVERSE) {
                    return Located.rejected("addresses",
                            "An address lies from 1 to " + AddressMap.UNIVERSE + "; " + address + " is outside.");
                }
            }
            if (new HashSet<>(addresses).size() < addresses.size()) {
                return Located.rejected("addresses", "A channel cannot use one address twice.");
            }
            return Located.applied(addresses.equals(at.channel().offsets()) ? before : at.replace(at.channel().withOffsets(addresses)));
        });
    }

    @Override
    public String describe(FixtureType before) {
        var to = addresses.stream().map(String::valueOf).collect(Collectors.joining(", "));
        return "Address of " + Located.channel(before, channel).map(Located.InMode::called).orElse("a channel") + " is " + to;
    }
}
