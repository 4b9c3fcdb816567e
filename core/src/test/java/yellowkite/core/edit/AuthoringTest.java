package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.edit.Applying.applied;
import static yellowkite.core.edit.Applying.refusal;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CellGrid;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.FootprintSum;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Resolver;
import yellowkite.core.dmx.Spans;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.history.History;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.House;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Macro;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.xml.Source;

/** Writing a profile from an empty page. */
class AuthoringTest {
    private final FixtureType blank = applied(FixtureType.of(f -> {}),
            new Begin("Tidewick", "Dunlin Spot 150", "ID", Begin.Body.MOVING_HEAD));
    private final FixtureType empty = applied(blank, new AddMode("Standard"));

    private static Mode mode(FixtureType type) {
        return type.modes().getFirst();
    }

    private static NewChannel channel(String attribute, int bytes) {
        return new NewChannel(attribute, "", bytes, null, null, null);
    }

    private static FixtureType with(FixtureType type, NewChannel... channels) {
        return applied(type, new AddChannels(mode(type).id(), List.of(channels), null));
    }

    /** Each channel of the first mode as attribute and addresses. */
    private static String map(FixtureType type) {
        return mode(type).channels().stream().map(each -> each.attribute() + each.offsets()).toList().toString();
    }

    private static int id(FixtureType type, String attribute) {
        return mode(type).channels().stream().filter(each -> each.attribute().equals(attribute)).findFirst().orElseThrow().id();
    }

    @Test
    void anEmptyPageHasIdentityAndABody() {
        assertThat(blank.name()).isEqualTo("Dunlin Spot 150");
        assertThat(blank.shortName()).isEqualTo("DunliSpot150");
        assertThat(blank.allGeometries().map(Geometry::name)).containsExactly("Base", "Yoke", "Head", "Beam");
        assertThat(mode(empty).geometry()).isEqualTo("Base");
        assertThat(refusal(blank, new Begin("A", "B", "C", Begin.Body.FIXED))).isEqualTo("name: This profile has begun already.");
        assertThat(refusal(FixtureType.of(f -> {}), new Begin("A\u202Eb", "B", "C", Begin.Body.FIXED)))
            .isEqualTo("manufacturer: A manufacturer's name cannot hold characters that nobody sees.");
        assertThat(new Begin("Reed & Sons", "B", "C", Begin.Body.FIXED).applyTo(FixtureType.of(f -> {})))
            .isInstanceOf(Outcome.Applied.class);
        assertThat(refusal(FixtureType.of(f -> {}), new Begin("", "B", "C", Begin.Body.FIXED)))
            .isEqualTo("manufacturer: A manufacturer needs a name.");
    }

    @Test
    void aCopyHasAnIdentityOfItsOwnAndPerhapsOneModeOnly() {
        var copy = applied(Fixtures.spot(), new BecomeCopy("Osier", "Reed", "NEW", null));

        assertThat(copy.fixtureTypeId()).isEqualTo("NEW");
        assertThat(copy.manufacturer() + " " + copy.name()).isEqualTo("Osier Reed");
        assertThat(copy.modes()).isEqualTo(Fixtures.spot().modes());
        assertThat(refusal(Fixtures.spot(), new BecomeCopy("Osier", "Reed", "NEW", -1)))
            .startsWith("mode: That mode is not in this profile");
    }

    @Test
    void identityIsChangedFieldByField() {
        assertThat(applied(blank, new SetIdentity(SetIdentity.Field.DESCRIPTION, "For the small stage.\nFour of them.")).description())
            .contains("Four");
        assertThat(refusal(blank, new SetIdentity(SetIdentity.Field.MANUFACTURER, " "))).contains("needs a name");
        assertThat(refusal(blank, new SetIdentity(SetIdentity.Field.DESCRIPTION, "x".repeat(2001)))).contains("at most 2000");
    }

    @Test
    void modesAreAddedCopiedMovedAndRemoved() {
        var two = applied(with(empty, channel("Dimmer", 1)), new DuplicateMode(mode(empty).id(), "Small"));
        assertThat(two.modes()).extracting(Mode::name).containsExactly("Standard", "Small");
        assertThat(two.modes().getLast().channels().getFirst().id()).isNotEqualTo(two.modes().getFirst().channels().getFirst().id());

        var moved = applied(two, new MoveMode(two.modes().getLast().id(), 0));
        assertThat(moved.modes()).extracting(Mode::name).containsExactly("Small", "Standard");
        var one = applied(moved, new RemoveMode(mode(empty).id()));
        assertThat(one.modes()).extracting(Mode::name).containsExactly("Small");

        assertThat(refusal(one, new RemoveMode(one.modes().getFirst().id()))).contains("only mode");
        assertThat(refusal(two, new AddMode("Small"))).isEqualTo("name: There is already a mode called 'Small'.");
        assertThat(refusal(two, new MoveMode(mode(two).id(), 2))).contains("There are 2 modes");
    }

