package yellowkite.core.rig.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;

/** Edits that count as one: all of them fit, or none is applied. They are undone together. */
public record SeveralRigEdits(List<RigEdit> edits) implements RigEdit {
    private static final int MOST = 1_000;

    public SeveralRigEdits {
        edits = List.copyOf(edits);
    }

    @Override
    public Outcome<Rig> applyTo(Rig before) {
        if (edits.size() > MOST || edits.stream().anyMatch(each -> each instanceof SeveralRigEdits || each.begins())) {
            return Said.rejected("edits", "At most " + MOST + " edits count as one, and none of them begins a rig.");
        }
        var now = before;
        for (var edit : edits) {
            switch (edit.applyTo(now)) {
                case Outcome.Applied<Rig>(var after) -> now = after;
                case Outcome.Rejected<Rig> rejected -> {
                    return rejected;
                }
            }
        }
        return Said.applied(now);
    }

    @Override
    public String describe(Rig before) {
        return edits.isEmpty() ? "Nothing"
                : edits.getFirst().describe(before) + (edits.size() > 1 ? ", and " + (edits.size() - 1) + " more" : "");
    }
}
