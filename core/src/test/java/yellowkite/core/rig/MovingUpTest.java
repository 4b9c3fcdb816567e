package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.compare.Rank;
import yellowkite.core.compare.Side;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

class MovingUpTest {
    private static final Found SHORT = Found.chosen("old", "Lumbrook", "Moth", "Short", new TreeMap<>(Map.of(1, 3)));

    /** @param zoom address of the zoom in mode Short. @param start of the dimmer there. @param other footprint's second channel in Long */
    private static Side moth(int zoom, long start, int other) {
        FixtureType type = ProfileBuilder.profile("Lumbrook", "Moth")
            .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base"))
            .mode("Short", "Base",
                    mode -> mode.channel("Dimmer", "Base", List.of(1), c -> c.function("Dimmer", 0, f -> f.physical(0, 1).start(start)))
                        .channel("Zoom", "Base", List.of(zoom), c -> c.function("Zoom", 0, f -> f.physical(10, 40))))
            .mode("Long", "Base",
                    mode -> mode.channel("Dimmer", "Base", List.of(other), c -> c.function("Dimmer", 0, f -> f.physical(0, 1))))
            .build();
        return Side.of(type);
    }

    private static Unit unit(String id, String adjusted) {
        return Rigs.unit(id, SHORT, f -> {
            if (!adjusted.isEmpty()) {
                f.adjustments = Adjustments.NONE.with(adjusted, ChannelAdjustment.NONE.withInvert(true));
            }
        }, "1.1");
    }

    @Test
    void theWorstComesFirstAndSaysWhichUnitsAdjustThatChannel() {
        var up = MovingUp.of(List.of(unit("1", ""), unit("2", "Zoom")), moth(2, 0, 1), moth(3, 0, 1));

        assertThat(up.effects().getFirst().rank()).isEqualTo(Rank.BREAKS);
        assertThat(up.effects()).anySatisfy(line -> {
            assertThat(line.where()).contains("Zoom");
            assertThat(line.units()).isEqualTo(2);
            assertThat(line.adjusted()).containsExactly("2");
        });
        assertThat(up.effects()).extracting(effect -> effect.rank().ordinal()).isSorted();
    }

    @Test
    void whatDiffersInModesThatNoUnitIsIsOnlyCounted() {
        var up = MovingUp.of(List.of(unit("1", "")), moth(2, 0, 1), moth(2, 0, 4));

        assertThat(up.effects()).isEmpty();
        assertThat(up.elsewhere()).isPositive();
    }

    @Test
    void revisionsThatDoTheSameHaveNothingToSay() {
        assertThat(MovingUp.of(List.of(unit("1", "Zoom")), moth(2, 0, 1), moth(2, 0, 1))).isEqualTo(new MovingUp(List.of(), 0));
    }
}
