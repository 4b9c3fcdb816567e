package yellowkite.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import yellowkite.core.Documents;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.edit.AddChannels;
import yellowkite.core.edit.AddFunction;
import yellowkite.core.edit.AddMode;
import yellowkite.core.edit.AddRange;
import yellowkite.core.edit.AddSlot;
import yellowkite.core.edit.ChangeAddresses;
import yellowkite.core.edit.ChangeWidth;
import yellowkite.core.edit.DescribeMode;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.InvertFunction;
import yellowkite.core.edit.MoveFunctionStart;
import yellowkite.core.edit.MoveRangeStart;
import yellowkite.core.edit.NewChannel;
import yellowkite.core.edit.PutCurve;
import yellowkite.core.edit.RemoveChannels;
import yellowkite.core.edit.RemoveFunction;
import yellowkite.core.edit.RemoveMode;
import yellowkite.core.edit.RemoveRange;
import yellowkite.core.edit.RemoveSlot;
import yellowkite.core.edit.RenameFunction;
import yellowkite.core.edit.RenameMode;
import yellowkite.core.edit.RenameProfile;
import yellowkite.core.edit.RenameRange;
import yellowkite.core.edit.SetAttributeUnit;
import yellowkite.core.edit.SetBounds;
import yellowkite.core.edit.SetFade;
import yellowkite.core.edit.SetFunctionPhysical;
import yellowkite.core.edit.SetHighlight;
import yellowkite.core.edit.SetIdentity;
import yellowkite.core.edit.SetModeMaster;
import yellowkite.core.edit.SetRangePhysical;
import yellowkite.core.edit.SetRangeSlot;
import yellowkite.core.edit.SetReaction;
import yellowkite.core.edit.SetSlot;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.ColorSpace;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.xml.Source;

class ComparisonTest {
    private static final FixtureType SPOT = Fixtures.spot();

    private static FixtureType after(FixtureType type, Edit edit) {
        return switch (edit.applyTo(type)) {
            case Outcome.Applied<FixtureType> so -> so.after();
            case Outcome.Rejected<FixtureType> why -> throw new AssertionError(why.reason());
        };
    }

    private static Comparison compare(FixtureType left, FixtureType right) {
        return Comparison.of(Side.of(left), Side.of(right));
    }

    private static int channel(String attribute) {
        return Fixtures.channel(SPOT, attribute).id();
    }

    private static ChannelFunction function(String name) {
        return SPOT.modes()
            .getFirst()
            .channels()
            .stream()
            .flatMap(each -> each.functions())
            .filter(each -> each.name().equals(name))
            .findFirst()
            .orElseThrow();
    }

    private static NamedRange range(String name) {
        return SPOT.modes()
            .getFirst()
            .channels()
            .stream()
            .flatMap(each -> each.functions())
            .flatMap(each -> each.ranges().stream())
            .filter(each -> each.name().equals(name))
            .findFirst()
            .orElseThrow();
    }

