package yellowkite.core.rig;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.Place;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.RigDiff.Changed;
import yellowkite.core.rig.RigDiff.What;
import static org.assertj.core.api.Assertions.assertThat;

class RigDiffTest {
    private final Rig older = Rigs.of(Rigs.unit("1", Rigs.SPOT, "1.1"), Rigs.unit("2", Rigs.PAR, "2.1"), Rigs.unit("3", Rigs.PAR));

    @Test
    void aRigDiffersFromItselfInNothing() {
        assertThat(RigDiff.of(older, older)).isEqualTo(new RigDiff(List.of(), List.of(), List.of()));
    }

    @Test
    void unitsAreTheSameByUuidWhateverTheyAreCalledNow() {
        var newer = older.mapUnits(List.of("1"), unit -> unit.with(f -> f.id = "101"));

        assertThat(RigDiff.of(older, newer)).isEqualTo(new RigDiff(List.of(), List.of(), List.of(new Changed("101", What.ID, "1", "101"))));
    }

    @Test
    void elseByTheirId() {
        var newer = Rigs.of(Rigs.unit("1", Rigs.SPOT, f -> f.uuid = "other", "1.30"), Rigs.unit("9", Rigs.PAR));

        assertThat(RigDiff.of(older, newer)).isEqualTo(
                new RigDiff(List.of("9"), List.of("2", "3"), List.of(new Changed("1", What.ADDRESS, "1.1", "1.30"))));
    }

    @Test
    void eachThingHasItsWord() {
        var newer = older.mapUnits(List.of("2"), unit -> unit.as(Rigs.SPOT).with(f -> {
            f.name = "Left";
            f.layer = "Floor";
            f.place = new Place(1, 2, 3);
            f.position = "Mast";
            f.adjustments = Adjustments.NONE.with("Pan", ChannelAdjustment.NONE.withInvert(true));
        }));

        assertThat(RigDiff.of(older, newer).changed()).extracting(each -> each.what().word())
            .containsExactly("profile", "mode", "name", "place", "layer", "adjustments", "other");
    }

    /** The same step with another number is another adjustment. */
    @Test
    void anAdjustmentOfAnotherSizeIsTold() {
        var half = older.mapUnits(List.of("1"), unit -> unit.with(f -> f.adjustments = scaled(0.5)));
        var third = older.mapUnits(List.of("1"), unit -> unit.with(f -> f.adjustments = scaled(0.3)));

        assertThat(RigDiff.of(half, third).changed())
            .containsExactly(new Changed("1", What.ADJUSTMENTS, "Scaled: Dimmer", "Scaled: Dimmer"));
    }

    private static Adjustments scaled(double by) {
        return Adjustments.NONE.with("Dimmer", new ChannelAdjustment(false, List.of(), by, 0, 1, false, null, null));
    }
}
