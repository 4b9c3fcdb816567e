package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.SetSlot;
import yellowkite.core.edit.Several;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.rig.wheels.WheelPlan.SlotChange;
import yellowkite.core.text.StandardName;
import yellowkite.server.gobos.Gobos;
import yellowkite.server.library.ProductionVersionRepository;
import yellowkite.server.revisions.RevisionFacts;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/** Makes and updates what productions put into fixtures, each in one go from its first edit to its revision. */
@Service
public class ProductionVersions {
    private static final int LONGEST_NAME = 100;
    private final ProductionVersionRepository repository;
    private final Beginnings beginnings;
    private final Drafts drafts;
    private final Drafting drafting;
    private final Publishing publishing;
    private final Gobos gobos;

    ProductionVersions(ProductionVersionRepository repository, Beginnings beginnings, Drafts drafts, Drafting drafting,
            Publishing publishing, Gobos gobos) {
        this.repository = repository;
        this.beginnings = beginnings;
        this.drafts = drafts;
        this.drafting = drafting;
        this.publishing = publishing;
        this.gobos = gobos;
    }

    /** {@return the profile that a production has for what units are; none if it has none yet} @param pinned what they are */
    public Optional<String> find(StoredRevision pinned, String production) {
        return repository.find(pinned.profileId())
            .filter(each -> each.production().equals(production))
            .map(ProductionVersionRepository.ProductionVersion::profileId)
            .or(() -> repository.findFor(pinned.profileId(), production));
    }

    /**
     * {@return the revision that holds what a production puts into a fixture: of the version that it has, or the first of a new one}
     *
     * @param type of {@code pinned}
     * @throws Refusal 422 if a slot does not fit, somebody's draft of it is under way, or nothing would change
     */
    public StoredRevision make(StoredRevision pinned, FixtureType type, String production, List<SlotChange> changes, Author author) {
        var known = find(pinned, production);
        var draft = known.map(profile -> ofProfile(profile))
            .orElseGet(() -> beginnings.begin(type.manufacturer(),
                    StandardName.of(type.name() + " " + production, LONGEST_NAME),
                    new Beginnings.Start.ProductionVersion(pinned.profileId(), pinned.number(), production), Change.by(author)));
        var id = draft.draft().id();
        try {
            var files = new LinkedHashMap<String, String>();
            var edit = new Several(edits(draft.history().current(), changes, files));
            var done = drafting.applyWithFiles(id, draft.draft().version(), files, edit, Change.by(author));
            return publishing.publish(id, done.draft().version(), "Gobos and colours of " + production,
                    "Only slots are changed; the DMX map is that of the profile it derives from.", RevisionFacts.UNSAID, Change.by(author));
        } catch (Refusal unfit) {
            if (known.isEmpty() || drafts.state(id).version() > 0) {
                beginnings.discard(id, drafts.state(id).version());
            }
            throw unfit;
        }
    }

    private LoadedDraft ofProfile(String profileId) {
        var draft = drafts.ofProfile(profileId);
        if (draft.draft().version() > 0) {
            throw Refusal.unfit("draft", "A draft by " + draft.draft().openedBy() + " is under way. Publish or discard it first.");
        }
        return draft;
    }

    /** @param files filled with the pictures that come along: path to content's hash */
    private List<Edit> edits(FixtureType type, List<SlotChange> changes, Map<String, String> files) {
        var edits = new ArrayList<Edit>();
        for (var change : changes) {
            int wheel = type.findWheel(change.wheel())
                .orElseThrow(() -> Refusal.unfit("wheel", "There is no wheel '" + change.wheel() + "' any more."))
                .id();
            if (change.gobo() != null) {
                var gobo = gobos.take(change.gobo());
                files.put(Media.wheelPath(gobo.fileName()), gobo.sha256());
                edits.add(SetSlot.picture(wheel, change.slot(), gobo.asSlot(), gobo.fileName()));
            } else if (change.colour() != null) {
                edits.add(new SetSlot(wheel, change.slot(), change.name(), change.colour(), null, "", null, null));
            } else {
                edits.add(new SetSlot(wheel, change.slot(), change.name(), null, null, "", null, null));
            }
        }
        return edits;
    }
}
