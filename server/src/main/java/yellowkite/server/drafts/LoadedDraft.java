package yellowkite.server.drafts;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.edit.Edit;
import yellowkite.core.history.History;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.drafts.DraftRepository.StoredDraft;
import yellowkite.server.history.StoredStep;

/**
 * A draft with its document.
 *
 * @param edits the stored steps of the history's edits, one for each, undone ones included
 * @param halted why it goes no further, though more is stored; null if all of it could be read
 */
public record LoadedDraft(StoredDraft draft, History<FixtureType, Edit> history, List<StoredStep> edits, @Nullable String halted) {

    public LoadedDraft {
        edits = List.copyOf(edits);
    }

    /** {@return this draft after a step that led to that history} */
    LoadedDraft after(StoredStep step, History<FixtureType, Edit> to) {
        return new LoadedDraft(draft.at(step.version()), to, step.upon(edits, history.done()), halted);
    }
}
