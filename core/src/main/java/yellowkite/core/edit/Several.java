package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Edits that count as one: all of them fit, or none is applied. They are undone together. */
public record Several(List<Edit> edits) implements Edit {
    private static final int MOST = 1_000;

    public Several {
        edits = List.copyOf(edits);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (edits.size() > MOST) {
            return Located.rejected("edits", "At most " + MOST + " edits count as one.");
        }
        Outcome<FixtureType> so = Located.applied(before);
        for (var edit : edits) {
            if (edit instanceof Several || edit instanceof Begin || edit instanceof BecomeCopy) {
                return Located.rejected("edits",
                        "Edits that count as one hold neither others of their kind nor the beginning of a profile.");
            }
            if (so instanceof Outcome.Applied<FixtureType> applied) {
                so = edit.applyTo(applied.after());
            }
        }
        return so;
    }

    @Override
    public String describe(FixtureType before) {
        if (edits.isEmpty()) {
            return "Nothing";
        }
        return edits.getFirst().describe(before) + (edits.size() > 1 ? ", and " + (edits.size() - 1) + " more" : "");
    }
}
