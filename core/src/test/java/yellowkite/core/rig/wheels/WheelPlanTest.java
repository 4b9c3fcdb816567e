package yellowkite.core.rig.wheels;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.groups.Tuple.tuple;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.archive.FormatException;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.rig.wheels.WheelPlan.SheetLine;
import yellowkite.core.rig.wheels.WheelPlan.ShelfGobo;
import yellowkite.core.rig.wheels.WheelPlan.SlotChange;
import yellowkite.core.rig.wheels.WheelPlan.Target;

class WheelPlanTest {
    private static final List<ShelfGobo> SHELF = List.of(new ShelfGobo("g1", "Reeds", "", "water still"),
            new ShelfGobo("g2", "Ripples", "4711", "water"));
    private final FixtureType spot = ProfileBuilder.profile("Tidewick", "Petrel Spot")
        .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base"))
        .wheel("Gobos", w -> w.open("Open").open("One").open("Two"))
        .wheel("Colours", w -> w.open("Open").open("Red").open("Blue"))
        .mode("Extended", "Base",
                mode -> mode.channel("Gobo1", "Base", List.of(1), c -> c.function("Gobos", 0, f -> f.physical(0, 1).wheel("Gobos")))
                    .channel("Gobo1Pos", "Base", List.of(2), c -> c.function("Turn", 0, f -> f.physical(0, 360)))
                    .channel("Color1", "Base", List.of(3), c -> c.function("Colours", 0, f -> f.physical(0, 1).wheel("Colours"))))
        .build();
    private final FixtureType scroller = ProfileBuilder.profile("Hollin Optical", "Fathom")
        .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base"))
        .wheel("String", w -> w.open("White").open("A").open("B").open("C"))
        .mode("One", "Base",
                mode -> mode.channel("Color1", "Base", List.of(1), c -> c.function("String", 0, f -> f.physical(0, 1).wheel("String"))))
        .build();
    private final List<Target> targets = List.of(new Target("p1", spot), new Target("p2", scroller));

    private WheelPlan plan(String... rows) {
        return WheelPlan.of(WheelSheet.read(Arrays.stream(rows).map(row -> List.of(row.split("\\|", -1))).toList()), targets, SHELF);
    }

    private static List<String> says(List<SheetLine> lines) {
        return lines.stream().map(line -> line.place() + " " + line.slot() + " " + line.fit() + " " + line.says()).toList();
    }

    @Test
    void gobosComeByNameOrNumberColoursByFilterOrName() {
        var plan = plan("Gobo order of the Marigold", "Manufacturer|Fixture|Wheel|Slot|Gobo|Colour", "Tidewick|Petrel Spot|Gobos|2|4711|",
                "|||Two|ripples|", "|Petrel Spot|Colours|3||F24");

        assertThat(plan.lost()).isEmpty();
        assertThat(plan.types()).hasSize(1);
        assertThat(plan.types().getFirst().changes()).containsExactly(new SlotChange("Gobos", 2, "Ripples", "g2", null),
                new SlotChange("Gobos", 3, "Ripples", "g2", null),
                new SlotChange("Colours", 3, "F24 Amber", null, "#ffb347"));
        assertThat(plan.types().getFirst().lines()).extracting(SheetLine::was, SheetLine::will)
            .contains(tuple("One", "Ripples"), tuple("Blue", "F24 Amber"));
    }

    @Test
    void whatDoesNotFitIsToldAndLeftOut() {
        var plan = plan("Fixture|Wheel|Slot|Gobo|Colour", "Petrel Spot|Gobos|4|Ripples|", "Petrel Spot|Prisms|1|Ripples|",
                "Petrel Spot|Colours|2||999", "Sluice|Gobos|1|Reeds|");

        assertThat(says(plan.types().getFirst().lines())).containsExactly("row 2 4 NOT The wheel has 3 slots; there is no slot 4.",
                "row 3 1 NOT It has no wheel 'Prisms'; it has 'Gobos', 'Colours'.",
                "row 4 2 NOT There is no filter '999' in our numbered table.");
        assertThat(plan.types().getFirst().changes()).isEmpty();
        assertThat(says(plan.lost())).containsExactly("row 5 1 NOT No fixture of this rig is called 'Sluice'.");
    }

    @Test
    void doubtsAreDoneAndSaid() {
        var plan = plan("Fixture|Wheel|Slot|Gobo|Colour", "Petrel Spot|Gobos|2|Reeds|", "Petrel Spot|Gobos|3|Herons|",
                "Petrel Spot|Colours|2|Ripples|");

        assertThat(says(plan.types().getFirst().lines())).containsExactly("row 2 2 DOUBTFUL A still gobo in a turning wheel.",
                "row 3 3 DOUBTFUL No gobo of the shelf is called so: the slot gets its name and no artwork.",
                "row 4 2 DOUBTFUL A gobo in what is no gobo wheel.");
        assertThat(plan.types().getFirst().changes()).hasSize(3);
    }

    @Test
    void aStringIsLaidFromItsFirstFrameOn() {
        var plan = plan("Fixture|String|Colour", "Fathom||F44, F84; F107");

        assertThat(plan.types().getFirst().changes()).extracting(SlotChange::slot, SlotChange::name)
            .containsExactly(tuple(1, "F44 Red"), tuple(2, "F84 Blue"),
                    tuple(3, "F107 Deep green"));
        assertThat(says(plan.types().getFirst().lines())).contains("row 2 4 to 4 DOUBTFUL The string has 4 frames and the sheet 3.");
        assertThat(says(plan("Fixture|String|Colour", "Fathom|String|1, 2, 3, 4, 5").types().getFirst().lines()))
            .contains("row 2 5 NOT The wheel has 4 slots; there is no slot 5.");
    }

    @Test
    void ofTwoRowsForOneSlotTheLaterCountsAndSaysSo() {
        var plan = plan("Fixture|Wheel|Slot|Gobo", "Petrel Spot|Gobos|2|Reeds", "Petrel Spot|Gobos|2|Ripples");

        assertThat(plan.types().getFirst().changes()).extracting(SlotChange::name).containsExactly("Ripples");
        assertThat(says(plan.types().getFirst().lines()))
            .contains("row 3 2 DOUBTFUL The sheet puts 'Reeds' there as well; this row counts.");
    }

    @Test
    void aTableWithoutItsHeadingsIsRefused() {
        assertThatThrownBy(() -> plan("Id|Name", "1|Rail")).isInstanceOf(FormatException.class).hasMessageContaining("headings Fixture");
    }
}