    @Test
    void channelsComeWithPlacePartDefinitionAndRange() {
        var type = with(empty, channel("Pan", 2), channel("Tilt", 2), channel("Dimmer", 1),
                new NewChannel("Gobo1", "Static gobos", 1, null, null, null));

        assertThat(map(type)).isEqualTo("[Pan[1, 2], Tilt[3, 4], Dimmer[5], Gobo1[6]]");
        assertThat(mode(type).channels()).extracting(Channel::geometry).containsExactly("Yoke", "Head", "Beam", "Beam");
        assertThat(mode(type).channels().getFirst().start()).isEqualTo(32768);
        assertThat(Spans.of(mode(type).channels().getFirst()).getFirst().physicalAt(0)).isEqualTo(-270);
        assertThat(mode(type).channels().get(2).highlight()).isEqualTo(new DmxValue(255, 1));
        assertThat(mode(type).channels().get(3).functions().findFirst().orElseThrow().name()).isEqualTo("Static gobos");
        assertThat(mode(type).channels().get(3).logicalChannels().getFirst().snap()).isEqualTo(LogicalChannel.Snap.YES);
        assertThat(type.attributeDefinitions().find("Gobo1")).isPresent();
    }

    @Test
    void aRunOfChannelsIsInsertedAndTheLaterOnesMakeRoom() {
        var type = with(empty, channel("Pan", 1), channel("Dimmer", 1));

        var after = applied(type, new AddChannels(mode(type).id(), List.of(channel("ColorAdd_R", 2), channel("ColorAdd_G", 2)), 2));

        assertThat(map(after)).isEqualTo("[Pan[1], ColorAdd_R[2, 3], ColorAdd_G[4, 5], Dimmer[6]]");
    }

    @Test
    void channelsThatDoNotFitAreRefusedWithTheReason() {
        var type = with(empty, channel("Dimmer", 1));
        int mode = mode(type).id();

        assertThat(refusal(type, new AddChannels(mode, List.of(channel("Dimmer", 1)), null)))
            .contains("already has the channel 'Beam_Dimmer'");
        assertThat(refusal(type, new AddChannels(mode, List.of(channel("Sparkle", 1)), null)))
            .startsWith("attribute: 'Sparkle' is neither defined");
        assertThat(refusal(type, new AddChannels(mode, List.of(channel("Zoom", 5)), null)))
            .startsWith("bytes: A channel is 1 to 4 bytes wide");
        assertThat(refusal(type, new AddChannels(mode, List.of(new NewChannel("Zoom", "", 2, null, List.of(512, 513), null)), null)))
            .contains("would stand on address 513");
        assertThat(refusal(type, new AddChannels(mode, List.of(new NewChannel("Zoom", "", 2, null, List.of(1, 2), null)), null)))
            .contains("an address that is in use: 1");
        assertThat(refusal(type, new AddChannels(mode, List.of(new NewChannel("Zoom", "", 1, "Snout", null, null)), null)))
            .contains("no part called 'Snout'");
    }

    @Test
    void removedChannelsLeaveAGapOrCloseIt() {
        var type = with(empty, channel("Pan", 2), channel("Zoom", 2), channel("Dimmer", 1));

        assertThat(map(applied(type, new RemoveChannels(List.of(id(type, "Zoom")), false)))).isEqualTo("[Pan[1, 2], Dimmer[5]]");
        assertThat(map(applied(type, new RemoveChannels(List.of(id(type, "Zoom")), true)))).isEqualTo("[Pan[1, 2], Dimmer[3]]");
        assertThat(refusal(Fixtures.spot(), new RemoveChannels(List.of(id(Fixtures.spot(), "StrobeMode")), true)))
            .contains("'Strobe' of 'Yoke_Shutter1' waits for");
    }

