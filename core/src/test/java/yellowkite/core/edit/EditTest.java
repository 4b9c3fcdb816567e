package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.Fixtures.channel;
import static yellowkite.core.Fixtures.function;
import static yellowkite.core.Fixtures.mode;
import static yellowkite.core.Fixtures.range;

import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.PhysicalUnit;

class EditTest {
    private final FixtureType spot = Fixtures.spot();

    private FixtureType applied(Edit edit) {
        return applied(spot, edit);
    }

    private static FixtureType applied(FixtureType before, Edit edit) {
        return switch (edit.applyTo(before)) {
            case Outcome.Applied<FixtureType> applied -> applied.after();
            case Outcome.Rejected<FixtureType> rejected -> throw new AssertionError(rejected.reason());
        };
    }

    private String refusal(Edit edit) {
        return switch (edit.applyTo(spot)) {
            case Outcome.Applied<FixtureType> applied -> throw new AssertionError("was applied");
            case Outcome.Rejected<FixtureType> rejected -> rejected.field() + ": " + rejected.reason();
        };
    }

    private static String spans(FixtureType type, String attribute) {
        return Spans.of(channel(type, attribute)).stream().map(s -> s.name() + " " + s.from() + "-" + s.to()).toList().toString();
    }

    @Test
    void turningAWheelMovesEverySlotOfAFunctionAndWrapsRound() {
        // Open 1, Dots 2, Bars 3 on a wheel of three
        var after = applied(new TurnSlots(function(spot, "Still").id(), 1));

        assertThat(function(after, "Still").ranges()).extracting(NamedRange::slot).containsExactly(2, 3, 1);
        assertThat(applied(after, new TurnSlots(function(spot, "Still").id(), -1))).isEqualTo(spot);
        assertThat(applied(new TurnSlots(function(spot, "Still").id(), -3))).isSameAs(spot);
        assertThat(refusal(new TurnSlots(function(spot, "Pan").id(), 1))).isEqualTo("function: 'Pan' works on no wheel with slots.");
    }

    @Test
    void turningAWheelUnderAWholeModeTurnsEveryFunctionThatSelectsItsSlots() {
        int mode = spot.modes().getFirst().id();
        var wheel = spot.findWheel(function(spot, "Still").wheel()).orElseThrow();

        var after = applied(new TurnWheel(mode, wheel.id(), 1));

        // Open 1, Dots 2, Bars 3 on a wheel of three
        assertThat(function(after, "Still").ranges()).extracting(NamedRange::slot).containsExactly(2, 3, 1);
        assertThat(function(after, "Shake").ranges()).extracting(NamedRange::slot).containsExactly(3, 1); // were 2 and 3
        assertThat(function(after, "Pan")).isEqualTo(function(spot, "Pan"));
        assertThat(applied(after, new TurnWheel(mode, wheel.id(), 2))).isEqualTo(spot);
        assertThat(new TurnWheel(mode, wheel.id(), 1).applyTo(
                applied(applied(new SetWheel(function(spot, "Still").id(), "")), new SetWheel(function(spot, "Shake").id(), ""))))
            .isEqualTo(Located.rejected("wheel", "No function of this mode selects slots of '" + wheel.name() + "'."));
    }

    @Test
    void anAttributeOfTheStandardBringsItsDefinitionAlong() {
        var after = applied(new ChangeAttribute(channel(spot, "StrobeMode").id(), "Zoom"));

        assertThat(after.unitOf("Zoom")).isEqualTo(PhysicalUnit.Angle);
        assertThat(after.attributeDefinitions().featureGroups()).anySatisfy(group -> assertThat(group.name()).isEqualTo("Focus"));
        assertThat(applied(new DefineAttribute("Iris")).attributeDefinitions().find("Iris")).isPresent();
        assertThat(refusal(new SetAttributeUnit("Iris", PhysicalUnit.Angle))).contains("does not define the attribute 'Iris'");
    }

