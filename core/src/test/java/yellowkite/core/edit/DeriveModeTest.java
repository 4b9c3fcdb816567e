package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

class DeriveModeTest {
    private static FixtureType type() {
        return ProfileBuilder.profile("Tidewick", "Ketch")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D41")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.None)
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Angle)
            .attribute("Iris", "Iris", "Beam.Beam", "", PhysicalUnit.None)
            .body(ProfileBuilder.part(Kind.Beam, "Beam"))
            .mode("Full", "Beam", mode -> mode
                .channel("Dimmer", "Beam", ModeBuilder.at(1, 2),
                        channel -> channel.function("Dim", 0, f -> f.range("Low", 0).range("High", 0x8000)))
                .channel("Zoom", "Beam", ModeBuilder.at(3, 4), channel -> channel.function("Zoom", 0, f -> f.physical(5, 50)))
                .channel("Iris", "Beam", ModeBuilder.at(7), channel -> channel.function("Iris", 0, f -> {})))
            .build();
    }

    private static FixtureType applied(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Outcome.Applied(var after) -> after;
            case Outcome.Rejected(var field, var reason) -> throw new AssertionError(field + ": " + reason);
        };
    }

    private static List<List<Integer>> addresses(FixtureType type, int mode) {
        return type.modes().get(mode).channels().stream().map(Channel::offsets).toList();
    }

    @Test
    void theEightBitSisterIsPackedAndItsBoundariesStayOnTheCoarseByte() {
        var type = type();

        var after = applied(type, new DeriveMode(type.modes().getFirst().id(), "Short", true, List.of()));

        assertThat(addresses(after, 1)).containsExactly(List.of(1), List.of(2), List.of(3));
        assertThat(after.modes().get(1).channels().getFirst().functions().findFirst().orElseThrow().ranges().get(1).dmxFrom().raw())
            .isEqualTo(128);
        assertThat(after.modes().getFirst()).as("the mode that it is made of").isEqualTo(type.modes().getFirst());
    }

    @Test
    void aModeWithoutChannelsClosesUp() {
        var type = type();

        var after = applied(type, new DeriveMode(type.modes().getFirst().id(), "Without zoom", false, List.of(3)));

        assertThat(addresses(after, 1)).containsExactly(List.of(1, 2), List.of(3));
        assertThat(new DeriveMode(type.modes().getFirst().id(), "X", false, List.of(5)).acceptedOn(type)).isInstanceOfSatisfying(
                Outcome.Rejected.class, refused -> assertThat(refused.reason()).isEqualTo("Mode 'Full' has no channel at address 5."));
        assertThat(new DeriveMode(type.modes().getFirst().id(), "X", false, List.of(1, 3, 7)).acceptedOn(type))
            .isInstanceOf(Outcome.Rejected.class);
    }

    @Test
    void gapsAreClosedInOneStep() {
        var type = type();

        var after = applied(type, new CloseGaps(type.modes().getFirst().id()));

        assertThat(addresses(after, 0)).containsExactly(List.of(1, 2), List.of(3, 4), List.of(5));
        assertThat(AddressMap.of(after, after.modes().getFirst()).totalFootprint()).isEqualTo(5);
    }

    @Test
    void cellsMoveDownWithTheirBlock() {
        var type = ProfileBuilder.profile("Tidewick", "Yawl")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D42")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.None)
            .body(ProfileBuilder.part(Kind.Beam, "Cell"))
            .body(ProfileBuilder.part(Kind.Geometry, "Body", ProfileBuilder.reference("Cell 1", "Cell", 4),
                    ProfileBuilder.reference("Cell 2", "Cell", 8)))
            .mode("Cells", "Body",
                    mode -> mode.channel("Dimmer", "Cell", ModeBuilder.at(1), channel -> channel.function("Dim", 0, f -> {})))
            .build();

        var after = applied(type, new CloseGaps(type.modes().getFirst().id()));

        assertThat(AddressMap.of(after, after.modes().getFirst()).channels()).extracting(each -> each.addresses().getFirst())
            .containsExactly(1, 2);
    }
}
