package yellowkite.server.rigs;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowkite.core.furnishing.FirstHouse.FirstRig;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;

/** Brings the rigs of a first house, in steps each of which can be done again. */
@Component
public class FirstRigs {
    private final Rigging rigging;
    private final RigFixtures fixtures;

    FirstRigs(Rigging rigging, RigFixtures fixtures) {
        this.rigging = rigging;
        this.fixtures = fixtures;
    }

    public void add(FirstRig rig, Author author) {
        var begun = rigging.begin(rig.name(), rig.production(), new Change(author, rig.id()));
        int version = begun.row().version();
        int step = 0;
        for (var edit : rig.edits().apply(fixtures::require)) {
            var change = UUID.nameUUIDFromBytes((rig.id() + "/" + step++).getBytes(StandardCharsets.UTF_8)).toString();
            version = rigging.edit(rig.id(), version, edit, new Change(author, change)).row().version();
        }
    }
}