    @Test
    void aMovedChannelTakesItsAddressesAlong() {
        var type = with(empty, channel("Pan", 2), channel("Zoom", 2), channel("Dimmer", 1));

        assertThat(map(applied(type, new MoveChannel(id(type, "Dimmer"), 1)))).isEqualTo("[Dimmer[1], Pan[2, 3], Zoom[4, 5]]");
        assertThat(map(applied(type, new MoveChannel(id(type, "Pan"), 4)))).isEqualTo("[Zoom[1, 2], Dimmer[3], Pan[4, 5]]");
        assertThat(refusal(type, new MoveChannel(id(type, "Pan"), 512))).contains("starts from 1 to 511; 512 is outside");
    }

    @Test
    void severalChannelsReactAlike() {
        var type = with(empty, channel("Pan", 2), channel("Zoom", 2));
        var both = mode(type).channels().stream().map(Channel::id).toList();

        var after = applied(type, new SetReaction(both, LogicalChannel.Snap.YES, null, 0.5, null));

        assertThat(mode(after).channels()).allSatisfy(each -> {
            assertThat(each.logicalChannels().getFirst().snap()).isEqualTo(LogicalChannel.Snap.YES);
            assertThat(each.logicalChannels().getFirst().mibFade()).isEqualTo(0.5);
        });
        assertThat(refusal(type, new SetReaction(both, null, null, Double.NaN, null))).startsWith("mibFade: A time lies from 0");
    }

    @Test
    void severalEditsCountAsOneOrNone() {
        var renamed = applied(empty, new Several(List.of(new RenameProfile("One"), new RenameMode(mode(empty).id(), "Two"))));
        assertThat(renamed.name() + mode(renamed).name()).isEqualTo("OneTwo");
        assertThat(refusal(empty, new Several(List.of(new RenameProfile("One"), new RenameMode(-1, "Two"))))).startsWith("mode: ");
    }

    @Test
    void aFunctionIsDividedSoThatWidthsDifferByAtMostOne() {
        var type = with(empty, new NewChannel("Gobo1", "Gobo", 1, null, null, null));
        int function = mode(type).channels().getFirst().functions().findFirst().orElseThrow().id();

        // 256 values into 7 parts: floor(i 256 / 7) = 0, 36, 73, 109, 146, 182, 219
        var seven = applied(type, new DivideFunction(function, null, 7, 0, "Gobo {number}", 1, 0, null, null));
        assertThat(ranges(seven)).extracting(range -> range.dmxFrom().raw()).containsExactly(0L, 36L, 73L, 109L, 146L, 182L, 219L);
        assertThat(ranges(seven)).extracting(NamedRange::name).startsWith("Gobo 1", "Gobo 2").endsWith("Gobo 7");

        // the second part, 36 to 72, into parts of 10: the last one has 7
        var again = applied(seven, new DivideFunction(function, ranges(seven).get(1).id(), 0, 10, "Shake {number}", 0, 0, null, null));
        assertThat(ranges(again)).extracting(range -> range.name() + "@" + range.dmxFrom().raw())
            .startsWith("Gobo 1@0", "Shake 0@36", "Shake 1@46", "Shake 2@56", "Shake 3@66", "Gobo 3@73");

        assertThat(refusal(type, new DivideFunction(function, null, 257, 0, "{number}", 1, 0, null, null)))
            .contains("there are 256 values: 1 to 256 parts are possible, not 257");
        assertThat(refusal(type, new DivideFunction(function, null, 0, 0, "{number}", 1, 0, null, null))).contains("into how many parts");
        assertThat(refusal(type, new DivideFunction(function, null, 2, 0, "{number}", 1, 1, null, null)))
            .contains("works on no wheel with slots");
    }

    @ParameterizedTest
    @CsvSource({"false, 3", "true, 6"})
    void aDivisionThatIsNotCountedHasAPartForEachSlotAndEachPlaceBetweenTwo(boolean splits, int parts) {
        var type = ProfileBuilder.profile("Tidewick", "Dinghy")
            .wheel("Colours", slots -> slots.open("Open").gobo("Red", "").gobo("Blue", ""))
            .body(part(Kind.Beam, "Beam"))
            .mode("Main", "Beam",
                    mode -> mode.channel("Color1", "Beam", at(1),
                            channel -> channel.function("Colour", 0, f -> f.wheel("Colours"))))
            .build();
        int function = mode(type).channels().getFirst().functions().findFirst().orElseThrow().id();

        assertThat(ranges(applied(type, new DivideFunction(function, null, 0, 0, "{slot}", 1, 1, null, splits)))).hasSize(parts);
    }

