package yellowkite.core.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A document and the edits upon it, with undo and redo. Documents share what did not change, so every state is kept and undo is a step
 * back, not an inverse. Immutable.
 *
 * @param base the document before any edit
 * @param steps every edit since, in order; those from {@code done} on are undone
 * @param done how many of them count now, in [0, steps]
 */
public record History<D, C extends Change<D>>(D base, List<Step<D, C>> steps, int done) {

    /** @param sentence what the edit did, in words */
    public record Step<D, C extends Change<D>>(C edit, D after, String sentence) {}

    /** The history after an edit, or why it did not fit. */
    public sealed interface Result<D, C extends Change<D>> {
        record Changed<D, C extends Change<D>>(History<D, C> history) implements Result<D, C> {}

        record Refused<D, C extends Change<D>>(Outcome.Rejected<D> why) implements Result<D, C> {}
    }

    public History {
        steps = List.copyOf(steps);
        if (done < 0 || done > steps.size()) {
            throw new IllegalArgumentException("done must be in [0, " + steps.size() + "], was " + done);
        }
    }

    public static <D, C extends Change<D>> History<D, C> of(D base) {
        return new History<>(base, List.of(), 0);
    }

    public D current() {
        return done == 0 ? base : steps.get(done - 1).after();
    }

    /** {@return how many of the first edits are never undone: what a profile began with} Such a draft is discarded instead. */
    public int floor() {
        return !steps.isEmpty() && steps.getFirst().edit().begins() ? 1 : 0;
    }

    /** {@return the edits that count now, in order} */
    public List<Step<D, C>> counting() {
        return steps.subList(0, done);
    }

    /** Applies an edit; what was undone is forgotten. An edit that changes nothing leaves this very history. */
    public Result<D, C> apply(C edit) {
        return took(edit, edit.acceptedOn(current()));
    }

    /** Applies an edit that was accepted before, as it was accepted then. */
    public Result<D, C> replay(C edit) {
        return took(edit, edit.applyTo(current()));
    }

    private Result<D, C> took(C edit, Outcome<D> outcome) {
        var before = current();
        return switch (outcome) {
            case Outcome.Rejected<D> rejected -> new Result.Refused<>(rejected);
            case Outcome.Applied<D> applied when applied.after() == before -> new Result.Changed<>(this);
            case Outcome.Applied<D> applied -> {
                var kept = new ArrayList<>(counting());
                kept.add(new Step<>(edit, applied.after(), edit.describe(before)));
                yield new Result.Changed<>(new History<>(base, kept, kept.size()));
            }
        };
    }

    /**
     * {@return this history with one of its counting edits made after all the others, so that it can be undone alone; none if one of those
     * followed upon it}
     *
     * @param index of the edit, in [0, done - 1]
     */
    public Optional<History<D, C>> lastly(int index) {
        var moved = steps.get(index);
        var again = new History<>(base, steps.subList(0, index), index);
        for (var step : steps.subList(index + 1, done)) {
            if (!(again.replay(step.edit()) instanceof Result.Changed<D, C>(var next)) || next == again) {
                return Optional.empty();
            }
            again = next;
        }
        if (!(again.replay(moved.edit()) instanceof Result.Changed<D, C>(var all)) || !all.current().equals(current())) {
            return Optional.empty();
        }
        var order = new ArrayList<>(all.steps());
        order.addAll(steps.subList(done, steps.size()));
        return Optional.of(new History<>(base, order, done));
    }

    /** {@return the history one step back; none at the base} */
    public Optional<History<D, C>> undo() {
        return done == 0 ? Optional.empty() : Optional.of(new History<>(base, steps, done - 1));
    }

    /** {@return the history one step on; none if nothing is undone} */
    public Optional<History<D, C>> redo() {
        return done == steps.size() ? Optional.empty() : Optional.of(new History<>(base, steps, done + 1));
    }
}
