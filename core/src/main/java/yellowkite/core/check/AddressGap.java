package yellowkite.core.check;

import java.util.stream.Stream;

/** An unused address below the footprint: legal, and often a channel that was forgotten. */
final class AddressGap implements Rule.OfMode {
    @Override
    public String id() {
        return "address-gap";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        return view.map()
            .gaps()
            .stream()
            .map(gap -> found(view.place(), gap.from() == gap.to()
                    ? "No channel uses address " + gap.from() + "."
                    : "No channel uses the addresses " + gap.from() + " to " + gap.to() + "."));
    }
}
