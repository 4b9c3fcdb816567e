package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.edit.Applying.applied;
import static yellowkite.core.edit.Applying.refusal;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.dmx.WheelKind;
import yellowkite.core.dmx.WheelUse;
import yellowkite.core.house.LeftBehind;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Wheel;
import yellowkite.core.profile.WheelCare.Confirmed;
import yellowkite.core.profile.WheelCare.Kind;

class WheelsTest {
    /** Slots Open, Dots, Bars; 'Still' brings in 1, 2, 3 at 0, 20, 40; 'Shake' brings in 2 and 3 at 100 and 180. */
    private final FixtureType spot = Fixtures.spot();
    private final int wheel = spot.wheels().getFirst().id();

    private static List<String> slots(FixtureType type) {
        return type.wheels().getFirst().slots().stream().map(Wheel.Slot::name).toList();
    }

    /** What each range brings in, by the slot's name. */
    private static List<String> brought(FixtureType type) {
        var first = type.wheels().getFirst();
        return Fixtures.mode(type)
            .channels()
            .stream()
            .flatMap(each -> each.functions())
            .filter(each -> each.wheel().equals(first.name()))
            .flatMap(each -> each.ranges().stream())
            .map(range -> range.name() + ">" + first.findSlot(range.slot()).map(Wheel.Slot::name).orElse("-"))
            .toList();
    }

    private final List<String> asItWas = List.of("Open>Open", "Dots>Dots", "Bars>Bars", "Dots shaking>Dots", "Bars shaking>Bars");

    @Test
    void aWheelBeginsWithAnOpenSlotAndGoesWhenNothingTurnsIt() {
        var type = applied(spot, new AddWheel("Prisms", null));

        assertThat(type.wheels().getLast().slots()).extracting(Wheel.Slot::name).containsExactly("Open");
        assertThat(type.wheels().getLast().slots().getFirst().isOpen()).isTrue();
        assertThat(applied(type, new RemoveWheel(type.wheels().getLast().id())).wheels()).isEqualTo(spot.wheels());
        assertThat(refusal(spot, new RemoveWheel(wheel))).contains("is turned by 'Yoke_Gobo1' in mode 'Main'");
        assertThat(refusal(spot, new AddWheel("Wheel", null))).isEqualTo("name: There is already a wheel called 'Wheel'.");
    }

    @Test
    void functionsFollowTheNameOfTheirWheel() {
        var type = applied(spot, new RenameWheel(wheel, "Gobos"));

        assertThat(Fixtures.function(type, "Still").wheel()).isEqualTo("Gobos");
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
        assertThat(brought(less)).as("what brought in the slot that is gone brings in none")
            .containsExactly("Open>Open", "Dots>-", "Bars>Bars", "Dots shaking>-", "Bars shaking>Bars");
        assertThat(refusal(spot, new MoveSlot(wheel, 4, 1))).isEqualTo("slot: Wheel 'Wheel' has slots 1 to 3; 4 is not one of them.");
        assertThat(refusal(spot, new AddSlot(wheel, 5, "Far"))).startsWith("at: A new slot of 'Wheel' gets a number from 1 to 4");
    }

    @Test
    void aSlotHasANameAndAColour() {
        var red = applied(spot, new SetSlot(wheel, 2, "Red", "#ff0000", null, null, null, null)).wheels().getFirst().slots().get(1);

        assertThat(red.name()).isEqualTo("Red");
        // the red primary of IEC 61966-2-1: x 0.64, y 0.33, a fifth of white's luminance
        assertThat(red.color().x()).isCloseTo(0.64, within(1e-4));
        assertThat(red.color().y()).isCloseTo(0.33, within(1e-4));
        assertThat(red.color().luminance()).isCloseTo(21.26729, within(1e-9));
        assertThat(red.mediaFile()).as("what was not named stays").isEqualTo("dots");
        assertThat(refusal(spot, SetSlot.colored(wheel, 2, "red"))).startsWith("color:");
        assertThat(applied(spot, SetSlot.colored(wheel, 2, "")).wheels().getFirst().slots().get(1).color()).isNull();
    }

    @Test
    void aWheelIsLaidAlongAFunctionWithTheNamesOfItsSlots() {
        var still = applied(spot, new DivideFunction(Fixtures.function(spot, "Still").id(), null, 3, 0, "{slot}", 1, 1, null, null));
        var shaken = applied(still,
                new DivideFunction(Fixtures.function(spot, "Shake").id(), null, 2, 0, "{slot} shake {number}", 1, 2, true, null));

        assertThat(brought(shaken)).containsExactly("Open>Open", "Dots>Dots", "Bars>Bars", "Dots shake 1>Dots", "Bars shake 2>Bars");
        assertThat(Fixtures.function(shaken, "Shake").ranges())
            .allSatisfy(range -> assertThat(range.physicalFrom() + " " + range.physicalTo()).isEqualTo("1.0 5.0"));
        assertThat(Fixtures.function(shaken, "Still").ranges()).allSatisfy(range -> assertThat(range.physicalFrom()).isNull());
    }

    @Test
    void theWheelKnowsWhichValuesBringInEachSlot() {
        var uses = WheelUse.of(spot, Fixtures.mode(spot), spot.wheels().getFirst());

        assertThat(uses).extracting(each -> each.slot() + " " + each.range() + " " + each.from() + "-" + each.to() + " " + each.motion())
            .containsExactly("1 Open 0-19 STILL", "2 Dots 20-39 STILL", "2 Dots shaking 100-179 SHAKES", "3 Bars 40-99 STILL",
                    "3 Bars shaking 180-255 SHAKES");
    }