    @Test
    void aDivisionCountsTheSlotsOfItsWheel() {
        var spot = Fixtures.spot();
        var after = applied(spot, new DivideFunction(Fixtures.function(spot, "Still").id(), null, 4, 0, "G{number}", 1, 2, null, null));
        assertThat(Fixtures.function(after, "Still").ranges()).extracting(NamedRange::slot)
            .as("a wheel of three")
            .containsExactly(2, 3, 1, 2);
    }

    private static List<NamedRange> ranges(FixtureType type) {
        return mode(type).channels().getFirst().functions().findFirst().orElseThrow().ranges();
    }

    @Test
    void aPastedTableBecomesRanges() {
        var type = with(empty, new NewChannel("Control1", "Control", 1, null, null, null));
        int function = mode(type).channels().getFirst().functions().findFirst().orElseThrow().id();
        var rows = List.of(new SetRanges.Row(100, "Lamp on", null, null, 0), new SetRanges.Row(0, "Idle", null, null, 0));

        assertThat(ranges(applied(type, new SetRanges(function, rows)))).extracting(NamedRange::name).containsExactly("Idle", "Lamp on");
        assertThat(refusal(type, new SetRanges(function, List.of(rows.getFirst(), rows.getFirst())))).contains("both start at 100");
        assertThat(refusal(type, new SetRanges(function, List.of(new SetRanges.Row(256, "X", null, null, 0)))))
            .contains("runs from 0 to 255; 'X' at 256 is outside");
    }

    @Test
    void functionsWaitForChannelsThatMayWaitForThem() {
        var spot = Fixtures.spot();
        int rhythm = Fixtures.function(spot, "Rhythm").id();
        int shutter = Fixtures.channel(spot, "Shutter1").id();

        var after = applied(spot, new SetModeMaster(Fixtures.function(spot, "Pan").id(), shutter, 64, 255));
        assertThat(Fixtures.function(after, "Pan").modeMaster()).isEqualTo("Yoke_Shutter1");
        assertThat(applied(after, new SetModeMaster(Fixtures.function(spot, "Pan").id(), null, 0, 0))).isEqualTo(spot);

        // the strobe waits for the rhythm already: each looks at the other's value alone, so both count at some values
        var mutual = applied(spot, new SetModeMaster(rhythm, shutter, 0, 10));
        assertThat(Checks.of(mutual)).extracting(Finding::rule).doesNotContain("cyclic-mode-master");
        assertThat(CompiledMode.of(mutual, mode(mutual)).resolve(new long[]{0, 0, 5, 128}))
            .extracting(each -> each.function() == null ? "" : each.function().name())
            .endsWith("Closed", "Rhythm");
        assertThat(refusal(spot, new SetModeMaster(rhythm, shutter, 0, 256))).contains("lie from 0 to 255");
    }

    @Test
    void functionsAreLaidOntoAnotherChannelInItsWidth() {
        var type = with(empty, new NewChannel("Gobo1", "Gobo", 1, null, null, null),
                new NewChannel("Gobo2", "Second", 2, null, null, null));
        int function = mode(type).channels().getFirst().functions().findFirst().orElseThrow().id();
        type = applied(type, new DivideFunction(function, null, 4, 0, "G{number}", 1, 0, null, null));

        var after = applied(type, new LayStencil(id(type, "Gobo2"), Stencil.of(mode(type).channels().getFirst())));

        var laid = mode(after).channels().getLast().functions().findFirst().orElseThrow();
        assertThat(laid.attribute()).isEqualTo("Gobo2");
        assertThat(laid.ranges()).extracting(range -> range.dmxFrom().raw()).containsExactly(0L, 0x4000L, 0x8000L, 0xC000L);
    }

    @Test
    void aCorrectedFunctionIsBroughtToTheModesThatHaveIt() {
        var one = with(empty, channel("Zoom", 1));
        var two = applied(one, new DuplicateMode(mode(one).id(), "Small"));
        int zoom = mode(two).channels().getFirst().functions().findFirst().orElseThrow().id();
        var corrected = applied(two, new SetFunctionPhysical(zoom, 8.0, 42.0));

        var twins = BringFunction.twins(corrected, zoom);
        assertThat(twins).singleElement().satisfies(twin -> assertThat(twin.differs()).isTrue());
        var brought = applied(corrected, new BringFunction(zoom, List.of(twins.getFirst().mode().id())));

        assertThat(brought.modes().getLast().channels().getFirst().functions().findFirst().orElseThrow().physicalTo()).isEqualTo(42);
        assertThat(BringFunction.twins(brought, zoom)).singleElement().satisfies(twin -> assertThat(twin.differs()).isFalse());
    }

