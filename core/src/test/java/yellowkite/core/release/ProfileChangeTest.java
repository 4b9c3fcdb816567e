package yellowkite.core.release;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.profile;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import yellowkite.core.compare.Rank;
import yellowkite.core.compare.Side;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.release.ProfileChange.Kind;

class ProfileChangeTest {
    private static FixtureType fixture(int zoomAddress, String mode) {
        return profile("Tidewick", "Petrel")
            .mode(mode, "Head",
                    m -> m.channel("Dimmer", "Head", at(1), c -> c.function("Dimmer", 0, f -> {}))
                        .channel("Zoom", "Head", at(zoomAddress), c -> c.function("Zoom", 0, f -> {})))
            .build();
    }

    @Test
    void aMovedChannelBreaksAndIsSaidFirst() {
        var change = ProfileChange.between(Side.of(fixture(2, "One")), Side.of(fixture(3, "One")));
        assertThat(change.kind()).isEqualTo(Kind.CHANGED);
        assertThat(change.worst()).isEqualTo(Rank.BREAKS);
        assertThat(change.proposedNote()).contains("It moved from address 2 to address 3.");
    }

    @Test
    void aNewOneNamesItsModesWithTheirFootprints() {
        assertThat(ProfileChange.fresh(fixture(4, "Wide")).says()).containsExactly("Mode Wide (4).");
    }

    @Test
    void contentThatDiffersInNothingThatIsComparedIsSaidToBeHarmless() {
        var change = ProfileChange.between(Side.of(fixture(2, "One")), Side.of(fixture(2, "One")));
        assertThat(change.worst()).isNull();
        assertThat(change.total()).isZero();
        assertThat(change.proposedNote()).isEqualTo("Nothing differs that a show would notice.");
    }

    @Test
    void aNoteNamesThreeAndCountsTheRest() {
        var change = new ProfileChange(Kind.CHANGED, Rank.SHIFTS, Map.of(Rank.SHIFTS, 4L, Rank.ADDS, 1L),
                List.of("A.", "B.", "C.", "D.", "E."));
        assertThat(change.proposedNote()).isEqualTo("A. B. C. And 2 more.");
    }

    @Test
    void profilesOfEachKindAreCountedInALine() {
        assertThat(ProfileChange.counted(List.of(changed(Rank.BREAKS), changed(Rank.ADDS), ProfileChange.same(), ProfileChange.withdrawn(),
                ProfileChange.fresh(fixture(2, "One")), ProfileChange.same())))
            .isEqualTo("1 new; 2 changed, of which 1 breaks; 1 withdrawn; 2 unchanged");
        assertThat(ProfileChange.counted(List.of(changed(Rank.BREAKS), changed(Rank.BREAKS)))).isEqualTo("2 changed, of which 2 break");
        assertThat(ProfileChange.counted(List.of())).isEmpty();
    }

    @Test
    void theWorseForAShowTheMoreUrgent() {
        var urgency = Stream
            .of(ProfileChange.withdrawn(), changed(Rank.BREAKS), changed(Rank.SHIFTS), changed(Rank.ADDS), changed(Rank.COSMETIC),
                    ProfileChange.fresh(fixture(2, "One")), ProfileChange.same())
            .map(ProfileChange::urgency)
            .toList();
        assertThat(urgency).containsExactly(0, 0, 1, 2, 3, 5, 6);
    }

    private static ProfileChange changed(Rank worst) {
        return new ProfileChange(Kind.CHANGED, worst, Map.of(worst, 1L), List.of("So."));
    }
}
