package yellowkite.core.rig.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.PAR;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.after;
import static yellowkite.core.rig.Rigs.unit;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.edit.Replacement.KindChange;

class ReplacementTest {
    private static final Found LARGE = Found.chosen("spot", "Tidewick", "Petrel Spot", "Large", new TreeMap<>(Map.of(1, 30)));

    private static Set<String> attributes(Found found) {
        return switch (found.mode()) {
            case "Extended" -> Set.of("Dimmer", "Pan", "Gobo1");
            case "Large" -> Set.of("Dimmer", "Pan", "Zoom");
            default -> Set.of("Dimmer");
        };
    }

    private static Set<String> names(Found found) {
        return found.mode().equals("Large") ? Set.of("Yoke_Pan") : Set.of();
    }

    @Test
    void saysOfEachUnitWhetherItsAddressStaysAndWhichAdjustmentsFindNoChannel() {
        var rig = after(Rigs.of(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.23"), unit("3", PAR, "2.1"), unit("4", PAR)),
                new AdjustChannel(List.of("1"), "Gobo1", ChannelAdjustment.NONE.withInvert(true)),
                new AdjustChannel(List.of("1"), "Yoke_Pan", ChannelAdjustment.NONE.withInvert(true)));

        var replacement = Replacement.of(rig, new ReplaceFixture(List.of("1", "2", "4"), LARGE), ReplacementTest::attributes,
                ReplacementTest::names);

        assertThat(replacement.lines()).extracting(each -> each.id() + " " + each.address() + " " + each.stays() + " " + each.orphans())
            .containsExactly("1 1.1 true [Gobo1]", "2 1.23 false []", "4 no address true []");
        assertThat(replacement.lines().getFirst().was()).isEqualTo("Tidewick Petrel Spot, Extended");
        assertThat(replacement.lines().getFirst().footprintWill()).isEqualTo(30);
    }

    @Test
    void saysOfEachKindWhatIsLostAndGained() {
        var rig = Rigs.of(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.40"), unit("3", PAR, "2.1"));

        var replacement = Replacement.of(rig, new ReplaceFixture(List.of("1", "2", "3"), LARGE), ReplacementTest::attributes,
                ReplacementTest::names);

        assertThat(replacement.changes()).containsExactly(
                new KindChange("Tidewick Petrel Spot, Extended", 2, List.of("Gobo1"), List.of("Zoom")),
                new KindChange("Lumbrook Moth, Nine", 1, List.of(), List.of("Pan", "Zoom")));
        assertThat(replacement.used()).isEqualTo(53); // 22 + 22 + 9
        assertThat(replacement.needed()).isEqualTo(90);
    }
}
