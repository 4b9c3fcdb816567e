package yellowkite.server.history;

import java.util.Objects;
import yellowkite.core.history.Change;
import yellowkite.core.history.History;
import yellowkite.server.stored.StoredForm;

/** Makes a history of what is stored. */
public final class Replay {
    private Replay() {}

    /**
     * {@return the history after a step}
     *
     * @throws StoredForm.Unreadable if its edit cannot be read, or does not fit any more
     */
    public static <D, C extends Change<D>> History<D, C> after(History<D, C> before, StoredStep step, StoredForm<C> form) {
        return switch (step.kind()) {
            case UNDO -> (step.edit() == null ? before : before.lastly(Integer.parseInt(step.edit())).orElseThrow()).undo().orElseThrow();
            case REDO -> before.redo().orElseThrow();
            case EDIT -> switch (before.replay(form.read(Objects.requireNonNull(step.edit())))) {
                case History.Result.Changed<D, C> changed -> changed.history();
                case History.Result.Refused<D, C> refused ->
                    throw new StoredForm.Unreadable("it does not fit any more: " + refused.why().reason());
            };
        };
    }
}