    @Nested
    class Renaming {
        @Test
        void aProfile() {
            assertThat(applied(new RenameProfile("Beam")).name()).isEqualTo("Beam");
            assertThat(refusal(new RenameProfile(" "))).isEqualTo("to: A profile needs a name.");
            assertThat(refusal(new RenameProfile("A.B"))).startsWith("to: A name cannot hold '.'");
            assertThat(refusal(new RenameProfile("x".repeat(121)))).isEqualTo("to: A name has at most 120 characters; this one has 121.");
        }

        @Test
        void aModeKeepsNamesUnique() {
            assertThat(mode(applied(new RenameMode(mode(spot).id(), "Wide"))).name()).isEqualTo("Wide");
            assertThat(refusal(new RenameMode(-1, "Wide"))).startsWith("mode: That mode is not in this profile");
        }

        @Test
        void aFunctionTakesItsLinksAlong() {
            var rhythm = function(spot, "Rhythm");
            var linked = applied(new SetStartValue(channel(spot, "Shutter1").id(), 100));
            assertThat(channel(linked, "Shutter1").initialFunction()).isEqualTo("Yoke_Shutter1.Shutter1.Open");

            var after = applied(linked, new RenameFunction(function(spot, "Open").id(), "Wide open"));

            assertThat(channel(after, "Shutter1").initialFunction()).isEqualTo("Yoke_Shutter1.Shutter1.Wide open");
            assertThat(function(after, "Strobe").modeMaster()).isEqualTo("Base_StrobeMode");
            assertThat(refusal(new RenameFunction(function(spot, "Open").id(), "Closed")))
                .startsWith("to: There is already a function called 'Closed'");
            assertThat(applied(new RenameFunction(rhythm.id(), "Rhythm"))).isSameAs(spot);
        }

        @Test
        void aRangeMayHaveNoName() {
            assertThat(applied(new RenameRange(range(spot, "Dots").id(), "")).modes()).isNotEqualTo(spot.modes());
            assertThat(new RenameRange(range(spot, "Dots").id(), "Spots").describe(spot)).isEqualTo("Range is called 'Spots', was 'Dots'");
        }
    }

    @Nested
    class Ranges {
        private final int still = function(spot, "Still").id();

        @Test
        void areAddedInOrder() {
            var after = applied(new AddRange(still, "Half", 30));

            assertThat(function(after, "Still").ranges()).extracting(r -> r.name()).containsExactly("Open", "Dots", "Half", "Bars");
            assertThat(range(after, "Half").id()).isEqualTo(spot.nextId());
            assertThat(after.nextId()).isEqualTo(spot.nextId() + 1);
            assertThat(refusal(new AddRange(still, "x", 20))).isEqualTo("from: A named range starts at 20 already.");
            assertThat(refusal(new AddRange(still, "x", 100))).isEqualTo("from: 'Still' runs from 0 to 99; 100 is outside it.");
        }

        @Test
        void moveBetweenTheirNeighbours() {
            int dots = range(spot, "Dots").id();

            assertThat(range(applied(new MoveRangeStart(dots, 1)), "Dots").dmxFrom().raw()).isEqualTo(1);
            assertThat(range(applied(new MoveRangeStart(dots, 39)), "Dots").dmxFrom().raw()).isEqualTo(39);
            assertThat(applied(new MoveRangeStart(dots, 20))).isSameAs(spot);
            assertThat(refusal(new MoveRangeStart(dots, 0))).isEqualTo("from: The start of 'Dots' can lie from 1 to 39; 0 is outside.");
            assertThat(refusal(new MoveRangeStart(dots, 40))).contains("40 is outside");
        }

        @Test
        void areRemoved() {
            assertThat(function(applied(new RemoveRange(range(spot, "Dots").id())), "Still").ranges()).hasSize(2);
            assertThat(refusal(new RemoveRange(9999))).startsWith("range: That named range is not in this profile any more");
        }

        @Test
        void haveBothPhysicalEndsOrNeither() {
            int dots = range(spot, "Dots").id();

            assertThat(range(applied(new SetRangePhysical(dots, 2.0, 1.0)), "Dots").physicalFrom()).isEqualTo(2);
            assertThat(refusal(new SetRangePhysical(dots, Double.NaN, 1.0))).isEqualTo("from: A physical end is a finite number.");
        }

