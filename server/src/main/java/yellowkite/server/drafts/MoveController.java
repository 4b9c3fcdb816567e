package yellowkite.server.drafts;

import java.util.List;
import java.util.Objects;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.edit.SetIdentity;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Moves profiles to another maker. A file says who makes the lamp, so each move is a revision of its own. */
@RestController
class MoveController {
    private static final int MOST = 200;
    private static final int LONGEST_NAME = 120;
    private final Drafts drafts;
    private final Publishing publishing;
    private final RevisionRepository rows;
    private final Revisions revisions;

    MoveController(Drafts drafts, Publishing publishing, RevisionRepository rows, Revisions revisions) {
        this.drafts = drafts;
        this.publishing = publishing;
        this.rows = rows;
        this.revisions = revisions;
    }

    /** @param maker that they belong to from now on */
    record MoveRequest(List<String> profiles, String maker) {
        MoveRequest {
            profiles = List.copyOf(profiles).stream().distinct().toList();
            Objects.requireNonNull(maker, "maker");
        }
    }

    /** @param why one sentence, if it was not moved; else empty */
    record MoveLine(String profileId, String name, boolean moved, String why) {}

    /** 200 with what became of each profile: one that cannot be moved keeps no other back. 422 without a maker. */
    @PostMapping("/api/profiles/move")
    List<MoveLine> move(@RequestBody MoveRequest request, Author author) {
        var maker = Line.of("maker", request.maker(), LONGEST_NAME);
        if (maker.isEmpty() || request.profiles().size() > MOST) {
            throw Refusal.unfit("maker", "Say to which maker at most " + MOST + " profiles are moved.");
        }
        return request.profiles().stream().map(id -> move(id, maker, author)).toList();
    }

    private MoveLine move(String profileId, String maker, Author author) {
        var newest = rows.findNewest(profileId);
        if (newest.isEmpty()) {
            return new MoveLine(profileId, "", false, "It was never published; change its maker on the desk.");
        }
        var type = revisions.description(newest.get()).type();
        if (type.manufacturer().equals(maker)) {
            return new MoveLine(profileId, type.name(), false, "It is " + maker + "'s already.");
        }
        try {
            moved(newest.get(), type.manufacturer(), maker, author);
            return new MoveLine(profileId, type.name(), true, "");
        } catch (Refusal refused) {
            return new MoveLine(profileId, type.name(), false, refused.getMessage());
        }
    }

    private void moved(StoredRevision newest, String from, String maker, Author author) {
        var opened = drafts.openAt(newest.profileId(), newest.number(), author);
        if (opened.draft().version() > 0) {
            throw Refusal.unfit("maker", "A draft by " + opened.draft().openedBy() + " is under way; its maker is changed on the desk.");
        }
        var changed = drafts.apply(opened.draft().id(), opened.draft().version(), new SetIdentity(SetIdentity.Field.MANUFACTURER, maker), Change.by(author));
        publishing.publish(changed.draft().id(), changed.draft().version(), "Moved from " + Revisions.listed(from) + " to " + maker, "As it was before; only its maker has changed", revisions.facts(newest), Change.by(author));
    }
}
