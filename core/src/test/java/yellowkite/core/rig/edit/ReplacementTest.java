package yellowkite.core.rig.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.PAR;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.after;
import static yellowkite.core.rig.Rigs.unit;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.Geometry;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.edit.Replacement.KindChange;

class ReplacementTest {
    private static final Found LARGE = Found.chosen("spot", "Tidewick", "Petrel Spot", "Large", new TreeMap<>(Map.of(1, 30)));

    private static @Nullable CompiledMode mode(Found found) {
        return switch (found.mode()) {
            case "Extended" -> made("Dimmer", "Pan", "Gobo1");
            case "Large" -> made("Dimmer", "Pan", "Zoom");
            case "Nine" -> made("Dimmer");
            default -> null;
        };
    }

    private static CompiledMode made(String... attributes) {
        var type = ProfileBuilder.profile("Tidewick", "Petrel Spot")
            .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Yoke"))
            .mode("One", "Yoke", mode -> {
                for (int i = 0; i < attributes.length; i++) {
                    var attribute = attributes[i];
                    mode.channel(attribute, "Yoke", List.of(i + 1), c -> c.function(attribute, 0, f -> {}));
                }
            })
            .build();
        return CompiledMode.of(type, type.modes().getFirst());
    }

    @Test
    void saysOfEachUnitWhetherItsAddressStaysAndWhichAdjustmentsFindNoChannel() {
        var rig = after(Rigs.of(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.23"), unit("3", PAR, "2.1"), unit("4", PAR)),
                new AdjustChannel(List.of("1"), "Gobo1", ChannelAdjustment.NONE.withInvert(true)),
                new AdjustChannel(List.of("1"), "Yoke_Pan", ChannelAdjustment.NONE.withInvert(true)));

        var replacement = Replacement.of(rig, new ReplaceFixture(List.of("1", "2", "4"), LARGE), ReplacementTest::mode);

        assertThat(replacement.lines()).extracting(each -> each.id() + " " + each.address() + " " + each.stays() + " " + each.orphans())
            .containsExactly("1 1.1 true [Gobo1]", "2 1.23 false []", "4 no address true []");
        assertThat(replacement.lines().getFirst().was()).isEqualTo("Tidewick Petrel Spot, Extended");
        assertThat(replacement.lines().getFirst().footprintWill()).isEqualTo(30);
    }

    @Test
    void saysOfEachKindWhatIsLostAndGained() {
        var rig = Rigs.of(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.40"), unit("3", PAR, "2.1"));

        var replacement = Replacement.of(rig, new ReplaceFixture(List.of("1", "2", "3"), LARGE), ReplacementTest::mode);

        assertThat(replacement.changes()).containsExactly(
                new KindChange("Tidewick Petrel Spot, Extended", 2, List.of("Gobo1"), List.of("Zoom")),
                new KindChange("Lumbrook Moth, Nine", 1, List.of(), List.of("Pan", "Zoom")));
        assertThat(replacement.used()).isEqualTo(53); // 22 + 22 + 9
        assertThat(replacement.needed()).isEqualTo(90);
    }
}
