package yellowkite.server.drafts;

import org.springframework.stereotype.Component;
import yellowkite.core.dmx.ModeComparison;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.web.Refusal;

/** Other profiles as their newest revisions have them. */
@Component
class NewestModes {
    private final RevisionRepository rows;
    private final RevisionReader reader;

    NewestModes(RevisionRepository rows, RevisionReader reader) {
        this.rows = rows;
        this.reader = reader;
    }

    /** @throws Refusal 404 if the profile has no revision */
    FixtureType type(String profileId) {
        return rows.findNewest(profileId)
            .map(newest -> reader.description(newest).type())
            .orElseThrow(() -> Refusal.notFound("That profile has no revision."));
    }

    /** @throws Refusal 404 if there is no such profile or mode */
    ModeComparison.Candidate mode(String profileId, String mode) {
        var type = type(profileId);
        return type.modes()
            .stream()
            .filter(each -> each.name().equals(mode))
            .findFirst()
            .map(each -> new ModeComparison.Candidate(type, each))
            .orElseThrow(() -> Refusal.notFound("That profile has no mode '" + mode + "' in its newest revision."));
    }
}
