package yellowkite.core.check;

import java.util.stream.Stream;

/** Two channels on one address of one break. */
final class AddressOverlap implements Rule.OfMode {
    @Override
    public String id() {
        return "address-overlap";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        return view.map()
            .overlaps()
            .stream()
            .map(overlap -> found(view.place(overlap.second().channel()),
                    overlap.first() == overlap.second()
                            ? "'" + overlap.second().name() + "' uses address " + overlap.address() + " twice."
                            : "'" + overlap.second().name() + "' overlaps '" + overlap.first().name() + "' at address " + overlap.address()
                                    + "."));
    }
}