    static Stream<Arguments> everyKind() {
        int mode = SPOT.modes().getFirst().id();
        int wheel = SPOT.wheels().getFirst().id();
        return Stream.of(
                Arguments.of(new ChangeAddresses(channel("StrobeMode"), List.of(40)), Kind.CHANNEL_MOVED, Rank.BREAKS),
                Arguments.of(new ChangeAddresses(channel("StrobeMode"), List.of(40)), Kind.FOOTPRINT, Rank.BREAKS),
                Arguments.of(new ChangeWidth(channel("Pan"), 1), Kind.WIDTH, Rank.BREAKS),
                Arguments.of(new RemoveChannels(List.of(channel("Pan")), false), Kind.CHANNEL_REMOVED, Rank.BREAKS),
                Arguments.of(new AddChannels(mode, List.of(new NewChannel("Iris", "", 1, null, null, List.of())), null), Kind.CHANNEL_ADDED,
                        Rank.ADDS),
                Arguments.of(new SetStartValue(channel("Pan"), 100), Kind.START, Rank.SHIFTS),
                Arguments.of(new SetHighlight(channel("Pan"), 77L), Kind.HIGHLIGHT, Rank.SHIFTS),
                Arguments.of(new SetReaction(List.of(channel("Pan")), LogicalChannel.Snap.ON, null, null, null), Kind.REACTION,
                        Rank.SHIFTS),
                Arguments.of(new MoveFunctionStart(function("Shake").id(), 90), Kind.FUNCTION_MOVED, Rank.BREAKS),
                Arguments.of(new RenameFunction(function("Shake").id(), "Wobble"), Kind.FUNCTION_RENAMED, Rank.COSMETIC),
                Arguments.of(new RemoveFunction(function("Shake").id()), Kind.FUNCTION_REMOVED, Rank.BREAKS),
                Arguments.of(new AddFunction(channel("Pan"), "Also", "Pan", 60_000), Kind.FUNCTION_ADDED, Rank.SHIFTS), // the end, 65535, is Pan still, at 1 instead of 270 degrees
                Arguments.of(new SetFunctionPhysical(function("Shake").id(), 1.0, 9.0), Kind.PHYSICAL, Rank.SHIFTS),
                Arguments.of(new InvertFunction(function("Shake").id()), Kind.INVERTED, Rank.BREAKS),
                Arguments.of(SetBounds.both(function("Shake").id(), 2.0, null), Kind.BOUNDS, Rank.SHIFTS),
                Arguments.of(new SetFade(function("Shake").id(), 2.0, 0.0), Kind.FADE, Rank.SHIFTS),
                Arguments.of(new SetModeMaster(function("Shake").id(), channel("StrobeMode"), 0, 9), Kind.CONDITION, Rank.BREAKS),
                Arguments.of(new MoveRangeStart(range("Dots").id(), 22), Kind.RANGE_MOVED, Rank.SHIFTS), // 20 to 39: its middle, 29, stays
                Arguments.of(new MoveRangeStart(range("Dots").id(), 35), Kind.RANGE_MOVED, Rank.BREAKS),
                Arguments.of(new RenameRange(range("Dots").id(), "Spots"), Kind.RANGE_RENAMED, Rank.COSMETIC),
                Arguments.of(new RemoveRange(range("Dots").id()), Kind.RANGE_REMOVED, Rank.BREAKS), // its middle, 29, brings in the slot of Open now
                Arguments.of(new AddRange(function("Still").id(), "More", 60), Kind.RANGE_ADDED, Rank.BREAKS), // the middle of Bars, 69, lies in it
                Arguments.of(new SetRangeSlot(range("Dots").id(), 3), Kind.RANGE_SLOT, Rank.BREAKS),
                Arguments.of(new SetRangePhysical(range("Dots shaking").id(), 0.1, 0.2), Kind.RANGE_PHYSICAL, Rank.SHIFTS),
                Arguments.of(new AddMode("Tiny"), Kind.MODE_ADDED, Rank.ADDS),
                Arguments.of(new RenameMode(mode, "Large"), Kind.MODE_RENAMED, Rank.COSMETIC),
                Arguments.of(new DescribeMode(mode, "All of it"), Kind.MODE_TEXT, Rank.COSMETIC),
                Arguments.of(new SetSlot(wheel, 2, null, null, null, "dashes", null, null), Kind.SLOT_CONTENT, Rank.BREAKS),
                Arguments.of(SetSlot.named(wheel, 2, "Specks"), Kind.SLOT_RENAMED, Rank.COSMETIC),
                Arguments.of(new AddSlot(wheel, 4, "Fourth"), Kind.SLOT_ADDED, Rank.ADDS),
                Arguments.of(new RemoveSlot(wheel, 3), Kind.SLOT_REMOVED, Rank.BREAKS),
                Arguments.of(new PutCurve("Ours", List.of(new PutCurve.Piece(0, 0, 0, 1, 0))), Kind.CURVE, Rank.ADDS),
                Arguments.of(new SetAttributeUnit("Pan", PhysicalUnit.Percent), Kind.UNIT, Rank.SHIFTS),
                Arguments.of(new RenameProfile("Other"), Kind.IDENTITY, Rank.COSMETIC),
                Arguments.of(new SetIdentity(SetIdentity.Field.DESCRIPTION, "Words"), Kind.IDENTITY, Rank.COSMETIC));
    }

    @ParameterizedTest
    @MethodSource("everyKind")
    void findsEachKindOfDifferenceAndSaysWhatItDoesToAShow(Edit edit, Kind kind, Rank rank) {
        var differences = compare(SPOT, after(SPOT, edit)).differences();

        assertThat(differences).filteredOn(each -> each.kind() == kind)
            .as("%s", differences)
            .isNotEmpty()
            .allSatisfy(each -> assertThat(each.rank()).isEqualTo(rank));
    }