        @Test
        void twoEndsTypedOneAfterTheOtherBothStand() {
            int dots = range(spot, "Dots").id();
            var first = applied(new SetRangePhysical(dots, 2.0, null));
            var both = range(((Outcome.Applied<FixtureType>) new SetRangePhysical(dots, null, 5.0).applyTo(first)).after(), "Dots");

            assertThat(List.of(both.physicalFrom(), both.physicalTo())).containsExactly(2.0, 5.0);
            int pan = function(spot, "Pan").id();
            var turned = ((Outcome.Applied<FixtureType>) new SetFunctionPhysical(pan, null, 90.0)
                .applyTo(applied(new SetFunctionPhysical(pan, -90.0, null)))).after();
            assertThat(List.of(function(turned, "Pan").physicalFrom(), function(turned, "Pan").physicalTo())).containsExactly(-90.0, 90.0);
        }

        @Test
        void pointAtSlotsThatExist() {
            int dots = range(spot, "Dots").id();

            assertThat(range(applied(new SetRangeSlot(dots, 3)), "Dots").slot()).isEqualTo(3);
            assertThat(refusal(new SetRangeSlot(dots, 4))).isEqualTo("slot: Wheel 'Wheel' has slots 1 to 3; 4 is not one of them.");
        }
    }

    @Nested
    class Functions {
        @Test
        void beginInsideAnother() {
            var after = applied(new AddFunction(channel(spot, "StrobeMode").id(), "Fast", "StrobeMode", 200));

            assertThat(spans(after, "StrobeMode")).isEqualTo("[Rhythm 0-199, Fast 200-255]");
            assertThat(refusal(new AddFunction(channel(spot, "Gobo1").id(), "New", "Gobo1", 30)))
                .isEqualTo("from: 'Still' has a named range that starts at 40; remove it or begin above it.");
            assertThat(refusal(new AddFunction(channel(spot, "Gobo1").id(), "New", "Gobo1", 256))).contains("256 is outside");
            assertThat(refusal(new AddFunction(channel(spot, "Gobo1").id(), "New", "Sparkle", 50))).startsWith("attribute: ");
        }

        @Test
        void moveWithTheirFirstRange() {
            var after = applied(new MoveFunctionStart(function(spot, "Shake").id(), 90));

            assertThat(spans(after, "Gobo1")).isEqualTo("[Still 0-89, Shake 90-255]");
            assertThat(range(after, "Dots shaking").dmxFrom().raw()).isEqualTo(90);
            assertThat(refusal(new MoveFunctionStart(function(spot, "Shake").id(), 40)))
                .isEqualTo("from: The start of 'Shake' can lie from 41 to 179; 40 is outside.");
            assertThat(refusal(new MoveFunctionStart(function(spot, "Shake").id(), 180))).contains("180 is outside");
        }

        @Test
        void areRemovedUnlessSomethingWaitsForThem() {
            assertThat(spans(applied(new RemoveFunction(function(spot, "Open").id())), "Shutter1"))
                .isEqualTo("[Closed 0-255, Strobe 64-255]");
            assertThat(refusal(new RemoveFunction(function(spot, "Pan").id()))).contains("only function");
        }

        @Test
        void swapPhysicalEnds() {
            var after = function(applied(new SetFunctionPhysical(function(spot, "Pan").id(), 270.0, -270.0)), "Pan");

            assertThat(after.physicalFrom()).isEqualTo(270);
            assertThat(after.physicalTo()).isEqualTo(-270);
        }
    }

    @Nested
    class Channels {
        @Test
        void startInTheFunctionThatHoldsTheValue() {
            int shutter = channel(spot, "Shutter1").id();
            var after = applied(new SetStartValue(shutter, 64));

            assertThat(channel(after, "Shutter1").start()).isEqualTo(64);
            assertThat(channel(applied(after, new SetStartValue(shutter, 10)), "Shutter1").initialFunction()).isEmpty();
            assertThat(refusal(new SetStartValue(shutter, 256)))
                .isEqualTo("value: A start value of this channel lies from 0 to 255; 256 is outside.");
        }

