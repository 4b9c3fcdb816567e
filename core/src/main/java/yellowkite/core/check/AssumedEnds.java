package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;

/** Functions of a mode whose physical ends nobody stated: they are the usual ones until somebody types or confirms them. */
final class AssumedEnds implements Rule.OfMode {
    private static final int NAMED = 3;

    @Override
    public String id() {
        return "assumed-ends";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        var assumed = view.type().house().assumed();
        var functions = assumed.isEmpty() ? List.<ChannelFunction>of()
                : view.mode().channels().stream().flatMap(Channel::functions).filter(each -> assumed.contains(each.id())).toList();
        return functions.isEmpty() ? Stream.empty()
                : Stream.of(found(view.place(),
                        "The physical ends of " + functions.size() + (functions.size() == 1 ? " function are" : " functions are")
                                + " assumed, not stated: " + names(functions) + ". Look them up, and type or confirm them."));
    }

    private static String names(List<ChannelFunction> functions) {
        var named = String.join(", ",
                functions.stream().limit(NAMED).map(each -> "'" + (each.name().isEmpty() ? each.attribute() : each.name()) + "'").toList());
        return functions.size() > NAMED ? named + " and " + (functions.size() - NAMED) + " more" : named;
    }
}
