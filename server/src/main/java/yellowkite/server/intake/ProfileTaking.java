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
        var accepted = intake.take(fileName, bytes, IntakeResult.Same.OWN, change).accepted();
        if (accepted == null) {
            throw new IllegalStateException("a file is accepted, or refused by an exception");
        }
        return reader.require(accepted.profileId(), accepted.revision());
    }
}
