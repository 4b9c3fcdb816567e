package yellowkite.server.rigs;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.core.rig.edit.TakeUnits;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.rigs.LibraryMatching.Sought;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/** What other rooms need of rigs: what the library has for a fixture, and a new rig of units that came in. */
@Service
public class RigTaking {
    private final RigFixtures fixtures;
    private final Rigging rigging;
    private final Rigs rigs;
    private final LibraryMatching matching;

    RigTaking(RigFixtures fixtures, Rigging rigging, Rigs rigs, LibraryMatching matching) {
        this.matching = matching;
        this.rigs = rigs;
        this.fixtures = fixtures;
        this.rigging = rigging;
    }

    /** {@return what the library has for what is asked for} @param asked with the id of a fixture type for each; may be empty */
    public Map<Asked, Found> find(Map<Asked, String> asked) {
        var found = new HashMap<Asked, Found>();
        matching.all(asked.entrySet().stream().map(each -> new Sought(each.getKey(), each.getValue())).toList())
            .forEach((sought, is) -> found.put(sought.asked(), is));
        return found;
    }

    /** {@return a mode of a revision as units are it} */
    public Optional<Found> mode(StoredRevision revision, String mode) {
        return fixtures.mode(revision, mode);
    }

    /** {@return the mode that a unit is; none where nobody knows it} */
    public Optional<CompiledMode> compiled(Found found) {
        return fixtures.compiled(found);
    }

    /** {@return the profile that stands for a unit; none if it is not here any more} */
    public Optional<FixtureType> type(Found found) {
        return fixtures.revision(found.pin()).map(fixtures::type);
    }

    /** {@return a mode of a profile's newest revision; none if it has no such mode any more} */
    public Optional<Found> newest(String profileId, String mode) {
        return fixtures.newestOf(profileId).flatMap(revision -> fixtures.mode(revision, mode));
    }

    /** {@return the id of the profile that stands for a unit} */
    public Optional<String> profileOf(Found found) {
        return found.hasProfile() ? fixtures.revision(found.pin()).map(StoredRevision::profileId) : Optional.empty();
    }

    /** A rig at a version. */
    public record RigState(String id, String name, int version, Rig rig) {}

    /** @throws Refusal 404 if there is none */
    public RigState require(String rigId) {
        return state(rigs.require(rigId));
    }

    private static RigState state(LoadedRig loaded) {
        return new RigState(loaded.row().id(), loaded.row().name(), loaded.row().version(), loaded.rig());
    }

    /** {@return a rig as it was at a version} */
    public Rig at(String rigId, int version) {
        var now = rigs.require(rigId);
        return version == now.row().version() ? now.rig() : rigs.at(now.row(), version).rig();
    }

    /** {@return the rig after an edit} @throws Refusal 409 if it went on since that version; 422 if the edit does not fit */
    public RigState edit(String rigId, int seen, RigEdit edit, Change change) {
        return state(rigging.edit(rigId, seen, edit, change));
    }

    /** {@return the revision that a unit pins} */
    public Optional<StoredRevision> revision(String pin) {
        return fixtures.revision(pin);
    }

    /**
     * {@return a new rig that holds some units} @param from what they came from, in words
     *
     * @throws Refusal 422 if one of them does not fit; there is no rig then
     */
    public RigState begin(String name, String from, List<Unit> units, Change change) {
        var edit = new TakeUnits(from, units);
        fixtures.requireTrue(edit); // before there is a rig, which would stay empty
        if (edit.applyTo(Rig.EMPTY) instanceof Outcome.Rejected<Rig>(var field, var why)) {
            throw Refusal.unfit(field, why);
        }
        var begun = rigging.begin(name, "", change);
        return state(begun.rig().units().isEmpty() ? rigging.edit(begun.row().id(), begun.row().version(), edit, Change.by(change.author()))
                : begun); // it was begun before, and only the answer was lost
    }
}
