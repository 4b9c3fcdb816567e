package yellowkite.server.drafts;

import java.util.List;
import java.util.Objects;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.edit.SetIdentity;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Moves profiles to another manufacturer. A file says who makes the fixture, so each move is a revision of its own. */
@RestController
class MoveController {
    private static final int MOST = 200;
    private static final int LONGEST_NAME = 120;
    private final Drafts drafts;
    private final Drafting drafting;
    private final Publishing publishing;
    private final RevisionRepository rows;
    private final RevisionReader reader;

    MoveController(Drafts drafts, Drafting drafting, Publishing publishing, RevisionRepository rows, RevisionReader reader) {
        this.drafts = drafts;
        this.drafting = drafting;
        this.publishing = publishing;
        this.rows = rows;
        this.reader = reader;
    }

    /** @param manufacturer that they belong to from now on */
    record MoveRequest(List<String> profiles, String manufacturer) {
        MoveRequest {
            profiles = List.copyOf(profiles).stream().distinct().toList();
            Objects.requireNonNull(manufacturer, "manufacturer");
        }
    }

    /** @param why one sentence, if it was not moved; else empty */
    record MoveLine(String profileId, String name, boolean moved, String why) {}

    /** 200 with what became of each profile: one that cannot be moved keeps no other back. 422 without a manufacturer. */
    @PostMapping("/api/profiles/move")
    List<MoveLine> move(@RequestBody MoveRequest request, Author author) {
        var manufacturer = Line.of("manufacturer", request.manufacturer(), LONGEST_NAME);
        if (manufacturer.isEmpty() || request.profiles().size() > MOST) {
            throw Refusal.unfit("manufacturer", "Say to which manufacturer at most " + MOST + " profiles are moved.");
        }
        return request.profiles().stream().map(id -> move(id, manufacturer, author)).toList();
    }

    private MoveLine move(String profileId, String manufacturer, Author author) {
        var newest = rows.findNewest(profileId);
        if (newest.isEmpty()) {
            return new MoveLine(profileId, "", false, "It was never published; change its manufacturer in the editor.");
        }
        var type = reader.description(newest.get()).type();
        if (type.manufacturer().equals(manufacturer)) {
            return new MoveLine(profileId, type.name(), false, "It is " + manufacturer + "'s already.");
        }
        try {
            moved(newest.get(), type.manufacturer(), manufacturer, author);
            return new MoveLine(profileId, type.name(), true, "");
        } catch (Refusal refused) {
            return new MoveLine(profileId, type.name(), false, String.valueOf(refused.getMessage()));
        }
    }

    private void moved(StoredRevision newest, String from, String manufacturer, Author author) {
        var opened = drafts.ofProfile(newest.profileId());
        if (opened.draft().version() > 0) {
            throw Refusal.unfit("manufacturer",
                    "A draft by " + opened.draft().openedBy() + " is under way; its manufacturer is changed in the editor.");
        }
        var changed = drafting.apply(opened.draft().id(), opened.draft().version(),
                new SetIdentity(SetIdentity.Field.MANUFACTURER, manufacturer), Change.by(author));
        publishing.publish(changed.draft().id(), changed.draft().version(),
                "Moved from " + FixtureIdentity.listed(from) + " to " + manufacturer,
                "As it was before; only its manufacturer has changed", reader.facts(newest), Change.by(author));
    }
}