        @Test
        void haveAHighlightOrNone() {
            int pan = channel(spot, "Pan").id();

            assertThat(channel(applied(new SetHighlight(pan, 65535L)), "Pan").highlight()).isEqualTo(new DmxValue(65535, 2));
            assertThat(channel(applied(new SetHighlight(pan, null)), "Pan").highlight()).isNull();
            assertThat(applied(new SetHighlight(pan, 32768L))).isSameAs(spot);
            assertThat(refusal(new SetHighlight(pan, 65536L))).contains("0 to 65535");
        }

        @Test
        void keepTheirLinksWhenTheirAttributeChanges() {
            var after = applied(new ChangeAttribute(channel(spot, "StrobeMode").id(), "Shutter1Strobe"));

            assertThat(function(after, "Strobe").modeMaster()).isEqualTo("Base_Shutter1Strobe");
            assertThat(function(after, "Rhythm").attribute()).isEqualTo("Shutter1Strobe");
            assertThat(refusal(new ChangeAttribute(channel(spot, "Pan").id(), "Gobo1")))
                .isEqualTo("attribute: Mode 'Main' already has the channel 'Yoke_Gobo1'.");
            assertThat(refusal(new ChangeAttribute(channel(spot, "Pan").id(), "Unheard"))).contains("neither defined");
        }

        @Test
        void moveToOtherAddresses() {
            int pan = channel(spot, "Pan").id();

            assertThat(channel(applied(new ChangeAddresses(pan, List.of(10, 9))), "Pan").offsets()).containsExactly(10, 9);
            assertThat(refusal(new ChangeAddresses(pan, List.of(1))))
                .isEqualTo("addresses: This channel has 2 bytes and needs as many addresses, not 1.");
            assertThat(refusal(new ChangeAddresses(pan, List.of(512, 513)))).contains("513 is outside");
            assertThat(refusal(new ChangeAddresses(pan, List.of(0, 1)))).contains("0 is outside");
            assertThat(refusal(new ChangeAddresses(pan, List.of(4, 4)))).contains("twice");
        }

        @Test
        void becomeWiderWithBoundariesOnTheSameCoarseByte() {
            var after = applied(new ChangeWidth(channel(spot, "Gobo1").id(), 2));

            assertThat(channel(after, "Gobo1").offsets()).containsExactly(3, 6); // 4 and 5 are taken
            assertThat(spans(after, "Gobo1")).isEqualTo("[Still 0-25599, Shake 25600-65535]"); // 100 * 256
        }

        @Test
        void takeTheConditionsOfOthersAlongWhenTheirWidthChanges() {
            var strobe = function(applied(new ChangeWidth(channel(spot, "StrobeMode").id(), 2)), "Strobe");

            assertThat(strobe.modeFrom()).isEqualTo(new DmxValue(32768, 2));
            assertThat(strobe.modeTo()).isEqualTo(new DmxValue(65535, 2));
        }

        @Test
        void becomeNarrowerUnlessBoundariesFallTogether() {
            var narrow = applied(new ChangeWidth(channel(spot, "Pan").id(), 1));
            assertThat(channel(narrow, "Pan").start()).isEqualTo(128);
            assertThat(channel(narrow, "Pan").offsets()).containsExactly(1);

            var fine = applied(applied(new ChangeWidth(channel(spot, "StrobeMode").id(), 2)),
                    new AddFunction(channel(spot, "StrobeMode").id(), "Sliver", "StrobeMode", 1));
            assertThat(new ChangeWidth(channel(spot, "StrobeMode").id(), 1).acceptedOn(fine)).isInstanceOf(Outcome.Rejected.class);
            assertThat(refusal(new ChangeWidth(channel(spot, "Pan").id(), 5))).contains("1 to 4 bytes");
        }
    }
}
