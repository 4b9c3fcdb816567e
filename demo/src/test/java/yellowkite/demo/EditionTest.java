package yellowkite.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import yellowkite.core.archive.Sha256;
import yellowkite.core.body.Place;
import yellowkite.core.check.Checks;
import yellowkite.core.edit.AddPart;
import yellowkite.core.edit.PlacePart;
import yellowkite.core.edit.PutModel;
import yellowkite.core.edit.SetPartAttribute;
import yellowkite.core.edit.Several;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Model;

/** Findings are kept with revisions: whoever changes what a rule says raises the edition, so that they are found anew. */
class EditionTest {
    /** By edition, what its rules say of everything in the demo house and among the samples. */
    private static final Map<Integer, String> SUMS = Map.of(2, "f255c0b8eb0ea84e0032aa3b50133576dcee732457ae0d423d3d9300871c2f90");

    @Test
    void whatTheRulesSayIsThatOfTheirEdition() {
        var said = Stream
            .concat(Stream.concat(DemoHouse.files().stream(), Stream.of(crooked())),
                    Samples.samples().entrySet().stream().sorted(Map.Entry.comparingByKey()).map(Map.Entry::getValue))
            .map(EditionTest::findings)
            .collect(Collectors.joining("\n"));

        assertThat(Sha256.of(said.getBytes(StandardCharsets.UTF_8)))
            .as("the rules say something else than before: raise Checks.EDITION and add its sum here")
            .isEqualTo(SUMS.get(Checks.EDITION));
    }

    /** A spot whose yoke hangs loose and looks aside, whose lens is said nothing of, and which carries a lamp that does not move. */
    private static GdtfFile crooked() {
        var type = DemoHouse.petrelSpot().description().type();
        var edit = new Several(
                List.of(new PlacePart("Yoke", new Place(0, 0, -0.6, 0, 0, 90)), new SetPartAttribute("Lens", "LuminousFlux", ""),
                        new AddPart("Base", Geometry.Kind.Beam, "Work light", new Place(0, 0, 0)),
                        new PutModel("Base", 9, 0.3, 0.1, Model.Primitive.Undefined, "missing")));
        var crooked = ((Outcome.Applied<FixtureType>) edit.applyTo(type)).after();
        return new GdtfFile(GdtfDescription.of(crooked), DemoHouse.petrelSpot().others());
    }

    private static String findings(GdtfFile file) {
        return Checks.of(file)
            .stream()
            .map(each -> each.rule() + " " + each.severity() + " " + each.place().words() + " " + each.says() + " " + each.fixSays())
            .collect(Collectors.joining("\n"));
    }
}
