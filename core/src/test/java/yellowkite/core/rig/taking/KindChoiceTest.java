package yellowkite.core.rig.taking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.compare.Rank;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rigs;

class KindChoiceTest {
    private static final Found GUESS = new Found(Found.How.GUESS, "g", "Lumbrook", "Moth", "Nine", new TreeMap<>(), 0.3, "");

    @Test
    void oursCountsWhereItIsOrDoesTheSame() {
        assertThat(KindChoice.usual(Rigs.SPOT, Rigs.SPOT, new ModeDifference(Rank.BREAKS, 3))).isEqualTo(KindChoice.OURS);
        assertThat(KindChoice.usual(Rigs.SPOT, GUESS, new ModeDifference(null, 0))).isEqualTo(KindChoice.OURS);
    }

    @Test
    void elseTheFilesElseTheBestGuessElseNothing() {
        assertThat(KindChoice.usual(Rigs.SPOT, GUESS, new ModeDifference(Rank.SHIFTS, 1))).isEqualTo(KindChoice.THEIRS);
        assertThat(KindChoice.usual(Rigs.SPOT, Found.NOTHING, null)).isEqualTo(KindChoice.THEIRS);
        assertThat(KindChoice.usual(Found.placeholder(4), GUESS, null)).isEqualTo(KindChoice.OURS);
        assertThat(KindChoice.usual(Found.placeholder(4), Found.NOTHING, null)).isEqualTo(KindChoice.PLACEHOLDER);
    }

    private static FixtureType lamp(int zoom) {
        return ProfileBuilder.profile("Lumbrook", "Moth")
            .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base"))
            .mode("Short", "Base", mode -> mode.channel("Dimmer", "Base", List.of(1), c -> c.function("Dimmer", 0, f -> f.physical(0, 1)))
                .channel("Zoom", "Base", List.of(zoom), c -> c.function("Zoom", 0, f -> f.physical(10, 40))))
            .build();
    }

    @Test
    void modesAreApartByWhatBreaksBetweenThem() {
        assertThat(ModeDifference.of(lamp(2), "Short", lamp(2), "Short")).contains(new ModeDifference(null, 0));
        assertThat(ModeDifference.of(lamp(2), "Short", lamp(3), "Short").orElseThrow().worst()).isEqualTo(Rank.BREAKS);
        assertThat(ModeDifference.of(lamp(2), "Short", lamp(3), "Long")).isEmpty();
    }
}
