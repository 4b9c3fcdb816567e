package yellowkite.core.history;

import java.util.Optional;
import java.util.function.IntPredicate;

/** Which edit an undo takes back: the last one of whoever asks, unless others have built upon it. */
public sealed interface Undoing<D, C extends Change<D>> {
    /**
     * @param index of the edit among those that count. @param wasLast whether nobody has edited since. @param after the history without it
     */
    record TakenBack<D, C extends Change<D>>(int index, boolean wasLast, History<D, C> after, String sentence) implements Undoing<D, C> {}

    /** @param why one or two sentences */
    record Refused<D, C extends Change<D>>(String why) implements Undoing<D, C> {}

    /** @param mine whether the asker has made the edit of an index */
    static <D, C extends Change<D>> Undoing<D, C> lastOf(History<D, C> history, IntPredicate mine) {
        int last = history.done() - 1;
        int index = last;
        while (index >= history.floor() && !mine.test(index)) {
            index--;
        }
        if (index < history.floor()) {
            return new Refused<>(last < history.floor() ? "There is nothing to undo."
                    : "None of these edits is yours. The history goes back to any point, whoever made it.");
        }
        var sentence = history.counting().get(index).sentence();
        int found = index;
        return (index == last ? Optional.of(history) : history.lastly(index)).flatMap(History::undo)
            .<Undoing<D, C>>map(after -> new TakenBack<>(found, found == last, after, sentence))
            .orElseGet(() -> new Refused<>("Your last edit, " + sentence
                    + ", cannot be undone alone: others have built upon it. The history goes back to any point."));
    }
}