    @Test
    void aVirtualDimmerScalesEveryEmitter() {
        var type = applied(with(empty, channel("ColorAdd_R", 1), channel("ColorAdd_G", 1)), new AddVirtualDimmer(mode(empty).id()));

        assertThat(mode(type).relations()).extracting(each -> each.master() + " -> " + each.follower())
            .containsExactly("Base_Dimmer -> Beam_ColorAdd_R.ColorAdd_R.Red", "Base_Dimmer -> Beam_ColorAdd_G.ColorAdd_G.Green");
        var resolver = Resolver.of(type, mode(type));
        // red 200, green 100, dimmer 51 = 0.2 of full
        assertThat(resolver.resolve(new long[]{200, 100, 51}).getFirst().scale()).isEqualTo(0.2);
        assertThat(refusal(type, new AddVirtualDimmer(mode(type).id()))).contains("has a dimmer already");
        assertThat(refusal(empty, new AddVirtualDimmer(mode(empty).id()))).contains("no emitter");
    }

    /** Both would be called 'Cell_Dimmer'. */
    @Test
    void twoChannelsOfOneAttributeAreNoCell() {
        var type = ProfileBuilder.profile("Testers", "Two")
            .id("T")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .body(part(Kind.Geometry, "B", part(Kind.Beam, "Left"), part(Kind.Beam, "Right")))
            .mode("M", "B", mode -> mode
                .channel("Dimmer", "Left", at(1), c -> c.function("Dimmer", 0, f -> {}))
                .channel("Dimmer", "Right", at(2), c -> c.function("Dimmer", 0, f -> {})))
            .build();

        assertThat(refusal(type,
                new MakeCells(mode(type).id(), mode(type).channels().stream().map(Channel::id).toList(), "Cell", 3, 2, 2, 3,
                        MakeCells.Order.ROWS)))
            .isEqualTo(
                    "channels: Two channels of mode 'M' would be called 'Cell_Dimmer'; a part has one channel of each attribute. Give one of them another attribute or part first.");
    }

    @Test
    void sharedChannelsBecomeCells() {
        var type = with(empty, channel("Dimmer", 1), channel("ColorAdd_R", 1), channel("ColorAdd_G", 1), channel("Zoom", 2));

        var after = applied(type, new MakeCells(mode(type).id(), List.of(id(type, "ColorAdd_R"), id(type, "ColorAdd_G")), "Cell", 3, 2, 2,
                3, MakeCells.Order.ROWS));

        // dimmer 1, three cells of two from 2, zoom behind them
        assertThat(map(after)).isEqualTo("[Dimmer[1], ColorAdd_R[1], ColorAdd_G[2], Zoom[8, 9]]");
        var placed = AddressMap.of(after, mode(after));
        assertThat(placed.totalFootprint()).isEqualTo(9);
        assertThat(placed.channels().stream().filter(each -> each.channel().attribute().equals("ColorAdd_G")).map(PlacedChannel::addresses))
            .containsExactly(List.of(3), List.of(5), List.of(7));
        assertThat(placed.overlaps()).isEmpty();
        assertThat(placed.gaps()).isEmpty();

        // a channel in front pushes the cells
        var pushed = applied(after, new AddChannels(mode(after).id(), List.of(channel("Iris", 1)), 1));
        assertThat(AddressMap.of(pushed, mode(pushed))
            .channels()
            .stream()
            .filter(each -> each.channel().attribute().equals("ColorAdd_R"))
            .map(PlacedChannel::addresses)).containsExactly(List.of(3), List.of(5), List.of(7));
        assertThat(AddressMap.of(pushed, mode(pushed)).gaps()).isEmpty();
    }