    /** Open from 0 to 127 was stored at its middle, 63; a new range from 60 on turns the show blue. */
    @Test
    void aNewRangeInsideAnOldOneBreaksWhatWasStoredForIt() {
        var wheel = ProfileBuilder.profile("Testers", "Wheel")
            .wheel("Glass", each -> each.open("Open").color("Red", new ColorCie(0.69, 0.31, 20)).color("Blue", new ColorCie(0.15, 0.06, 5)))
            .body(part(Geometry.Kind.Beam, "Lens"));
        var left = wheel
            .mode("Main", "Lens",
                    mode -> mode.channel("Color1", "Lens", at(1), c -> c.function("Wheel", 0, f -> f.wheel("Glass").range("Open", 0, 1))))
            .build();
        var right = ProfileBuilder.profile("Testers", "Wheel")
            .wheel("Glass", each -> each.open("Open").color("Red", new ColorCie(0.69, 0.31, 20)).color("Blue", new ColorCie(0.15, 0.06, 5)))
            .body(part(Geometry.Kind.Beam, "Lens"))
            .mode("Main", "Lens",
                    mode -> mode.channel("Color1", "Lens", at(1),
                            c -> c.function("Wheel", 0, f -> f.wheel("Glass").range("Open", 0, 1).range("Blue", 60, 3))))
            .build();

        assertThat(compare(left, right).differences()).filteredOn(each -> each.kind() == Kind.RANGE_ADDED)
            .singleElement()
            .satisfies(each -> assertThat(each.rank()).isEqualTo(Rank.BREAKS));
        assertThat(compare(left, right).worst(Rank.COSMETIC)).isEqualTo(Rank.BREAKS);
    }

    private static FixtureType cells(int second, int third) {
        return ProfileBuilder.profile("Testers", "Cells")
            .body(part(Geometry.Kind.Geometry, "Base", reference("One", "Cell", 21), reference("Two", "Cell", second),
                    reference("Three", "Cell", third)))
            .body(part(Geometry.Kind.Beam, "Cell"))
            .mode("Main", "Base",
                    mode -> mode.channel("Dimmer", "Base", at(30), c -> c.function("", 0, f -> {}))
                        .channel("ColorAdd_R", "Cell", at(1), c -> c.function("", 0, f -> {})))
            .build();
    }

    @Test
    void cellsThatMoveBreakWhatWasStoredForThem() {
        assertThat(compare(cells(23, 27), cells(25, 27)).worst(Rank.COSMETIC)).isEqualTo(Rank.BREAKS); // the footprint stays
        assertThat(compare(cells(23, 27), cells(27, 23)).worst(Rank.COSMETIC)).isEqualTo(Rank.BREAKS); // two change places
    }

    /** One more channel behind all others: nothing that was stored means anything else. */
    @Test
    void aChannelAtTheEndAdds() {
        var after = after(SPOT,
                new AddChannels(SPOT.modes().getFirst().id(), List.of(new NewChannel("Iris", "", 1, null, null, null)), null));

        assertThat(compare(SPOT, after).differences()).filteredOn(each -> each.rank() != Rank.COSMETIC)
            .extracting(Difference::kind)
            .containsExactlyInAnyOrder(Kind.CHANNEL_ADDED, Kind.FOOTPRINT);
        assertThat(compare(SPOT, after).worst(Rank.COSMETIC)).isEqualTo(Rank.ADDS);
    }

    @Test
    void colourSpacesAndPhysicalFactsAreSeen() {
        UnaryOperator<FixtureType> proPhoto = type -> type.with(f -> f.physicalDescriptions = new PhysicalDescriptions(
                new ColorSpace(ColorSpace.Mode.ProPhoto, "", "", null, null, null, null, Source.NONE), List.of(), List.of(), List.of(),
                List.of(), List.of(), List.of(), List.of(), f.physicalDescriptions.properties(), Source.NONE));

        assertThat(compare(SPOT, proPhoto.apply(SPOT)).worst(Rank.COSMETIC)).isEqualTo(Rank.SHIFTS);
        assertThat(compare(SPOT, SPOT.with(f -> f.canHaveChildren = !f.canHaveChildren)).differences()).singleElement()
            .satisfies(each -> assertThat(each.says()).isEqualTo("Its can have children differs."));
    }

    /** Slots 2 and 3 exchange their pictures: the ranges bring in the other one. */
    @Test
    void picturesThatChangePlacesBreak() {
        int wheel = SPOT.wheels().getFirst().id();
        var swapped = after(after(SPOT, new SetSlot(wheel, 2, null, null, null, "bars", null, null)),
                new SetSlot(wheel, 3, null, null, null, "dots", null, null));

        assertThat(compare(SPOT, swapped).differences()).filteredOn(each -> each.kind() == Kind.SLOT_CONTENT)
            .hasSize(2)
            .allSatisfy(each -> assertThat(each.rank()).isEqualTo(Rank.BREAKS));
        assertThat(compare(SPOT, swapped).differences()).filteredOn(each -> "Yoke_Gobo1".equals(each.place().channel()))
            .extracting(Difference::rank)
            .contains(Rank.BREAKS);
    }

