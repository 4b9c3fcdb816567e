package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** Pan or tilt in one byte while its partner has two: probably a fine byte that was forgotten. */
final class PanWithoutFine implements Rule.OfChannel {
    @Override
    public String id() {
        return "pan-without-fine";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        var partner = channel.attribute().equals("Pan") ? "Tilt" : channel.attribute().equals("Tilt") ? "Pan" : "";
        return partner.isEmpty() || channel.bytes() > 1 || channel.isVirtual() ? Stream.empty()
                : view.mode()
                    .channels()
                    .stream()
                    .filter(other -> other.attribute().equals(partner) && other.bytes() > 1)
                    .limit(1)
                    .map(other -> found(view.place(channel), channel.attribute() + " has one byte and " + partner + " has " + other.bytes()
                            + ": a fine byte may be missing."));
    }
}