    @Test
    void aModeHasSeveralBlocksOfCellsInGridsOfTheirOwn() {
        var type = with(empty, channel("Dimmer", 1), channel("Shutter1Strobe", 1), channel("ColorAdd_R", 1), channel("ColorAdd_G", 1),
                channel("ColorAdd_B", 1), channel("ColorAdd_W", 1), channel("ColorAdd_WW", 1));
        type = applied(type,
                new MakeCells(mode(type).id(),
                        List.of(id(type, "ColorAdd_R"), id(type, "ColorAdd_G"), id(type, "ColorAdd_B"), id(type, "ColorAdd_W")), "Pixel",
                        10, 3, 4, 5, MakeCells.Order.SERPENTINE));

        var after = applied(type,
                new MakeCells(mode(type).id(), List.of(id(type, "ColorAdd_WW")), "Strip", 5, 43, 1, 5, MakeCells.Order.ROWS));

        var map = AddressMap.of(after, mode(after));
        assertThat(FootprintSum.of(map).words()).isEqualTo("2 shared + 10 x 4 + 5 x 1 = 47");
        assertThat(map.overlaps()).isEmpty();
        assertThat(map.channels().stream().filter(each -> each.channel().attribute().equals("ColorAdd_WW")).map(PlacedChannel::addresses))
            .containsExactly(List.of(43), List.of(44), List.of(45), List.of(46), List.of(47));
        assertThat(CellGrid.of(after, mode(after), "Pixel", 10)).isEqualTo(MakeCells.grid(10, 5, MakeCells.Order.SERPENTINE));
        assertThat(CellGrid.of(after, mode(after), "Strip", 5)).isEqualTo(MakeCells.grid(5, 5, MakeCells.Order.ROWS));
    }

    @Test
    void cellsThatDoNotFitAreRefused() {
        var type = with(empty, channel("ColorAdd_R", 2));
        var red = List.of(id(type, "ColorAdd_R"));
        int mode = mode(type).id();

        assertThat(refusal(type, new MakeCells(mode, red, "Cell", 300, 1, 2, 1, MakeCells.Order.ROWS))).contains("would end at 600");
        assertThat(refusal(type, new MakeCells(mode, red, "Cell", 3, 1, 1, 1, MakeCells.Order.ROWS))).contains("A cell needs 2 addresses");
        assertThat(refusal(type, new MakeCells(mode, red, "Head", 3, 1, 2, 1, MakeCells.Order.ROWS)))
            .contains("a part called 'Head' already");
        assertThat(refusal(type, new MakeCells(mode, List.of(), "Cell", 3, 1, 2, 1, MakeCells.Order.ROWS)))
            .contains("made of shared channels");
    }

    /**
     * A dimmer and a shutter at 1 and 2, three colours behind: as cells, each cell's light is reached by both, and no other light is left
     * beside them.
     */
    @Test
    void whatIsSharedReachesTheCells() {
        var type = with(empty, channel("Dimmer", 1), channel("Shutter1", 1), channel("ColorAdd_R", 1), channel("ColorAdd_G", 1));
        var colours = mode(type).channels().stream().filter(each -> each.attribute().startsWith("ColorAdd")).map(Channel::id).toList();

        var after = applied(type, new MakeCells(mode(type).id(), colours, "Cell", 4, 3, 2, 4, MakeCells.Order.ROWS));

        var compiled = CompiledMode.of(after, mode(after));
        assertThat(LightPlaces.of(compiled).places()).hasSize(4)
            .allSatisfy(
                    place -> assertThat(place.channels().stream().map(each -> compiled.map().channels().get(each).channel().attribute()))
                        .containsExactlyInAnyOrder("Dimmer", "Shutter1", "ColorAdd_R", "ColorAdd_G"));
        assertThat(compiled.map().footprint()).containsEntry(1, 10);
    }

    @Test
    void cellsBeyondAllNumbersAreRefused() {
        var type = with(empty, channel("ColorAdd_R", 1));

        assertThat(refusal(type, new MakeCells(mode(type).id(), List.of(mode(type).channels().getFirst().id()), "Cell", 3, 1,
                Integer.MAX_VALUE, 3, MakeCells.Order.ROWS)))
            .contains("a universe has 512");
    }

    /** A function that is cut from a conditional one counts when that one does, stands behind it, and the channel starts where it did. */
    @Test
    void aNewFunctionTakesOverTheConditionAndLeavesTheStart() {
        var spot = Fixtures.spot();
        var shutter = Fixtures.channel(spot, "Shutter1");
        var only = applied(applied(spot, new RemoveFunction(Fixtures.function(spot, "Closed").id())),
                new RemoveFunction(Fixtures.function(spot, "Open").id()));
        long before = Fixtures.channel(only, "Shutter1").start();

        var after = applied(only, new AddFunction(shutter.id(), "Pulse", "Shutter1Strobe", 200));

        var pulse = Fixtures.function(after, "Pulse");
        assertThat(pulse.modeMaster()).isEqualTo("Base_StrobeMode");
        assertThat(pulse.modeFrom().raw()).isEqualTo(128);
        assertThat(Fixtures.channel(after, "Shutter1").functions().map(each -> each.name())).containsExactly("Strobe", "Pulse");
        assertThat(Fixtures.channel(after, "Shutter1").start()).isEqualTo(before);
    }

