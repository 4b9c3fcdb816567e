package yellowkite.server.intake;

import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import yellowkite.core.furnishing.FirstHouse.UpstreamRelease;
import yellowkite.core.furnishing.FirstHouse;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.release.ReleaseArchive;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.gobos.Gobos;
import yellowkite.server.library.HouseStateRepository.State;
import yellowkite.server.library.HouseStateRepository;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.releases.ReleaseTaking;
import yellowkite.server.rigs.FirstRigs;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;

/**
 * Brings the demo house into a library that holds nothing yet, the way any file comes in. A start that was cut off in between is gone on
 * with at the next one: each of its steps is one that can be done again.
 */
@Component
public class DemoLoader {
    private final Intake intake;
    private final ProfileRepository profiles;
    private final Gobos gobos;
    private final ReleaseTaking releases;
    private final FirstRigs rigs;
    private final HouseStateRepository states;
    private final Transactions transactions;
    private final HouseClock clock;

    DemoLoader(Intake intake, ProfileRepository profiles, Gobos gobos, ReleaseTaking releases, FirstRigs rigs,
            HouseStateRepository states,
            Transactions transactions, HouseClock clock) {
        this.rigs = rigs;
        this.releases = releases;
        this.gobos = gobos;
        this.intake = intake;
        this.profiles = profiles;
        this.states = states;
        this.transactions = transactions;
        this.clock = clock;
    }

    public void loadIntoEmptyLibrary() {
        var house = FirstHouse.find();
        if (house.isEmpty() || states.find(State.FURNISHED).isPresent()) {
            return;
        }
        var authors = Stream.concat(Stream.of(house.get().author()), house.get().releases().stream().map(UpstreamRelease::house)).toList();
        if (profiles.areAllOf(authors)) { // else a house of its own, older than the mark
            load(house.get());
        }
        furnished();
    }

    private void load(FirstHouse house) {
        var store = new Author(house.author());
        house.files().forEach(file -> take(file, store));
        var there = gobos.names();
        for (var gobo : house.gobos()) {
            if (!there.contains(gobo.name())) {
                gobos.keepAsItIs(new Gobos.Facts(gobo.name(), gobo.tags(), "", "", "Drawn in the lamp store", "The house's own"),
                        gobo.png(), store);
            }
        }
        for (var release : house.releases()) {
            if (!releases.has(release.id())) {
                try (var archive = ReleaseArchive.open(release.title() + ".zip", release.archive())) {
                    releases.take(archive, store);
                }
            }
        }
        house.earlierRigs().forEach(rig -> rigs.add(rig, store));
        house.laterFiles().forEach(file -> take(file, store));
        house.rigs().forEach(rig -> rigs.add(rig, store));
    }

    private void take(GdtfFile file, Author store) {
        var type = file.description().type();
        intake.take(type.manufacturer() + "@" + type.name() + ".gdtf", file.write(), IntakeResult.Same.NEXT, Change.by(store));
    }

    private void furnished() {
        transactions.run(() -> {
            states.put(State.FURNISHED, clock.now());
            return State.FURNISHED;
        });
    }
}
