package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;

/** A mode in which nobody has looked up what the fixture really does: every angle and speed is what is usual for its attribute. */
final class CatalogueEnds implements Rule.OfMode {
    /** One or two may be usual in truth. */
    private static final int ENOUGH = 3;

    @Override
    public String id() {
        return "catalogue-ends";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        var measured = view.mode()
            .channels()
            .stream()
            .flatMap(Channel::functions)
            .filter(each -> hasUnit(view, each) && each.physicalFrom() != each.physicalTo())
            .toList();
        boolean known = measured.stream().anyMatch(each -> view.type().house().assumed().contains(each.id())); // said by another rule
        return known || measured.size() < ENOUGH || !measured.stream().allMatch(CatalogueEnds::isUsual) ? Stream.empty()
                : Stream.of(found(view.place(), "The physical values of " + names(measured)
                        + " are all what is usual for their attributes; look up what this fixture does, and enter it."));
    }

    private static boolean hasUnit(ModeView view, ChannelFunction function) {
        return view.type().unitOf(function.attribute()).isMeasured();
    }

    private static boolean isUsual(ChannelFunction function) {
        return Catalogue.STANDARD.find(function.attribute())
            .filter(each -> each.physicalFrom() == function.physicalFrom() && each.physicalTo() == function.physicalTo())
            .isPresent();
    }

    private static String names(List<ChannelFunction> functions) {
        return "'" + functions.getFirst().name() + "', '" + functions.get(1).name() + "' and "
                + (functions.size() == ENOUGH ? "'" + functions.get(2).name() + "'" : functions.size() - 2 + " more");
    }
}
