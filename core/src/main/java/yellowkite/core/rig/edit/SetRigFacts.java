package yellowkite.core.rig.edit;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Rig;

/**
 * What a rig is called, and for whom it is.
 *
 * @param console how many universes its console can send; null = not said
 */
public record SetRigFacts(String name, String production, @Nullable LocalDate from, @Nullable LocalDate to, String notes,
        @Nullable Integer console) implements RigEdit {
    @Override
    public Outcome<Rig> applyTo(Rig before) {
        if (name.isBlank()) {
            return Said.rejected("name", "A rig needs a name.");
        }
        if (from != null && to != null && to.isBefore(from)) {
            return Said.rejected("to", "It ends on " + to + ", before it begins on " + from + ".");
        }
        if (console != null && (console < 1 || console > At.MOST_UNIVERSES)) {
            return Said.rejected("console", "A console sends 1 to " + At.MOST_UNIVERSES + " universes.");
        }
        var after = new Rig(name.strip(), production.strip(), from, to, notes.strip(), console, before.universes(), before.units(),
                before.aside(),
                before.extra());
        return Said.refusalOfNotes("name", name)
            .or(() -> Said.refusal("production", production))
            .or(() -> Said.refusal("notes", notes))
            .orElseGet(() -> Said.applied(after.equals(before) ? before : after));
    }

    @Override
    public String describe(Rig before) {
        return name.strip().equals(before.name()) ? "Facts of the rig" : "The rig is called '" + name.strip() + "'";
    }
}