    /** A strobe that only counts while another channel says so: in that situation its value means something else. */
    @Test
    void situationsOfOtherChannelsAreLookedAt() {
        var after = after(SPOT, new SetFunctionPhysical(function("Strobe").id(), 11.0, 1.0));

        assertThat(compare(SPOT, after).worst(Rank.COSMETIC)).isEqualTo(Rank.BREAKS);
    }

    /** A shutter that flashes while a channel on the same part is at its start, which only one of two profiles has. */
    private static FixtureType waiting(boolean master) {
        return ProfileBuilder.profile("Tidewick", "Coracle")
            .id("C")
            .body(ProfileBuilder.part(Geometry.Kind.Beam, "Beam"))
            .mode("M", "Beam", mode -> {
                mode.channel("Shutter1", "Beam", List.of(1), c -> c.function("Open", 0, f -> f.physical(1, 1))
                    .function("Strobe", "Shutter1Strobe", 0,
                            f -> f.physical(1, 10).when("Beam_StrobeMode", new DmxValue(0, 1), new DmxValue(255, 1))));
                if (master) {
                    mode.channel("StrobeMode", "Beam", List.of(2), c -> c.function("Rhythm", 0, f -> f.physical(0, 1)));
                }
            })
            .build();
    }

    @Test
    void aConditionThatLedNowhereAndLeadsSomewhereNowBreaksWhatWasStored() {
        assertThat(compare(waiting(false), waiting(true)).differences()).anySatisfy(each -> {
            assertThat(each.rank()).isEqualTo(Rank.BREAKS);
            assertThat(each.place().words()).contains("Shutter");
        });
        assertThat(compare(waiting(true), waiting(false)).differences()).anySatisfy(each -> {
            assertThat(each.rank()).isEqualTo(Rank.BREAKS);
            assertThat(each.place().words()).contains("Shutter");
        });
    }

    @Test
    void aRelationThatLedNowhereAndLeadsSomewhereNowIsSeen() {
        var before = ProfileBuilder.profile("Tidewick", "Coracle")
            .id("C")
            .body(ProfileBuilder.part(Geometry.Kind.Beam, "Beam"))
            .mode("M", "Beam", mode -> mode
                .channel("ColorAdd_R", "Beam", List.of(1), c -> c.function("Red", 0, f -> f.physical(0, 1)))
                .multiply("Dims", "Beam_Dimmer", "Beam_ColorAdd_R.ColorAdd_R.Red"))
            .build();
        var after = ProfileBuilder.profile("Tidewick", "Coracle")
            .id("C")
            .body(ProfileBuilder.part(Geometry.Kind.Beam, "Beam"))
            .mode("M", "Beam", mode -> mode
                .channel("ColorAdd_R", "Beam", List.of(1), c -> c.function("Red", 0, f -> f.physical(0, 1)))
                .channel("Dimmer", "Beam", List.of(2), c -> c.function("Level", 0, f -> f.physical(0, 1)))
                .multiply("Dims", "Beam_Dimmer", "Beam_ColorAdd_R.ColorAdd_R.Red"))
            .build();

        assertThat(compare(before, after).differences()).extracting(Difference::kind, Difference::rank)
            .contains(org.assertj.core.api.Assertions.tuple(Kind.RELATIONS, Rank.SHIFTS));
    }

    @Test
    void aModeThatIsGoneBreaksAndTheWorstComesFirst() {
        var two = after(after(SPOT, new AddMode("Tiny")), new RenameProfile("Other"));
        var one = after(two, new RemoveMode(two.modes().getLast().id()));

        var comparison = compare(two, SPOT);

        assertThat(comparison.byRank()).extracting(Difference::kind).containsExactly(Kind.MODE_REMOVED, Kind.IDENTITY);
        assertThat(comparison.worst(Rank.COSMETIC)).isEqualTo(Rank.BREAKS);
        assertThat(compare(two, one).differences()).extracting(Difference::kind).containsExactly(Kind.MODE_REMOVED);
    }

    @Test
    void twoFixturesOfOneChartUnderOtherNamesHaveTheSameModes() {
        var other = SPOT.with(f -> {
            f.name = "Twin";
            f.fixtureTypeId = "Another";
        });

        assertThat(compare(SPOT, other).differences()).extracting(Difference::kind).containsExactlyInAnyOrder(Kind.IDENTITY, Kind.OTHER);
        assertThat(Comparison.ofModes(SPOT, SPOT.modes().getFirst(), other, other.modes().getFirst()).differences()).isEmpty();
    }

