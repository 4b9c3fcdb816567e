package yellowkite.server.bench;

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

    /** @throws Refusal 404 if there is none of that name */
    CompiledMode mode(StoredRevision revision, String name) {
        var type = reader.description(revision).type();
        return type.modes()
            .stream()
            .filter(each -> each.name().equals(name))
            .findFirst()
            .map(each -> CompiledMode.of(type, each))
            .orElseThrow(() -> Refusal.notFound("There is no such mode in this revision."));
    }

    /** @param index of its modes, from 0 */
    CompiledMode mode(StoredRevision revision, int index) {
        var type = reader.description(revision).type();
        return CompiledMode.of(type, type.modes().get(index));
    }
}
