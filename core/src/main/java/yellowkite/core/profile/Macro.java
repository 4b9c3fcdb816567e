package yellowkite.core.profile;

import java.util.List;
import yellowkite.core.xml.Source;

/**
 * A sequence that the fixture can be sent: GDTF {@code FTMacro}.
 *
 * @param channelFunction link to the function that stands for it; empty = none
 */
public record Macro(String name, String channelFunction, List<Step> steps, Source source) {

    public Macro {
        steps = List.copyOf(steps);
    }

    /** @param duration seconds */
    public record Step(double duration, List<Value> values, Source source) {
        public Step {
            values = List.copyOf(values);
        }
    }

    /** @param channel link to a channel */
    public record Value(DmxValue value, String channel, Source source) {}
}
