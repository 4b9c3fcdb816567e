package yellowkite.core.check;

import java.util.HashSet;
import java.util.stream.Stream;

/** Channels of one name: a link to that name reaches only the first. */
final class DuplicateChannel implements Rule.OfMode {
    @Override
    public String id() {
        return "duplicate-channel";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        var seen = new HashSet<String>();
        return view.mode()
            .channels()
            .stream()
            .filter(channel -> !seen.add(channel.name()))
            .map(channel -> found(view.place(channel),
                    "There is another channel called '" + channel.name() + "' in this mode; links reach only the first."));
    }
}
