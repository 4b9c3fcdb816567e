package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.edit.Applying.applied;
import static yellowkite.core.edit.Applying.refusal;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Lamps;
import yellowkite.core.dmx.WheelUse;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;

class WheelsTest {
    /** Slots Open, Dots, Bars; 'Still' brings in 1, 2, 3 at 0, 20, 40; 'Shake' brings in 2 and 3 at 100 and 180. */
    private final FixtureType spot = Lamps.spot();
    private final int wheel = spot.wheels().getFirst().id();

    private static List<String> slots(FixtureType type) {
        return type.wheels().getFirst().slots().stream().map(Wheel.Slot::name).toList();
    }

    /** What each range brings in, by the slot's name. */
    private static List<String> brought(FixtureType type) {
        var first = type.wheels().getFirst();
        return Lamps.mode(type).channels().stream().flatMap(each -> each.functions()).filter(each -> each.wheel().equals(first.name())).flatMap(each -> each.ranges().stream())
                .map(range -> range.name() + ">" + first.findSlot(range.slot()).map(Wheel.Slot::name).orElse("-")).toList();
    }

    private final List<String> asItWas = List.of("Open>Open", "Dots>Dots", "Bars>Bars", "Dots shaking>Dots", "Bars shaking>Bars");

    @Test
    void aWheelBeginsWithAnOpenSlotAndGoesWhenNothingTurnsIt() {
        var type = applied(spot, new AddWheel("Prisms"));

        assertThat(type.wheels().getLast().slots()).extracting(Wheel.Slot::name).containsExactly("Open");
        assertThat(type.wheels().getLast().slots().getFirst().isOpen()).isTrue();
        assertThat(applied(type, new RemoveWheel(type.wheels().getLast().id())).wheels()).isEqualTo(spot.wheels());
        assertThat(refusal(spot, new RemoveWheel(wheel))).contains("is turned by 'Yoke_Gobo1' in mode 'Main'");
        assertThat(refusal(spot, new AddWheel("Wheel"))).isEqualTo("name: There is already a wheel called 'Wheel'.");
    }

    @Test
    void functionsFollowTheNameOfTheirWheel() {
        var type = applied(spot, new RenameWheel(wheel, "Gobos"));

        assertThat(Lamps.function(type, "Still").wheel()).isEqualTo("Gobos");
        assertThat(brought(type)).isEqualTo(asItWas);
        assertThat(applied(type, new RenameWheel(wheel, "Wheel"))).isEqualTo(spot);
    }

    @Test
    void rangesFollowTheirSlotsWhateverIsPutInTakenOutOrMoved() {
        var more = applied(spot, new AddSlot(wheel, 2, "Reeds"));
        assertThat(slots(more)).containsExactly("Open", "Reeds", "Dots", "Bars");
        assertThat(brought(more)).isEqualTo(asItWas);

        var moved = applied(more, new MoveSlot(wheel, 4, 1));
        assertThat(slots(moved)).containsExactly("Bars", "Open", "Reeds", "Dots");
        assertThat(brought(moved)).isEqualTo(asItWas);
        assertThat(slots(applied(moved, new MoveSlot(wheel, 1, 4)))).isEqualTo(slots(more));

        var less = applied(moved, new RemoveSlot(wheel, 4));
        assertThat(brought(less)).as("what brought in the slot that is gone brings in none").containsExactly("Open>Open", "Dots>-", "Bars>Bars", "Dots shaking>-", "Bars shaking>Bars");
        assertThat(refusal(spot, new MoveSlot(wheel, 4, 1))).isEqualTo("slot: Wheel 'Wheel' has slots 1 to 3; 4 is not one of them.");
        assertThat(refusal(spot, new AddSlot(wheel, 5, "Far"))).startsWith("at: A new slot of 'Wheel' gets a number from 1 to 4");
    }

    @Test
    void aSlotHasANameAndAColour() {
        var red = applied(spot, new SetSlot(wheel, 2, "Red", "#ff0000")).wheels().getFirst().slots().get(1);

        assertThat(red.name()).isEqualTo("Red");
        // the red primary of IEC 61966-2-1: x 0.64, y 0.33, a fifth of white's luminance
        assertThat(red.color().x()).isCloseTo(0.64, within(1e-4));
        assertThat(red.color().y()).isCloseTo(0.33, within(1e-4));
        assertThat(red.color().luminance()).isCloseTo(21.26729, within(1e-9));
        assertThat(red.mediaFile()).as("what was not named stays").isEqualTo("dots");
        assertThat(refusal(spot, new SetSlot(wheel, 2, null, "red"))).startsWith("color:");
        assertThat(applied(spot, new SetSlot(wheel, 2, null, "")).wheels().getFirst().slots().get(1).color()).isNull();
    }

    @Test
    void aWheelIsLaidAlongAFunctionWithTheNamesOfItsSlots() {
        var still = applied(spot, new DivideFunction(Lamps.function(spot, "Still").id(), null, 3, 0, "*", 1, 1, null));
        var shaken = applied(still, new DivideFunction(Lamps.function(spot, "Shake").id(), null, 2, 0, "* shake #", 1, 2, true));

        assertThat(brought(shaken)).containsExactly("Open>Open", "Dots>Dots", "Bars>Bars", "Dots shake 1>Dots", "Bars shake 2>Bars");
        assertThat(Lamps.function(shaken, "Shake").ranges()).allSatisfy(range -> assertThat(range.physicalFrom() + " " + range.physicalTo()).isEqualTo("1.0 5.0"));
        assertThat(Lamps.function(shaken, "Still").ranges()).allSatisfy(range -> assertThat(range.physicalFrom()).isNull());
    }

    @Test
    void theWheelKnowsWhichValuesBringInEachSlot() {
        var uses = WheelUse.of(spot, Lamps.mode(spot), spot.wheels().getFirst());

        assertThat(uses).extracting(each -> each.slot() + " " + each.range() + " " + each.from() + "-" + each.to() + " " + each.motion())
                .containsExactly("1 Open 0-19 STILL", "2 Dots 20-39 STILL", "2 Dots shaking 100-179 SHAKES", "3 Bars 40-99 STILL", "3 Bars shaking 180-255 SHAKES");
    }
}
