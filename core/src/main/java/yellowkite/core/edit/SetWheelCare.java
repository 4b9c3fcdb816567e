package yellowkite.core.edit;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.WheelCare.Confirmed;
import yellowkite.core.profile.WheelCare.Kind;

/**
 * What the house knows of a wheel; null leaves what is there.
 *
 * @param open where the open slot was seen on a fixture
 * @param fromChart whether the open slot's place is only from the chart again; null = no
 */
public record SetWheelCare(int wheel, @Nullable Kind kind, @Nullable Confirmed open, @Nullable Boolean fromChart) implements Edit {
    private static final int LONGEST = 60;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Wheels.on(before, wheel, was -> {
            if (open != null) {
                var refusal = Texts.refusal("by", open.by(), LONGEST).or(() -> Texts.refusal("firmware", open.firmware(), LONGEST));
                if (refusal.isPresent()) {
                    return refusal.get();
                }
                if (open.by().isBlank() || !isDate(open.on()) || was.findSlot(open.slot()).isEmpty()) {
                    return Located.rejected("open",
                            "Say which slot of 1 to " + was.slots().size() + " is open, who saw it, and on which day as 2026-05-31.");
                }
            }
            var care = before.house().wheel(wheel);
            var changed = care.withKind(kind == null ? care.kind() : kind)
                .withOpen(open != null ? open : Boolean.TRUE.equals(fromChart) ? null : care.open());
            return Located.applied(before.with(f -> f.house = f.house.withWheel(wheel, changed)));
        });
    }

    private static boolean isDate(String text) {
        try {
            LocalDate.parse(text);
            return true;
        } catch (DateTimeParseException none) {
            return false;
        }
    }

    @Override
    public String describe(FixtureType before) {
        return Wheels.called(before, wheel) + (kind != null ? " is of the kind '" + Words.small(kind).replace('_', ' ') + "'" : "")
                + (open != null ? ": the open slot was seen at " + open.slot() + " by " + open.by()
                        : Boolean.TRUE.equals(fromChart) ? ": the open slot is as the chart says" : "");
    }
}