    @Test
    void picturesAreComparedByWhatTheyShow() {
        var left = new Side(SPOT, Map.of("wheels/dots.png", "one", "wheels/bars.png", "two"));

        assertThat(Comparison.of(left, new Side(SPOT, Map.of("wheels/dots.png", "other", "wheels/bars.png", "two"))).differences())
            .extracting(each -> each.place().words())
            .containsExactly("Wheel 'Wheel', slot 2", "G1 (Yoke_Gobo1)");
    }

    @Test
    void saysWhatMovedInTheTechniciansWords() {
        var moved = compare(SPOT, after(SPOT, new ChangeAddresses(channel("StrobeMode"), List.of(4)))).differences();

        assertThat(moved).filteredOn(each -> each.kind() == Kind.CHANNEL_MOVED).singleElement().satisfies(each -> {
            assertThat(each.says()).startsWith("It moved from address ").endsWith(" to address 4.");
            assertThat(each.place().channel()).isEqualTo("Base_StrobeMode");
        });
    }

    @Provide
    Arbitrary<FixtureType> documents() {
        return Documents.any();
    }

    @Property(tries = 150)
    void nothingDiffersFromItself(@ForAll("documents") FixtureType document) {
        assertThat(compare(document, document).differences()).isEmpty();
    }

    /** Random edits of the kinds that can be carried over, one after the other; then the differences' edits upon the left. */
    @Property(tries = 150)
    void carryingTheDifferencesOverGivesTheRight(@ForAll Random random) {
        var right = SPOT;
        for (int i = random.nextInt(8); i >= 0; i--) {
            var edit = edit(random);
            right = edit.applyTo(right) instanceof Outcome.Applied<FixtureType> so ? so.after() : right;
        }

        var carried = compare(SPOT, right).carriedOver(SPOT);

        assertThat(carried.left()).allSatisfy(each -> assertThat(each.edits()).isEmpty());
        // the default of a function that the channel does not start in is the one thing that no edit reaches
        assertThat(compare(carried.after(), right).differences())
            .allSatisfy(each -> assertThat(each.says()).isEqualTo("Its default differs."));
    }

    private static Edit edit(Random random) {
        var ranges = SPOT.modes()
            .getFirst()
            .channels()
            .stream()
            .flatMap(each -> each.functions())
            .flatMap(each -> each.ranges().stream())
            .toList();
        var functions = SPOT.modes().getFirst().channels().stream().flatMap(each -> each.functions()).toList();
        var channels = SPOT.modes().getFirst().channels();
        UnaryOperator<String> named = text -> text + random.nextInt(3);
        var range = ranges.get(random.nextInt(ranges.size()));
        var function = functions.get(random.nextInt(functions.size()));
        var channel = channels.get(random.nextInt(channels.size()));
        return switch (random.nextInt(15)) {
            case 0 -> new ChangeAddresses(channel.id(), channel.offsets().stream().map(each -> each + 1 + random.nextInt(50)).toList());
            case 1 -> new SetStartValue(channel.id(), random.nextInt(256));
            case 2 -> new SetHighlight(channel.id(), random.nextBoolean() ? null : (long) random.nextInt(256));
            case 3 -> new SetReaction(List.of(channel.id()), LogicalChannel.Snap.values()[random.nextInt(4)], null, 1.0 * random.nextInt(3),
                    null);
            case 4 -> new RenameFunction(function.id(), named.apply("F"));
            case 5 -> new SetFunctionPhysical(function.id(), 1.0 * random.nextInt(9), 1.0 * random.nextInt(9));
            case 6 -> SetBounds.both(function.id(), -1.0 - random.nextInt(3), null);
            case 7 -> new MoveRangeStart(range.id(), random.nextInt(256));
            case 8 -> new SetRangeSlot(range.id(), random.nextInt(4));
            case 9 -> new SetRangePhysical(range.id(), 1.0 * random.nextInt(5), 2.0);
            case 10 -> new MoveFunctionStart(function.id(), random.nextInt(256));
            case 11 -> SetSlot.named(SPOT.wheels().getFirst().id(), 1 + random.nextInt(3), named.apply("S"));
            case 12 -> new RenameMode(SPOT.modes().getFirst().id(), named.apply("M"));
            case 13 -> new SetIdentity(SetIdentity.Field.values()[random.nextInt(4)], named.apply("I"));
            default -> new PutCurve(named.apply("C"), List.of(new PutCurve.Piece(0, 0, random.nextInt(3), 0, 0)));
        };
    }
}