    @Test
    void halfColoursStandBetweenTheirTwoSlots() {
        var split = applied(spot, new DivideFunction(Fixtures.function(spot, "Still").id(), null, 6, 0, "{slot}", 1, 1, null, true));

        assertThat(split.modes().getFirst().channels().get(1).functions().findFirst().orElseThrow().ranges()).extracting(NamedRange::name)
            .containsExactly("Open", "Open / Dots", "Dots", "Dots / Bars", "Bars", "Bars / Open");
        assertThat(WheelUse.of(split, Fixtures.mode(split), split.wheels().getFirst())
            .stream()
            .filter(each -> each.motion() == WheelUse.Motion.SPLIT)
            .map(WheelUse.Span::slot)).containsExactly(1, 2, 3);
    }

    @Test
    void aSlotHoldsAPictureAFilterFacetsOrADisc() {
        var glass = applied(spot, new PutFilter("Rust", 0.6, 0.38, 20));
        var slot = applied(applied(glass, new SetSlot(wheel, 2, null, null, "Rust", null, 5, null)),
                SetSlot.picture(wheel, 2, "Reeds", "reeds-1"))
            .wheels()
            .getFirst()
            .slots()
            .get(1);

        assertThat(slot.filter()).isEqualTo("Rust");
        assertThat(slot.name()).isEqualTo("Reeds");
        assertThat(slot.mediaFile()).isEqualTo("reeds-1");
        assertThat(slot.facets()).hasSize(5);
        assertThat(applied(spot, new SetSlot(wheel, 3, null, null, null, null, null, true)).wheels().getFirst().slots().get(2).animation())
            .isNotNull();
        assertThat(refusal(spot, new SetSlot(wheel, 2, null, null, "Rust", null, null, null)))
            .isEqualTo("filter: This profile has no filter called 'Rust'.");
        assertThat(refusal(spot, new SetSlot(wheel, 2, null, null, null, null, 33, null))).startsWith("facets:");
        assertThat(refusal(spot, SetSlot.picture(wheel, 2, "Reeds", "../up"))).startsWith("mediaFile:");
    }

    @Test
    void aWheelShowsItsKindOrIsToldIt() {
        assertThat(WheelKind.of(spot, spot.wheels().getFirst())).isEqualTo(Kind.STILL_GOBOS);
        var told = applied(spot, new SetWheelCare(wheel, Kind.TURNING_GOBOS, null, null));

        assertThat(WheelKind.of(told, told.wheels().getFirst())).isEqualTo(Kind.TURNING_GOBOS);
        assertThat(WheelKind.of(applied(spot, new AddWheel("String", Kind.STRING)),
                applied(spot, new AddWheel("String", Kind.STRING)).wheels().getLast()))
            .isEqualTo(Kind.STRING);
    }

    @Test
    void theOpenSlotIsFromTheChartUntilSomeoneSawIt() {
        var seen = applied(spot, new SetWheelCare(wheel, null, new Confirmed(1, "Ines", "2026-05-31", "2.14"), null));

        assertThat(seen.house().wheel(wheel).open()).isEqualTo(new Confirmed(1, "Ines", "2026-05-31", "2.14"));
        assertThat(StoredHouse.of(seen).laidOnto(spot).house().wheel(wheel).open()).isNotNull();
        assertThat(LeftBehind.of(StoredHouse.of(seen))).containsExactly("Where the open slot of a wheel was seen stays here.");
        assertThat(applied(seen, new SetWheelCare(wheel, null, null, true)).house().wheel(wheel).open()).isNull();
        assertThat(refusal(spot, new SetWheelCare(wheel, null, new Confirmed(4, "Ines", "2026-05-31", ""), null)))
            .startsWith("open: Say which slot of 1 to 3");
        assertThat(refusal(spot, new SetWheelCare(wheel, null, new Confirmed(1, "Ines", "yesterday", ""), null))).startsWith("open:");
    }

    @Test
    void aWholeWheelIsPutBesideTheOthersOrIntoThePlaceOfOne() {
        var reeds = List.of(part("Open", ""), part("Reeds", "reeds"), part("Gate", "gate"));

        var beside = applied(spot, new PutWheel(null, "Winter", Kind.STILL_GOBOS, reeds));
        var inPlace = applied(spot, new PutWheel(wheel, "Winter", Kind.STILL_GOBOS, reeds));

        assertThat(beside.wheels()).extracting(Wheel::name).containsExactly("Wheel", "Winter");
        assertThat(inPlace.wheels()).hasSize(1);
        assertThat(inPlace.wheels().getFirst().name()).isEqualTo("Wheel");
        assertThat(slots(inPlace)).containsExactly("Open", "Reeds", "Gate");
        assertThat(inPlace.modes()).isEqualTo(spot.modes());
        assertThat(refusal(spot, new PutWheel(wheel, "Winter", Kind.STILL_GOBOS, reeds.subList(0, 2))))
            .isEqualTo("slots: 'Wheel' has 3 slots, 'Winter' 2: the ranges would point at others.");
        assertThat(refusal(spot, new PutWheel(wheel, "Winter", Kind.COLOURS, reeds)))
            .isEqualTo("kind: 'Wheel' holds still gobos, 'Winter' colours: it cannot take its place.");
        assertThat(refusal(applied(spot, new SetWheelCare(wheel, Kind.TURNING_GOBOS, null, null)),
                new PutWheel(wheel, "Winter", Kind.STILL_GOBOS, reeds)))
            .isEqualTo("kind: 'Wheel' turns its gobos; 'Winter' is a wheel of still ones and cannot take its place.");
    }

    private static SlotPart part(String name, String mediaFile) {
        return new SlotPart(name, null, "", mediaFile, List.of(), null);
    }
}
