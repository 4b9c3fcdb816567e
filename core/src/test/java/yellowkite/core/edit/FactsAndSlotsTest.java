package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.chart.SlotList;
import yellowkite.core.colour.FilterNumbers;
import yellowkite.core.colour.Srgb;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.history.Outcome;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.library.Synopsis;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.House;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Wheel;
import yellowkite.core.xml.Source;

class FactsAndSlotsTest {
    private static final FixtureFacts FACTS = new FixtureFacts(21.5, 480.0, "LED", 4.5, 6.0, 12_000.0, 6_500.0,
            List.of(new FixtureFacts.Plug("DMX in", "XLR5")), 0x7ff0, 0x0101, List.of(new FixtureFacts.Personality(1, "Main")));

    private static FixtureType type() {
        return ProfileBuilder.profile("Tidewick", "Ketch")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D51")
            .attribute("Gobo1", "Gobo 1", "Gobo.Gobo", "", PhysicalUnit.None)
            .wheel("Gobos", slots -> slots.open("Open").gobo("Reeds", ""))
            .body(ProfileBuilder.part(Kind.Beam, "Beam"))
            .mode("Main", "Beam",
                    mode -> mode.channel("Gobo1", "Beam", ModeBuilder.at(1),
                            channel -> channel.function("Gobos", 0, f -> f.range("Open", 0).range("Ripples", 10).range("Reeds", 20))))
            .build();
    }