    @Test
    void aFunctionInFrontOfAllOthersDoesNotMoveTheStart() {
        var spot = applied(Fixtures.spot(), new MoveFunctionStart(Fixtures.function(Fixtures.spot(), "Still").id(), 10));
        long before = Fixtures.channel(spot, "Gobo1").start();

        var after = applied(spot, new AddFunction(Fixtures.channel(spot, "Gobo1").id(), "Rest", "NoFeature", 0));

        assertThat(Fixtures.channel(after, "Gobo1").functions().map(each -> each.name())).first().isEqualTo("Rest");
        assertThat(Fixtures.channel(after, "Gobo1").start()).isEqualTo(before);
    }

    /** A cell of one byte, the next one right behind it: a fine byte has no room there. */
    @Test
    void aWiderChannelOfACellMakesItsRoomOrIsRefused() {
        var cells = Fixtures.nestedCells();
        var dimmer = Fixtures.channel(cells, "Dimmer");
        var red = Fixtures.channel(cells, "ColorAdd_R"); // on 1 and 3 of three addresses

        assertThat(Fixtures.channel(applied(cells, new ChangeWidth(dimmer.id(), 2)), "Dimmer").offsets()).containsExactly(1, 3);
        assertThat(Fixtures.channel(applied(cells, new ChangeWidth(red.id(), 3)), "ColorAdd_R").offsets()).hasSize(3);
        assertThat(Checks.of(applied(cells, new ChangeWidth(red.id(), 3)))).extracting(Finding::rule).doesNotContain("address-overlap");
    }

    @Test
    void severalHoldNoBeginning() {
        assertThat(refusal(empty, new Several(List.of(new BecomeCopy("A", "B", "00000000-0000-0000-0000-000000000009", null)))))
            .contains("nor the beginning of a profile");
    }

    /** What is removed takes its relations and its values in macros along, and says so. */
    @Test
    void removedChannelsLeaveNoDanglingLinks() {
        var type = applied(with(empty, channel("ColorAdd_R", 1)), new AddVirtualDimmer(mode(empty).id()));
        var red = Fixtures.channel(type, "ColorAdd_R");
        var withMacro = type.mapModes(each -> each.withMacros(List.of(new Macro("Blink", "",
                List.of(new Macro.Step(1, List.of(new Macro.Value(new DmxValue(255, 1), red.name(), Source.NONE)), Source.NONE)),
                Source.NONE))));
        var edit = new RemoveChannels(List.of(red.id()), true);

        var after = applied(withMacro, edit);

        assertThat(mode(after).relations()).isEmpty();
        assertThat(mode(after).macros().getFirst().steps().getFirst().values()).isEmpty();
        assertThat(edit.describe(withMacro)).endsWith(", with one relation");
    }

    @Test
    void aModeThatSharesItsBodyGetsOneOfItsOwnForItsCells() {
        var one = with(empty, channel("ColorAdd_R", 1));
        var two = applied(one, new DuplicateMode(mode(one).id(), "Pixels"));
        var pixels = two.modes().getLast();

        var after = applied(two,
                new MakeCells(pixels.id(), List.of(pixels.channels().getFirst().id()), "Cell", 4, 1, 1, 4, MakeCells.Order.SERPENTINE));

        assertThat(AddressMap.of(after, after.modes().getFirst()).totalFootprint()).isEqualTo(1);
        assertThat(AddressMap.of(after, after.modes().getLast()).totalFootprint()).isEqualTo(4);
    }

