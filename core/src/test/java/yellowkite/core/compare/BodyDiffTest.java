package yellowkite.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.body.PhysicalFacts;
import yellowkite.core.body.Place;
import yellowkite.core.edit.AddPart;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.PlacePart;
import yellowkite.core.edit.PutModel;
import yellowkite.core.edit.SetPartAttribute;
import yellowkite.core.edit.SetPhysical;
import yellowkite.core.edit.SetPins;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Model;

class BodyDiffTest {
    private final FixtureType base = after(Fixtures.spot(), new AddPart("Yoke", Kind.Beam, "Lens", new Place(0, 0, 0)),
            new AddPart("Base", Kind.WiringObject, "DMX in", new Place(0, 0, 0)), new PutModel("Box", 1, 1, 1, Model.Primitive.Cube, ""));

    private static FixtureType after(FixtureType type, Edit... edits) {
        var so = type;
        for (var edit : edits) {
            so = ((Outcome.Applied<FixtureType>) edit.acceptedOn(so)).after();
        }
        return so;
    }

    private List<Difference> found(Edit... edits) {
        var found = new Found();
        BodyDiff.compare(base, after(base, edits), found);
        PhysicalDiff.compare(base, after(base, edits), found);
        return found.differences;
    }

    @Test
    void equalBodiesAreSilent() {
        assertThat(found()).isEmpty();
    }

    @Test
    void eachDifferenceIsSaidWithItsPlaceAndEdit() {
        var edits = List.<Edit>of(new PlacePart("Lens", new Place(0, 0, -0.5, 0, 0, 90)),
                new SetPartAttribute("Lens", "LuminousFlux", "9000"),
                new PutModel("Box", 2, 1, 1, Model.Primitive.Cube, ""));
        for (var edit : edits) {
            assertThat(found(edit)).singleElement().satisfies(each -> assertThat(each.edits()).containsExactly(edit));
        }
        assertThat(found(edits.getFirst())).extracting(Difference::says)
            .containsExactly("Where it stands is '0, 0, -0.5; 0, 0, 90' instead of '0, 0, 0'.");
        assertThat(found(edits.get(1))).singleElement().satisfies(each -> {
            assertThat(each.rank()).isEqualTo(Rank.SHIFTS);
            assertThat(each.says()).isEqualTo("Luminous flux is '9000 lm' instead of '10000 lm (standard)'.");
            assertThat(each.place().words()).isEqualTo("Part 'Lens'");
        });
        assertThat(found(edits.get(2))).extracting(Difference::says).containsExactly("Its size is '2 x 1 x 1 m' instead of '1 x 1 x 1 m'.");
    }

    @Test
    void partsAndPinsThatAreNewAreTold() {
        assertThat(found(new AddPart("Base", Kind.Beam, "Work light", new Place(0, 0, 0)))).singleElement().satisfies(each -> {
            assertThat(each.says()).isEqualTo("This part is new.");
            assertThat(each.rank()).isEqualTo(Rank.SHIFTS);
        });
        assertThat(found(new SetPins("DMX in", List.of(new SetPins.Pin(1, "Board", 1))))).extracting(Difference::says)
            .containsExactly("Its pins lead elsewhere.");
    }

    @Test
    void physicalFactsAreTold() {
        var facts = new PhysicalFacts(-5.0, 40.0, null, List.of(new PhysicalFacts.Supply("Power in", 470, 0.95, 100, 240, 50, 60)),
                List.of(new PhysicalFacts.Socket("Power in", "PowerconTRUE1", 0, 1, 0)));

        assertThat(found(new SetPhysical(facts))).extracting(Difference::says)
            .containsExactly("The temperature that it works in is '-5 to 40 \u00b0C' instead of empty.",
                    "What 'Power in' draws is '470 W, power factor 0.95, 100 to 240 V, 50 to 60 Hz' instead of empty.",
                    "This connector is new.");
    }
}
