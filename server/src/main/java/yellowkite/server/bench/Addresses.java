package yellowkite.server.bench;

import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import yellowkite.output.Destination;
import yellowkite.output.Telemetry;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Where DMX may go: this machine always, anything else where the house allowed it. */
@Service
class Addresses {
    private static final String MULTICAST = "multicast";
    private static final Pattern IPV4 = Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}");
    private static final int MOST = 64;
    private static final int LARGEST_PART = 255;
    private final AddressRepository repository;
    private final Transactions transactions;
    private final HouseClock clock;

    Addresses(AddressRepository repository, Transactions transactions, HouseClock clock) {
        this.repository = repository;
        this.transactions = transactions;
        this.clock = clock;
    }

    List<String> list() {
        return repository.list();
    }

    /** @throws Refusal 422 with the one that is none */
    List<String> allow(List<String> addresses, Author author) {
        var all = addresses.stream().map(String::strip).filter(each -> !each.isEmpty()).distinct().toList();
        if (all.size() > MOST) {
            throw Refusal.unfit("addresses", "At most " + MOST + " addresses.");
        }
        for (var each : all) {
            if (!each.equals(MULTICAST) && !isIpv4(each)) {
                throw Refusal.unfit("addresses", "'" + each + "' is no address. Write it as 10.0.0.7, or the word multicast.");
            }
        }
        return transactions.run(() -> repository.replace(all, author.name(), clock.now()));
    }

    private static boolean isIpv4(String text) {
        return IPV4.matcher(text).matches()
                && IntStream.range(0, 4).allMatch(i -> Integer.parseInt(text.split("\\.")[i]) <= LARGEST_PART);
    }

    /** {@return the destination} @throws Refusal 422 if it is none, or the house did not allow it */
    Destination require(String text, int universe) {
        var to = Destination.parse(text.strip(), universe)
            .orElseThrow(() -> Refusal.unfit("destination", "Write where it goes as: artnet 127.0.0.1:6454, or sacn 127.0.0.1:5568."));
        var address = to.address().getAddress();
        requireAllowed("destination", address, address.isMulticastAddress() ? MULTICAST : address.getHostAddress());
        return to;
    }

    /** {@return where instruments answer} @throws Refusal 422 if it is no address, or the house did not allow it */
    URI requireInstruments(String text) {
        var uri = Telemetry.address(text)
            .orElseThrow(() -> Refusal.unfit("telemetry", "Write where instruments answer as http://127.0.0.1:40123/."));
        try {
            var address = InetAddress.getByName(uri.getHost());
            requireAllowed("telemetry", address, address.getHostAddress());
            return uri;
        } catch (UnknownHostException none) {
            throw Refusal.unfit("telemetry", "Nobody is called '" + uri.getHost() + "'.");
        }
    }

    /** {@return where this machine listens: on loopback alone, where the house talks to nobody else} */
    InetAddress listening() throws UnknownHostException {
        return repository.list().isEmpty() ? InetAddress.getLoopbackAddress() : InetAddress.getByAddress(new byte[4]);
    }

    /** {@return whether the house talks to an address} */
    boolean isAllowed(InetAddress address) {
        return address.isLoopbackAddress() || repository.list().contains(address.getHostAddress());
    }

    private void requireAllowed(String field, InetAddress address, String name) {
        if (!address.isLoopbackAddress() && !repository.list().contains(name)) {
            throw Refusal.unfit(field, "The house does not talk to " + name + ": it is not among the addresses that it allowed.");
        }
    }
}
