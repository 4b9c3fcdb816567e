package yellowkite.core.check;

import java.util.stream.Stream;

/** A repeated channel whose reference gives no start for its break. */
final class MissingAddress implements Rule.OfMode {
    @Override
    public String id() {
        return "missing-address";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        var unplaced = view.map()
            .channels()
            .stream()
            .filter(placed -> placed.unplaced())
            .map(placed -> found(view.place(placed.channel()),
                    "'" + placed.name() + "' has no address: the geometry reference '" + placed.geometry()
                            + "' gives no start for its break."));
        return view.map().truncated() ? Stream.concat(unplaced, Stream.of(found(view.place(),
                "The geometry references run in a circle or repeat too often; the rest is left out."))) : unplaced;
    }
}
