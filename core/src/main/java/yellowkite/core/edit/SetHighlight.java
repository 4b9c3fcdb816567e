package yellowkite.core.edit;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/** Sets the value that makes the fixture findable. @param value null = none */
public record SetHighlight(int channel, @Nullable Long value) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel, at -> {
            if (value != null && (value < 0 || value > at.channel().max())) {
                return Located.rejected("value",
                        "A highlight value of this channel lies from 0 to " + at.channel().max() + "; " + value + " is outside.");
            }
            var was = at.channel().highlight();
            if (Objects.equals(was == null ? null : (Long) was.at(at.channel().bytes()), value)) {
                return Located.applied(before);
            }
            return Located
                .applied(at.replace(at.channel().withHighlight(value == null ? null : new DmxValue(value, at.channel().bytes()))));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Highlight of " + Located.channel(before, channel).map(Located.InMode::called).orElse("a channel")
                + (value == null ? " taken away" : " is " + value);
    }
}
