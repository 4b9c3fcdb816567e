package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.PAR;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.unit;

import java.util.List;
import org.junit.jupiter.api.Test;

class RigFindingsTest {
    private static List<String> findings(Rig rig) {
        return RigFindings.of(rig, Collisions.of(rig.units())).stream().map(each -> each.severity() + ": " + each.says()).toList();
    }

    @Test
    void aSoundRigHasNone() {
        assertThat(findings(Rigs.of(unit("1", SPOT, "1.1"), unit("2", PAR, "1.23")))).isEmpty();
    }

    @Test
    void collisionsAreErrorsUnlessTheyAreMeant() {
        assertThat(findings(Rigs.of(unit("1", PAR, "1.1"), unit("2", PAR, "1.9"))))
            .containsExactly("ERROR: Units 1 (Unit 1) and 2 (Unit 2) collide on address 1.9.");
        assertThat(findings(Rigs.of(unit("1", PAR, f -> f.sharedAs = "x", "1.1"), unit("2", PAR, f -> f.sharedAs = "x", "1.9")))).isEmpty();
    }

    @Test
    void anIdIsForOneUnit() {
        var twice = Rigs.of(unit("1", PAR, "1.1"), unit("2", PAR, f -> f.id = "1", "1.10"));

        assertThat(findings(twice)).containsExactly("ERROR: 2 units have the id 1. Renumber them.");
    }

    @Test
    void tellsWhatRunsOverAUniversesEnd() {
        assertThat(findings(Rigs.of(unit("1", SPOT, "1.500"))))
            .containsExactly("ERROR: Unit 1 (Unit 1) runs over the end of universe 1: from 500 it would end at 521.");
    }

    @Test
    void tellsWhatIsNotKnownOrNotSure() {
        var guessed = new Found(Found.How.GUESS, "spot", "Tidewick", "Petrel Spot", "Extended", SPOT.breaks(), 0.4, "By words.");

        assertThat(findings(Rigs.of(unit("1", Found.placeholder(4), "1.1"), unit("2", Found.NOTHING), unit("3", guessed, "1.10"))))
            .containsExactly("WARNING: Unit 1 (Unit 1) is a footprint of 4 addresses and nothing else.",
                    "WARNING: Unit 2 (Unit 2) has no profile: an unknown fixture is not in the library.",
                    "WARNING: Unit 3 (Unit 3) stands for Tidewick Petrel Spot, Extended: By words.");
    }

    @Test
    void tellsAnotherFootprintThanWasAskedFor() {
        var asked = new Asked("Tidewick@Petrel Spot.gdtf", "Extended", 24);

        assertThat(findings(Rigs.of(unit("1", SPOT, f -> f.asked = asked, "1.1"))))
            .containsExactly("WARNING: Unit 1 (Unit 1) was to take 24 addresses; Tidewick Petrel Spot, Extended takes 22.");
    }

    @Test
    void remarksOnWhatHasNoAddress() {
        assertThat(findings(Rigs.of(unit("1", SPOT)))).containsExactly("REMARK: Unit 1 (Unit 1) has no address.");
    }

    @Test
    void tellsWhatTheConsoleCannotSend() {
        var rig = Rigs.of(unit("1", PAR, "1.1"), unit("2", PAR, "5.1"), unit("3", PAR, "9.1"));
        var small = new Rig(rig.name(), "", null, null, "", 2, List.of(), rig.units(), List.of(), "");

        assertThat(findings(small)).containsExactly("WARNING: The console sends 2 universes of 512 addresses; this rig uses 3.");
    }
}
