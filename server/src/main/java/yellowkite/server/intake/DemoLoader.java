package yellowkite.server.intake;

import org.springframework.stereotype.Component;
import yellowkite.demo.DemoHouse;
import yellowkite.server.gobos.Gobos;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.releases.DemoReleases;
import yellowkite.server.web.Author;

/** Brings the demo house into a library that holds nothing yet, the way any file comes in. */
@Component
public class DemoLoader {
    private static final Author STORE = new Author("Marigold lamp store");
    private final Intake intake;
    private final ProfileRepository profiles;
    private final Gobos gobos;
    private final DemoReleases releases;

    DemoLoader(Intake intake, ProfileRepository profiles, Gobos gobos, DemoReleases releases) {
        this.releases = releases;
        this.gobos = gobos;
        this.intake = intake;
        this.profiles = profiles;
    }

    public void loadIntoEmptyLibrary() {
        if (profiles.count() == 0) {
            for (var file : DemoHouse.files()) {
                var type = file.description().type();
                intake.take(type.manufacturer() + "@" + type.name() + ".gdtf", file.write(), IntakeResult.Same.NEXT, STORE);
            }
            for (var gobo : DemoHouse.gobos()) {
                gobos.keepAsItIs(new Gobos.Facts(gobo.name(), gobo.tags(), "", "", "Drawn in the lamp store", "The house's own"),
                        gobo.png(), STORE);
            }
            releases.load();
        }
    }
}
