package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.profile.Macro;

/** A macro that sets a channel, or stands for a function, which is not in its mode. */
final class BrokenMacro implements Rule.OfMode {
    @Override
    public String id() {
        return "broken-macro";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        return view.mode()
            .macros()
            .stream()
            .flatMap(macro -> links(macro).filter(link -> !link.isEmpty() && view.links().find(link) == null)
                .distinct()
                .map(link -> found(view.place(), "The macro '" + macro.name() + "' uses '" + link + "', which is not in this mode.")));
    }

    private static Stream<String> links(Macro macro) {
        return Stream.concat(Stream.of(macro.channelFunction()),
                macro.steps().stream().flatMap(step -> step.values().stream()).map(Macro.Value::channel));
    }
}