    private static FixtureType applied(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Outcome.Applied(var after) -> after;
            case Outcome.Rejected(var field, var reason) -> throw new AssertionError(field + ": " + reason);
        };
    }

    private static String refused(Edit edit) {
        return edit.acceptedOn(type()) instanceof Outcome.Rejected(var field, var reason) ? reason : "was applied";
    }

    private static ChannelFunction function(FixtureType type) {
        return type.modes().getFirst().channels().getFirst().functions().findFirst().orElseThrow();
    }

    @Test
    void factsAreEnteredAndStandInTheFile() {
        var type = applied(type(), new SetFacts(FACTS));

        assertThat(FixtureFacts.of(type)).isEqualTo(FACTS);
        assertThat(FixtureFacts.of(GdtfDescription.read(GdtfDescription.of(type).write()).type())).isEqualTo(FACTS);
        assertThat(Synopsis.of(type).watts()).as("found by its watts").containsExactly(480);
    }

    @Test
    void whatIsNotSaidIsNotMadeUp() {
        assertThat(FixtureFacts.of(type()))
            .isEqualTo(new FixtureFacts(null, null, null, null, null, null, null, List.of(), null, null, List.of()));
        assertThat(FixtureFacts
            .of(applied(applied(type(), new SetFacts(FACTS)),
                    new SetFacts(new FixtureFacts(null, null, "LED", null, null, null, null, List.of(), null, null, List.of()))))
            .weight()).isNull();
    }

    @Test
    void lightSourcesThatDifferKeepWhatIsNotChanged() {
        var one = new BeamDetails("LED", 300, 9_000, 5_600, 12, 15, 1, 1.7777, 0.05, BeamDetails.DEFAULT.beamType(), 90, "");
        var other = new BeamDetails("LED", 40, 700, 3_200, 60, 70, 1, 1.7777, 0.05, BeamDetails.DEFAULT.beamType(), 90, "");
        var type = ProfileBuilder.profile("Tidewick", "Barge")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D66")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.None)
            .body(new Geometry.Part(Kind.Geometry, "Body", "", Matrix.IDENTITY, Geometry.NoDetails.NONE,
                    List.of(new Geometry.Part(Kind.Beam, "Front", "", Matrix.IDENTITY, one, List.of(), Source.NONE),
                            new Geometry.Part(Kind.Beam, "Glow", "", Matrix.IDENTITY, other, List.of(), Source.NONE)),
                    Source.NONE))
            .mode("Main", "Body",
                    mode -> mode.channel("Dimmer", "Front", ModeBuilder.at(1), channel -> channel.function("Dim", 0, f -> {})))
            .build();
        var was = FixtureFacts.of(type);

        var heavier = applied(type, new SetFacts(new FixtureFacts(17.5, was.power(), was.lampType(), was.beamAngle(), was.fieldAngle(),
                was.luminousFlux(), was.colorTemperature(), was.connectors(), was.rdmManufacturer(), was.rdmModel(), was.personalities())));

        assertThat(heavier.geometries()).isEqualTo(type.geometries());
        assertThat(FixtureFacts.of(heavier).weight()).isEqualTo(17.5);
    }

    @Test
    void factsThatCannotBeAreRefused() {
        assertThat(refused(new SetFacts(new FixtureFacts(-1.0, null, null, null, null, null, null, List.of(), null, null, List.of()))))
            .contains("numbers above 0");
        assertThat(refused(new SetFacts(new FixtureFacts(null, null, null, 400.0, null, null, null, List.of(), null, null, List.of()))))
            .contains("up to 360 degrees");
        assertThat(refused(new SetFacts(new FixtureFacts(null, null, "Candle", null, null, null, null, List.of(), null, null, List.of()))))
            .contains("Discharge, Tungsten");
        assertThat(refused(new SetFacts(new FixtureFacts(null, null, null, null, null, null, null, List.of(), 0x10000, null, List.of()))))
            .contains("0000 to FFFF");
        assertThat(refused(new SetFacts(new FixtureFacts(null, null, null, null, null, null, null, List.of(), null, null,
                List.of(new FixtureFacts.Personality(1, "Nowhere"))))))
            .contains("no mode called 'Nowhere'");
    }

    @Test
    void aListNamesAndColoursSlots() {
        var read = SlotList.read("1. Open\n2. Fern #3a8f3a\nAmber\t0.56 0.41\nDeep blue\n\nKite");
        assertThat(read).extracting(SlotList.Slot::name).containsExactly("Open", "Fern", "Amber", "Deep blue", "Kite");
        assertThat(read.get(2).color().x()).isEqualTo(0.56);
        assertThat(read.get(3).color().x()).as("blue lies to the left").isLessThan(0.2);
        assertThat(read.get(4).color()).isNull();

        var type = type();
        var after = applied(type, new ListSlots(type.wheels().getFirst().id(),
                read.stream().map(each -> new ListSlots.SlotRow(each.name(), each.color())).toList()));

        assertThat(after.wheels().getFirst().slots()).extracting(Wheel.Slot::name)
            .containsExactly("Open", "Fern", "Amber", "Deep blue", "Kite");
        assertThat(after.wheels().getFirst().slots().get(1).id()).as("the slot that was there")
            .isEqualTo(type.wheels().getFirst().slots().get(1).id());
    }

    @Test
    void aStringIsTypedByNumbersOfOurOwnTable() {
        var read = SlotList.read("Open\nF24\nfilter 87\nSunset F 37\nF999\nFern 3");

        assertThat(read).extracting(SlotList.Slot::name)
            .containsExactly("Open", "F24 Amber", "F87 Deep blue", "Sunset F 37", "F999", "Fern 3");
        assertThat(read.get(1).color()).isEqualTo(Srgb.parse("#ffb347").orElseThrow().toCie());
        assertThat(read.get(3).color()).isEqualTo(Srgb.parse("#ff4a10").orElseThrow().toCie());
        assertThat(read.get(4).color()).as("no such number").isNull();
        assertThat(read.get(5).color()).as("no word for a filter").isNull();
        assertThat(FilterNumbers.all()).extracting(FilterNumbers.Numbered::number).doesNotHaveDuplicates().isSorted();
    }

    @Test
    void rangesAreJoinedToSlotsByNameAndMissingOnesAreAdded() {
        var type = type();

        var after = applied(type, new SlotsFromRanges(function(type).id(), type.wheels().getFirst().id()));

        assertThat(after.wheels()).singleElement()
            .extracting(wheel -> wheel.slots().stream().map(Wheel.Slot::name).toList())
            .isEqualTo(List.of("Open", "Reeds", "Ripples"));
        assertThat(function(after).wheel()).isEqualTo("Gobos");
        assertThat(function(after).ranges()).extracting(NamedRange::slot).containsExactly(1, 3, 2);
    }

    @Test
    void aWheelIsMadeOfRanges() {
        var type = type();

        var after = applied(type, new SlotsFromRanges(function(type).id(), null));

        assertThat(after.wheels()).hasSize(2);
        assertThat(after.wheels().getLast().slots()).extracting(Wheel.Slot::name).containsExactly("Open", "Ripples", "Reeds");
        assertThat(function(after).ranges()).extracting(NamedRange::slot).containsExactly(1, 2, 3);
    }

    @Test
    void aFindingThatIsMeantIsKeptWithItsReasonUntilItCountsAgain() {
        var type = applied(type(), new SetMeant("flat-physical", "Mode 'Main', address 1", "It never moves."));

        assertThat(type.house().meant("flat-physical", "Mode 'Main', address 1")).isEqualTo("It never moves.");
        assertThat(StoredHouse.of(type).laidOnto(type.with(f -> f.house = House.NONE)).house()).isEqualTo(type.house());
        assertThat(applied(type, new SetMeant("flat-physical", "Mode 'Main', address 1", null)).house().meant()).isEmpty();
        assertThat(refused(new SetMeant("flat-physical", "x", " "))).isEqualTo("Say why this is meant.");
    }
}
