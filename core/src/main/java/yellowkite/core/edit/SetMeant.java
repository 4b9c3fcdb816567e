package yellowkite.core.edit;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * Sets a finding of the checks aside, since what it finds is meant, or lets it count again.
 *
 * @param rule id of the check
 * @param place where it found it, in its own words
 * @param reason why it is right as it is; null = it counts again
 */
public record SetMeant(String rule, String place, @Nullable String reason) implements Edit {
    private static final int LONGEST = 300;
    private static final int MOST = 500;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (reason != null && (reason.isBlank() || reason.length() > LONGEST)) {
            return Located.rejected("reason",
                    reason.isBlank() ? "Say why this is meant." : "A reason has at most " + LONGEST + " letters.");
        }
        if (rule.length() > LONGEST || place.length() > 4 * LONGEST || before.house().meant().size() >= MOST && reason != null) {
            return Located.rejected("rule", "That is more than can be set aside.");
        }
        return Located.applied(Optional.of(before.house().withMeant(rule, place, reason))
            .filter(after -> !after.equals(before.house()))
            .map(after -> before.with(f -> f.house = after))
            .orElse(before));
    }

    @Override
    public String describe(FixtureType before) {
        return reason == null ? "A finding counts again: " + place : "A finding set aside: " + place + " (" + reason + ")";
    }
}
