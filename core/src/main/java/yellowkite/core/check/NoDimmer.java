package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.edit.AddVirtualDimmer;

/** A fixture that mixes colour and has no dimmer, not even a virtual one. */
final class NoDimmer implements Rule.OfMode {
    @Override
    public String id() {
        return "no-dimmer";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        boolean mixes = view.mode().channels().stream().anyMatch(channel -> channel.attribute().startsWith("ColorAdd_"));
        boolean dims = view.mode()
            .channels()
            .stream()
            .flatMap(channel -> channel.functions())
            .anyMatch(function -> function.attribute().equals("Dimmer"));
        return mixes && !dims ? Stream
            .of(found(view.place(), "The mode mixes colours and has no dimmer, not even a virtual one; a console cannot dim it as one.",
                    new AddVirtualDimmer(view.mode().id()), "Make a virtual dimmer that scales its emitters"))
                : Stream.empty();
    }
}
