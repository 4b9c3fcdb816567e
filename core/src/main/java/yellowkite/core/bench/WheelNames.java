package yellowkite.core.bench;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import yellowkite.core.dmx.CompiledMode;

/** Which wheel a channel acts upon that does not name one itself: {@code Gobo1Pos} turns what {@code Gobo1} brings in. */
record WheelNames(Map<String, String> byBase) {
    private static final Pattern NUMBERED = Pattern.compile("((?:Gobo|Color|Prism|AnimationWheel|Effects)\\d+).*");

    static WheelNames of(CompiledMode mode) {
        return mode.once(WheelNames.class, WheelNames::gathered);
    }

    private static WheelNames gathered(CompiledMode mode) {
        var byBase = new HashMap<String, String>();
        for (var channel : mode.mode().channels()) {
            channel.functions()
                .filter(each -> !each.wheel().isEmpty())
                .forEach(each -> base(each.attribute()).ifPresent(base -> byBase.putIfAbsent(base, each.wheel())));
        }
        return new WheelNames(byBase);
    }

    /** {@return the wheel that an attribute acts upon} @param named by the function itself; empty = none */
    Optional<String> wheelOf(String attribute, String named) {
        return named.isEmpty() ? base(attribute).map(byBase::get) : Optional.of(named);
    }

    /** {@return what of an attribute says which wheel it acts upon: {@code Gobo1} of {@code Gobo1Pos}; empty for one of no wheel} */
    static Optional<String> base(String attribute) {
        var match = NUMBERED.matcher(attribute);
        return match.matches() ? Optional.of(match.group(1)) : Optional.empty();
    }
}
