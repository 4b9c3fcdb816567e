package yellowkite.core.rig.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;

/** Makes units accessories of another one. @param host its uuid; null = they stand for themselves */
public record HangOn(List<String> units, @Nullable String host) implements RigEdit {
    public HangOn {
        units = List.copyOf(units);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.onUnits(before, units, found -> {
            if (host != null && before.find(host).isEmpty()) {
                return Said.rejected("host", "The unit that this is to hang on is not in this rig any more.");
            }
            if (host != null && Said.withAccessories(before, units).contains(host)) {
                return Said.rejected("host", "A unit cannot hang on itself, nor on what hangs on it.");
            }
            return Said.applied(before.mapUnits(units, unit -> unit.with(f -> f.hangsOn = host)));
        });
    }

    @Override
    public String describe(Rig before) {
        return Said.upper(Said.called(before, units))
                + (host == null ? " for itself" : " on " + Said.called(before, List.of(host)));
    }
}
