package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Says which wheel slot a named range brings in. @param slot 1 = the wheel's first; 0 = none */
public record SetRangeSlot(int range, int slot) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onRange(before, range, at -> {
            var wheel = before.findWheel(at.at().function().wheel());
            if (slot != 0 && wheel.isEmpty()) {
                return Located.rejected("slot", "'" + at.at().name() + "' is linked to no wheel, so its ranges have no slots.");
            }
            int slots = wheel.map(each -> each.slots().size()).orElse(0);
            if (slot < 0 || slot > slots) {
                return Located.rejected("slot",
                        "Wheel '" + at.at().function().wheel() + "' has slots 1 to " + slots + "; " + slot + " is not one of them.");
            }
            return Located.applied(at.range().slot() == slot ? before : at.replace(at.range().withSlot(slot)));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return Located.range(before, range).map(Located.InFunction::called).orElse("A range")
                + (slot == 0 ? " selects no slot" : " selects slot " + slot);
    }
}
