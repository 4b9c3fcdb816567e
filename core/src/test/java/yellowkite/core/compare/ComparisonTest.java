package yellowkite.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

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
import yellowkite.core.Lamps;
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
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.PhysicalUnit;

class ComparisonTest {
    private static final FixtureType SPOT = Lamps.spot();

    private static FixtureType after(FixtureType type, Edit edit) {
        return switch (edit.applyTo(type)) {
            case Edit.Outcome.Applied so -> so.after();
            case Edit.Outcome.Rejected why -> throw new AssertionError(why.reason());
        };
    }

    private static Comparison compare(FixtureType left, FixtureType right) {
        return Comparison.of(Side.of(left), Side.of(right));
    }

    private static int channel(String attribute) {
        return Lamps.channel(SPOT, attribute).id();
    }

    private static ChannelFunction function(String name) {
        return SPOT.modes().getFirst().channels().stream().flatMap(each -> each.functions()).filter(each -> each.name().equals(name)).findFirst().orElseThrow();
    }

    private static NamedRange range(String name) {
        return SPOT.modes().getFirst().channels().stream().flatMap(each -> each.functions()).flatMap(each -> each.ranges().stream()).filter(each -> each.name().equals(name)).findFirst().orElseThrow();
    }

    static Stream<Arguments> everyKind() {
        int mode = SPOT.modes().getFirst().id();
        int wheel = SPOT.wheels().getFirst().id();
        return Stream.of(
                Arguments.of(new ChangeAddresses(channel("StrobeMode"), List.of(40)), Kind.CHANNEL_MOVED, Rank.BREAKS),
                Arguments.of(new ChangeAddresses(channel("StrobeMode"), List.of(40)), Kind.FOOTPRINT, Rank.BREAKS),
                Arguments.of(new ChangeWidth(channel("Pan"), 1), Kind.WIDTH, Rank.BREAKS),
                Arguments.of(new RemoveChannels(List.of(channel("Pan")), false), Kind.CHANNEL_REMOVED, Rank.BREAKS),
                Arguments.of(new AddChannels(mode, List.of(new NewChannel("Iris", "", 1, null, null, List.of())), null), Kind.CHANNEL_ADDED, Rank.ADDS),
                Arguments.of(new SetStartValue(channel("Pan"), 100), Kind.START, Rank.SHIFTS),
                Arguments.of(new SetHighlight(channel("Pan"), 77L), Kind.HIGHLIGHT, Rank.COSMETIC),
                Arguments.of(new SetReaction(List.of(channel("Pan")), LogicalChannel.Snap.ON, null, null, null), Kind.REACTION, Rank.SHIFTS),
                Arguments.of(new MoveFunctionStart(function("Shake").id(), 90), Kind.FUNCTION_MOVED, Rank.BREAKS),
                Arguments.of(new RenameFunction(function("Shake").id(), "Wobble"), Kind.FUNCTION_RENAMED, Rank.COSMETIC),
                Arguments.of(new RemoveFunction(function("Shake").id()), Kind.FUNCTION_REMOVED, Rank.BREAKS),
                Arguments.of(new AddFunction(channel("Pan"), "Also", "Pan", 60_000), Kind.FUNCTION_ADDED, Rank.BREAKS),
                Arguments.of(new SetFunctionPhysical(function("Shake").id(), 1, 9), Kind.PHYSICAL, Rank.SHIFTS),
                Arguments.of(new InvertFunction(function("Shake").id()), Kind.INVERTED, Rank.BREAKS),
                Arguments.of(new SetBounds(function("Shake").id(), 2.0, null), Kind.BOUNDS, Rank.SHIFTS),
                Arguments.of(new SetFade(function("Shake").id(), 2, 0), Kind.FADE, Rank.COSMETIC),
                Arguments.of(new SetModeMaster(function("Shake").id(), channel("StrobeMode"), 0, 9), Kind.CONDITION, Rank.BREAKS),
                Arguments.of(new MoveRangeStart(range("Dots").id(), 22), Kind.RANGE_MOVED, Rank.SHIFTS), // 20 to 39: its middle, 29, stays
                Arguments.of(new MoveRangeStart(range("Dots").id(), 35), Kind.RANGE_MOVED, Rank.BREAKS),
                Arguments.of(new RenameRange(range("Dots").id(), "Spots"), Kind.RANGE_RENAMED, Rank.COSMETIC),
                Arguments.of(new RemoveRange(range("Dots").id()), Kind.RANGE_REMOVED, Rank.SHIFTS),
                Arguments.of(new AddRange(function("Still").id(), "More", 60), Kind.RANGE_ADDED, Rank.ADDS),
                Arguments.of(new SetRangeSlot(range("Dots").id(), 3), Kind.RANGE_SLOT, Rank.BREAKS),
                Arguments.of(new SetRangePhysical(range("Dots shaking").id(), 0.1, 0.2), Kind.RANGE_PHYSICAL, Rank.SHIFTS),
                Arguments.of(new AddMode("Tiny"), Kind.MODE_ADDED, Rank.ADDS),
                Arguments.of(new RenameMode(mode, "Large"), Kind.MODE_RENAMED, Rank.COSMETIC),
                Arguments.of(new DescribeMode(mode, "All of it"), Kind.MODE_TEXT, Rank.COSMETIC),
                Arguments.of(new SetSlot(wheel, 2, null, null, null, "dashes", null, null), Kind.SLOT_CONTENT, Rank.SHIFTS),
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

        assertThat(differences).filteredOn(each -> each.kind() == kind).as("%s", differences).isNotEmpty().allSatisfy(each -> assertThat(each.rank()).isEqualTo(rank));
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
    void twoLampsOfOneChartUnderOtherNamesHaveTheSameModes() {
        var other = SPOT.with(f -> {
            f.name = "Twin";
            f.fixtureTypeId = "Another";
        });

        assertThat(compare(SPOT, other).differences()).extracting(Difference::kind).containsExactly(Kind.IDENTITY);
        assertThat(Comparison.ofModes(SPOT, SPOT.modes().getFirst(), other, other.modes().getFirst()).differences()).isEmpty();
    }

    @Test
    void picturesAreComparedByWhatTheyShow() {
        var left = new Side(SPOT, Map.of("wheels/dots.png", "one", "wheels/bars.png", "two"));

        assertThat(Comparison.of(left, new Side(SPOT, Map.of("wheels/dots.png", "other", "wheels/bars.png", "two"))).differences())
                .singleElement().satisfies(each -> assertThat(each.place().words()).isEqualTo("Wheel 'Wheel', slot 2"));
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
            right = edit.applyTo(right) instanceof Edit.Outcome.Applied so ? so.after() : right;
        }

        var carried = compare(SPOT, right).carriedOver(SPOT);

        var footprintAside = carried.left().stream().filter(each -> each.kind() != Kind.FOOTPRINT).toList();
        assertThat(footprintAside).isEmpty();
        assertThat(compare(carried.after(), right).differences()).isEmpty();
    }

    private static Edit edit(Random random) {
        var ranges = SPOT.modes().getFirst().channels().stream().flatMap(each -> each.functions()).flatMap(each -> each.ranges().stream()).toList();
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
            case 3 -> new SetReaction(List.of(channel.id()), LogicalChannel.Snap.values()[random.nextInt(4)], null, 1.0 * random.nextInt(3), null);
            case 4 -> new RenameFunction(function.id(), named.apply("F"));
            case 5 -> new SetFunctionPhysical(function.id(), random.nextInt(9), random.nextInt(9));
            case 6 -> new SetBounds(function.id(), -1.0 - random.nextInt(3), null);
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
