package yellowkite.core.check;

import java.util.stream.Stream;

/** A relation whose master or follower is not in its mode. */
final class BrokenRelation implements Rule.OfMode {
    @Override
    public String id() {
        return "broken-relation";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        return view.mode()
            .relations()
            .stream()
            .flatMap(relation -> Stream.of(relation.master(), relation.follower())
                .filter(link -> view.links().find(link) == null)
                .map(link -> found(view.place(),
                        "The relation '" + relation.name() + "' does nothing: '" + link + "' is not in this mode.")));
    }
}
