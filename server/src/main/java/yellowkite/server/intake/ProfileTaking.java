package yellowkite.server.intake;

import org.springframework.stereotype.Service;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Change;

/** Takes profiles that lie in files of another kind onto the House shelf. */
@Service
public class ProfileTaking {
    private final Intake intake;
    private final RevisionReader reader;

    ProfileTaking(Intake intake, RevisionReader reader) {
        this.intake = intake;
        this.reader = reader;
    }

    /**
     * {@return the revision that holds it: the library's own where it has that very file; where it has another one of that id, of a profile
     * by itself, since ours is nobody's to change by a file}
     *
     * @throws yellowkite.core.archive.FormatException if the file is refused; nothing is stored then
     */
    public StoredRevision take(String fileName, byte[] bytes, Change change) {
        return take(fileName, bytes, IntakeResult.Same.OWN, change);
    }

    /** Like {@link #take}; where the library has another one of that id, it becomes the next revision of it. */
    public StoredRevision takeAsNext(String fileName, byte[] bytes, Change change) {
        return take(fileName, bytes, IntakeResult.Same.NEXT, change);
    }

    private StoredRevision take(String fileName, byte[] bytes, IntakeResult.Same same, Change change) {
        var accepted = intake.take(fileName, bytes, same, change).accepted();
        if (accepted == null) {
            throw new IllegalStateException("a file is accepted, or refused by an exception");
        }
        return reader.require(accepted.profileId(), accepted.revision());
    }
}
