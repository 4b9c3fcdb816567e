package yellowkite.server.intake;

import java.util.List;
import org.springframework.stereotype.Component;
import yellowkite.demo.DemoHouse;
import yellowkite.server.database.Transactions;
import yellowkite.server.gobos.Gobos;
import yellowkite.server.library.HouseStateRepository;
import yellowkite.server.library.HouseStateRepository.State;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.releases.DemoReleases;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;

/**
 * Brings the demo house into a library that holds nothing yet, the way any file comes in. A start that was cut off in between is gone on
 * with at the next one: each of its steps is one that can be done again.
 */
@Component
public class DemoLoader {
    private static final Author STORE = new Author("Marigold lamp store");
    private final Intake intake;
    private final ProfileRepository profiles;
    private final Gobos gobos;
    private final DemoReleases releases;
    private final HouseStateRepository states;
    private final Transactions transactions;
    private final Revisions revisions;

    DemoLoader(Intake intake, ProfileRepository profiles, Gobos gobos, DemoReleases releases, HouseStateRepository states,
            Transactions transactions, Revisions revisions) {
        this.releases = releases;
        this.gobos = gobos;
        this.intake = intake;
        this.profiles = profiles;
        this.states = states;
        this.transactions = transactions;
        this.revisions = revisions;
    }

    public void loadIntoEmptyLibrary() {
        if (states.find(State.FURNISHED).isPresent()) {
            return;
        }
        if (!profiles.areAllOf(List.of(STORE.name(), DemoReleases.HOUSE))) { // a house of its own, older than the mark
            furnished();
            return;
        }
        for (var file : DemoHouse.files()) {
            var type = file.description().type();
            intake.take(type.manufacturer() + "@" + type.name() + ".gdtf", file.write(), IntakeResult.Same.NEXT, Change.by(STORE));
        }
        var there = gobos.names();
        for (var gobo : DemoHouse.gobos()) {
            if (!there.contains(gobo.name())) {
                gobos.keepAsItIs(new Gobos.Facts(gobo.name(), gobo.tags(), "", "", "Drawn in the lamp store", "The house's own"),
                        gobo.png(), STORE);
            }
        }
        releases.load();
        furnished();
    }

    private void furnished() {
        transactions.run(() -> {
            states.put(State.FURNISHED, revisions.now());
            return State.FURNISHED;
        });
    }
}
