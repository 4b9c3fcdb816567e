package yellowkite.server.bench;

import java.util.List;
import org.springframework.stereotype.Component;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Refusal;

/** Modes of revisions, as the bench is asked for them. */
@Component
class Modes {
    private final RevisionRepository revisions;
    private final RevisionReader reader;

    Modes(RevisionRepository revisions, RevisionReader reader) {
        this.revisions = revisions;
        this.reader = reader;
    }

    /** @throws Refusal 404 if it is gone */
    StoredRevision revision(String pin) {
        return revisions.findById(pin).orElseThrow(() -> Refusal.notFound("This revision is not in the library any more."));
    }

    /** {@return all modes of a revision} */
    List<CompiledMode> all(StoredRevision revision) {
        var type = reader.description(revision).type();
        return type.modes().stream().map(each -> CompiledMode.of(type, each)).toList();
    }

    /** @throws Refusal 404 if there is none of that name */
    CompiledMode mode(StoredRevision revision, String name) {
        return all(revision).stream()
            .filter(each -> each.mode().name().equals(name))
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("There is no such mode in this revision."));
    }

    /** @param index of its modes, from 0 */
    CompiledMode mode(StoredRevision revision, int index) {
        return all(revision).get(index);
    }
}
