package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.profile.FixtureType;

/**
 * A document and the edits upon it, with undo and redo. Documents share what did not change, so every state is kept and undo is a step
 * back, not an inverse. Immutable.
 *
 * @param base the document before any edit
 * @param steps every edit since, in order; those from {@code done} on are undone
 * @param done how many of them count now, in [0, steps]
 */
public record History(FixtureType base, List<Step> steps, int done) {

    /** @param sentence what the edit did, in words */
    public record Step(Edit edit, FixtureType after, String sentence) {}

    /** The history after an edit, or why it did not fit. */
    public sealed interface Result {
        record Changed(History history) implements Result {}

        record Refused(Edit.Outcome.Rejected why) implements Result {}
    }

    public History {
        steps = List.copyOf(steps);
        if (done < 0 || done > steps.size()) {
            throw new IllegalArgumentException("done must be in [0, " + steps.size() + "], was " + done);
        }
    }

    public static History of(FixtureType base) {
        return new History(base, List.of(), 0);
    }

    public FixtureType current() {
        return done == 0 ? base : steps.get(done - 1).after();
    }

    /** {@return how many of the first edits are never undone: what a profile began with} Such a draft is discarded instead. */
    public int floor() {
        return !steps.isEmpty() && (steps.getFirst().edit() instanceof Begin || steps.getFirst().edit() instanceof BecomeCopy) ? 1 : 0;
    }

    /** {@return the edits that count now, in order} */
    public List<Step> counting() {
        return steps.subList(0, done);
    }

    /** Applies an edit; what was undone is forgotten. An edit that changes nothing leaves this very history. */
    public Result apply(Edit edit) {
        return took(edit, edit.acceptedOn(current()));
    }

    /** Applies an edit that was accepted before, as it was accepted then. */
    public Result replay(Edit edit) {
        return took(edit, edit.applyTo(current()));
    }

    private Result took(Edit edit, Edit.Outcome outcome) {
        var before = current();
        return switch (outcome) {
            case Edit.Outcome.Rejected rejected -> new Result.Refused(rejected);
            case Edit.Outcome.Applied applied when applied.after() == before -> new Result.Changed(this);
            case Edit.Outcome.Applied applied -> {
                var kept = new ArrayList<>(counting());
                kept.add(new Step(edit, applied.after(), edit.describe(before)));
                yield new Result.Changed(new History(base, kept, kept.size()));
            }
        };
    }

    /**
     * {@return this history with one of its counting edits made after all the others, so that it can be undone alone; none if one of those
     * followed upon it}
     *
     * @param index of the edit, in [0, done - 1]
     */
    public Optional<History> lastly(int index) {
        var moved = steps.get(index);
        var again = new History(base, steps.subList(0, index), index);
        for (var step : steps.subList(index + 1, done)) {
            if (!(again.replay(step.edit()) instanceof Result.Changed(var next)) || next == again) {
                return Optional.empty();
            }
            again = next;
        }
        if (!(again.replay(moved.edit()) instanceof Result.Changed(var all)) || !all.current().equals(current())) {
            return Optional.empty();
        }
        var order = new ArrayList<>(all.steps());
        order.addAll(steps.subList(done, steps.size()));
        return Optional.of(new History(base, order, done));
    }

    /** {@return the history one step back; none at the base} */
    public Optional<History> undo() {
        return done == 0 ? Optional.empty() : Optional.of(new History(base, steps, done - 1));
    }

    /** {@return the history one step on; none if nothing is undone} */
    public Optional<History> redo() {
        return done == steps.size() ? Optional.empty() : Optional.of(new History(base, steps, done + 1));
    }
}