    /** Any edits, fitting or not, in any order: what was accepted is undone to the identical document, and written and read back equal. */
    @Property(tries = 150)
    void acceptedEditsAreUndoneAndSurviveTheFile(@ForAll Random random) {
        var history = History.<FixtureType, Edit>of(empty);
        for (int i = 0; i < 25; i++) {
            if (history.apply(someEdit(history.current(), random)) instanceof History.Result.Changed<FixtureType, Edit> changed) {
                history = changed.history();
            }
        }
        var read = GdtfDescription.read(GdtfDescription.of(history.current()).write()).type();
        assertThat(read).usingRecursiveComparison()
            .ignoringFieldsMatchingRegexes("(.*\\.)?id", "(.*\\.)?nextId", "(.*\\.)?source", "house")
            .isEqualTo(history.current());
        // a step back is what the steps before it make, from the beginning
        for (var back = history.undo(); back.isPresent(); back = back.get().undo()) {
            history = back.get();
            var replayed = empty;
            for (var step : history.counting()) {
                replayed = applied(replayed, step.edit());
            }
            assertThat(history.current()).isEqualTo(replayed);
        }
    }

    private static Edit someEdit(FixtureType type, Random random) {
        var mode = type.modes().get(random.nextInt(type.modes().size()));
        var attributes = List.of("Pan", "Tilt", "Dimmer", "Gobo1", "Gobo2", "ColorAdd_R", "ColorAdd_G", "Zoom", "Control1",
                "Shutter1Strobe");
        var channels = mode.channels();
        int channel = channels.isEmpty() ? -1 : channels.get(random.nextInt(channels.size())).id();
        int function = Optional.of(channel)
            .flatMap(id -> mode.findChannel(id))
            .flatMap(each -> each.functions().findFirst())
            .map(each -> each.id())
            .orElse(-1);
        int range = mode.channels()
            .stream()
            .flatMap(Channel::functions)
            .flatMap(each -> each.ranges().stream())
            .skip(random.nextInt(4))
            .findFirst()
            .map(NamedRange::id)
            .orElse(-1);
        int wheel = type.wheels().isEmpty() ? -1 : type.wheels().get(random.nextInt(type.wheels().size())).id();
        return switch (random.nextInt(26)) {
            case 0, 1, 2 ->
                new AddChannels(mode.id(), List.of(channel(attributes.get(random.nextInt(attributes.size())), random.nextInt(5))),
                        random.nextBoolean() ? null : 1 + random.nextInt(8));
            case 3 -> new RemoveChannels(List.of(channel), random.nextBoolean());
            case 4 -> new MoveChannel(channel, random.nextInt(20));
            case 5 -> new DivideFunction(function, null, random.nextInt(9), 0, "Part {number}", 1, 0, null, null);
            case 6 -> new DuplicateMode(mode.id(), "Mode " + random.nextInt(6));
            case 7 -> new ChangeWidth(channel, 1 + random.nextInt(4));
            case 8 -> new AddVirtualDimmer(mode.id());
            case 9 -> new MakeCells(mode.id(), List.of(channel), "Cell" + random.nextInt(3), 2 + random.nextInt(4), 1 + random.nextInt(6),
                    1 + random.nextInt(4), 1 + random.nextInt(3), MakeCells.Order.ROWS);
            case 10 ->
                new AddFunction(channel, "F" + random.nextInt(5), attributes.get(random.nextInt(attributes.size())), random.nextInt(300));
            case 11 -> new ChangeAttribute(channel, attributes.get(random.nextInt(attributes.size())));
            case 12 -> new SetStartValue(channel, random.nextInt(300));
            case 13 -> new CopyChannels(List.of(channel), type.modes().get(random.nextInt(type.modes().size())).id());
            case 14 -> new MoveRangeEnd(range, random.nextInt(300));
            case 15 -> new SetLevels(List.of(channel), SetLevels.Level.values()[random.nextInt(3)], random.nextInt(120) + " %");
            case 16 -> new InvertFunction(function);
            case 17 -> mode.findChannel(channel)
                .<Edit>map(each -> new LayStencil(mode.channels().get(random.nextInt(channels.size())).id(), Stencil.of(each)))
                .orElse(new AddMode("X"));
            case 18 -> new SetCare(List.of(channel), House.Tint.RED, "Noisy");
            case 19 -> new MarkRange(range, new House.Mark(House.Sign.OPEN, "", ""));
            case 21 -> new AddWheel("Wheel " + random.nextInt(3), null);
            case 22 -> new AddSlot(wheel, 1 + random.nextInt(3), "Slot");
            case 23 -> new MoveSlot(wheel, 1 + random.nextInt(3), 1 + random.nextInt(3));
            case 24 -> new SetWheel(function, type.wheels().isEmpty() ? "" : type.wheels().getFirst().name());
            case 20 -> new SetChartCount(mode.id(), 1 + random.nextInt(20));
            default -> new RemoveMode(mode.id());
        };
    }
}
