package yellowkite.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.SoundDocuments;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Macro;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Wheel;
import yellowkite.core.xml.Source;

/** Rules about what a profile means: each with a fixture that it speaks of, and one that it leaves in peace. */
class MeaningChecksTest {
    private static final DmxValue LOW = new DmxValue(127, 1);
    private static final DmxValue HIGH = new DmxValue(128, 1);
    private static final DmxValue TOP = new DmxValue(255, 1);

    private static ProfileBuilder empty() {
        return ProfileBuilder.profile("Testers", "T")
            .id("T")
            .attribute("Pan", "Pan", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Tilt", "Tilt", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Zoom", "Zoom", "Beam.Beam", "", PhysicalUnit.Angle)
            .attribute("Gobo1", "G1", "Gobo.Gobo", "Gobo1", PhysicalUnit.None)
            .attribute("Gobo1PosRotate", "G1", "Gobo.Gobo", "Gobo1", PhysicalUnit.AngularSpeed)
            .attribute("Color1", "C1", "Color.Color", "Color1", PhysicalUnit.None)
            .attribute("Shutter1", "Sh1", "Beam.Beam", "", PhysicalUnit.None)
            .attribute("Shutter1Strobe", "Strobe", "Beam.Beam", "", PhysicalUnit.Frequency)
            .attribute("Iris", "Iris", "Beam.Beam", "", PhysicalUnit.None)
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("ColorAdd_R", "R", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("Control1", "Control", "Control.Control", "", PhysicalUnit.None);
    }

    private static FixtureType fixture(Consumer<ModeBuilder> channels) {
        return empty().wheel("Discs", wheel -> wheel.open("Open").gobo("Dots", "dots"))
            .body(part(Kind.Geometry, "B", part(Kind.Axis, "Yoke")))
            .mode("M", "B", channels)
            .build();
    }

    private static FixtureType shutter(Consumer<ModeBuilder.ChannelBuilder> fill) {
        return fixture(mode -> mode.channel("Shutter1", "B", at(1), fill));
    }

    private static List<String> says(String rule, FixtureType type) {
        return Checks.of(type).stream().filter(each -> each.rule().equals(rule)).map(Finding::says).toList();
    }

    /** The document after the first fix of a rule, which mends what it found and brings in nothing that was not there. */
    private static FixtureType mended(String rule, FixtureType type) {
        var finding = Checks.of(type).stream().filter(each -> each.rule().equals(rule)).findFirst().orElseThrow();
        var after = ((Outcome.Applied<FixtureType>) finding.fix().acceptedOn(type)).after();
        assertThat(Checks.of(after)).as("after " + finding.fixSays()).doesNotContain(finding);
        // ends that a fix brings in are the usual ones, and say so
        assertThat(Checks.of(type)).extracting(Finding::rule)
            .containsAll(Checks.of(after).stream().map(Finding::rule).filter(each -> !each.equals("assumed-ends")).toList());
        return after;
    }

    @Test
    void aDefaultOutsideAnyFunctionOfTheChannel() {
        var type = shutter(c -> c.function("Open", 0, f -> f.physical(1, 1)).function("Strobe", "Shutter1Strobe", 100, f -> f.start(20)));

        assertThat(says("start-outside-function", type)).containsExactly(
                "The default 20 lies outside 'Strobe', which runs from 100 to 255. A console that goes to this function by its default leaves it at once.");
        assertThat(says("start-outside-function",
                shutter(c -> c.function("Open", 0, f -> f.physical(1, 1)).function("Strobe", "Shutter1Strobe", 100, f -> f.start(100)))))
            .isEmpty();
    }

    @Test
    void aProfileWithoutAMode() {
        var none = empty().body(part(Kind.Geometry, "B")).build();

        assertThat(says("no-mode", none)).containsExactly("The profile has no mode, so nobody can patch it.");
        assertThat(mended("no-mode", none).modes()).hasSize(1);
    }

    @Test
    void referencesInACircleNameTheirParts() {
        var circle = empty().body(part(Kind.Geometry, "B", reference("To bar", "Bar", 1)))
            .body(part(Kind.Geometry, "Bar", reference("To cell", "Cell", 1)))
            .body(part(Kind.Geometry, "Cell", reference("Back", "Bar", 1)))
            .mode("M", "B", mode -> mode.channel("Dimmer", "Cell", at(1), c -> c.function("Dimmer", 0, f -> {})))
            .build();

        assertThat(says("reference-circle", circle)).containsExactly(
                "'Bar', which repeats 'Cell', which repeats 'Bar' again: the body would never end. Take one of these references away.");
        assertThat(says("reference-circle",
                empty().body(part(Kind.Geometry, "Self", reference("Me", "Self", 1))).mode("M", "Self", mode -> {}).build()))
            .containsExactly("'Self' repeats itself: the body would never end. Take the reference away.");
        assertThat(says("reference-circle", Fixtures.nestedCells())).isEmpty();
    }

    @Test
    void gobosColoursAndPrismsOnNoWheel() {
        var type = fixture(
                mode -> mode.channel("Gobo1", "B", at(1), c -> c.function("Gobos", 0, f -> f.range("Open", 0, 1).range("Dots", 50, 2)))
                    .channel("Gobo1PosRotate", "B", at(2), c -> c.function("Turning", 0, f -> f.physical(-90, 90)))
                    .channel("Color1", "B", at(3), c -> c.function("Colours", 0, f -> {})));

        assertThat(says("no-wheel", type)).containsExactly("'Gobos' is on no wheel, so nobody can see what its values select.",
                "'Colours' is on no wheel, so nobody can see what its values select.");
        assertThat(Fixtures.function(mended("no-wheel", type), "Gobos").wheel()).isEqualTo("Discs");
        assertThat(says("no-wheel", Fixtures.spot())).isEmpty();
    }

    @Test
    void aShutterThatStartsClosed() {
        var type = shutter(c -> c.function("Closed", 0, f -> f.physical(0, 0)).function("Open", 200, f -> f.physical(1, 1)));

        assertThat(says("shutter-closed", type))
            .containsExactly("The shutter starts closed, at 0: the fixture stays dark until someone opens it.");
        assertThat(Fixtures.channel(mended("shutter-closed", type), "Shutter1").start()).isEqualTo(200);
        assertThat(says("shutter-closed",
                shutter(c -> c.startsIn("Open")
                    .function("Closed", 0, f -> f.physical(0, 0))
                    .function("Open", 200, f -> f.physical(1, 1).start(255)))))
            .isEmpty();
        assertThat(says("shutter-closed", shutter(c -> c.function("Blackout", 0, f -> f.physical(0, 0)))))
            .as("one that never opens has no better start")
            .isEmpty();
    }

    @Test
    void aShutterThatIsClosedAtItsHighlight() {
        Consumer<ModeBuilder.ChannelBuilder> ends = c -> c.function("Open", 0, f -> f.physical(1, 1))
            .function("Closed", 200, f -> f.physical(0, 0));
        var type = shutter(c -> ends.accept(c.highlight(255)));

        assertThat(says("shutter-closed", type))
            .containsExactly("The highlight value 255 closes the shutter: the fixture goes dark where it should be seen.");
        assertThat(Fixtures.channel(mended("shutter-closed", type), "Shutter1").highlight()).isEqualTo(DmxValue.ZERO);
        assertThat(says("shutter-closed", shutter(c -> ends.accept(c.highlight(20))))).isEmpty();
    }

    @Test
    void namesThatTheirPhysicalValuesContradict() {
        var type = fixture(mode -> mode
            .channel("Shutter1", "B", at(1),
                    c -> c.function("Shutter open", 0, f -> f.physical(0, 0)).function("Closed", 100, f -> f.physical(0, 1)))
            .channel("Iris", "B", at(2),
                    c -> c.function("Iris", 0, f -> f.physical(1, 0).range("Open", 0, 0, 0, 0).range("Open to closed", 10)))
            .channel("Gobo1PosRotate", "B", at(3), c -> c.function("Rotation", 0,
                    f -> f.physical(-90, 90).range("Backwards", 0).range("Stop", 128, 0, 5, 5).range("Forwards", 130))));

        assertThat(says("name-against-physical", type)).containsExactly("'Shutter open' is closed by its physical values.",
                "'Closed' is closed to open by its physical values.",
                "'Open' is closed by its physical values.", "'Stop' is 5 °/s by its physical values.");
        var better = type;
        for (int i = 0; i < 4; i++) {
            better = mended("name-against-physical", better);
        }
        assertThat(says("name-against-physical", better)).isEmpty();
        assertThat(Fixtures.range(better, "Stop").physicalTo()).isZero();
    }

    @Test
    void namesThatTheirPhysicalValuesBearOut() {
        var type = fixture(mode -> mode
            .channel("Shutter1", "B", at(1),
                    c -> c.function("Open", 0, f -> f.physical(1, 1))
                        .function("Shutter", 100, f -> f.physical(0, 1).range("Closed", 100).range("Open", 200)))
            .channel("Gobo1PosRotate", "B", at(3), c -> c.function("Stopped", 0, f -> f.physical(0, 0))
                .function("Rotation", 10, f -> f.physical(-90, 90).range("Stop", 128))));

        assertThat(says("name-against-physical", type)).isEmpty();
        assertThat(says("flat-physical", type)).as("equal ends on a stop").isEmpty();
    }

    @Test
    void strobesThatAreEnteredAsSomethingElse() {
        var type = fixture(mode -> mode.channel("Shutter1", "B", at(1),
                c -> c.function("Open", 0, f -> f.physical(1, 1)).function("Strobe slow to fast", 50, f -> f.physical(0, 1))));
        assertThat(says("strobe-words", type)).as("'to' stands between two ends, and promises nothing by itself").isEmpty();

        var plain = fixture(mode -> mode.channel("Shutter1", "B", at(1),
                c -> c.function("Open, no strobe", 0, f -> f.physical(1, 1)).function("Random strobe", 50, f -> f.physical(0.2, 1))));
        assertThat(says("strobe-words", plain))
            .containsExactly("'Random strobe' is called a strobe, and its attribute is Shutter1, which only opens and closes.");
        assertThat(Fixtures.function(mended("strobe-words", plain), "Random strobe").attribute()).isEqualTo("Shutter1Strobe");

        var inside = fixture(mode -> mode.channel("Dimmer", "B", at(1),
                c -> c.function("Dimmer", 0, f -> f.range("Dark to full", 0).range("Flash", 200))));
        assertThat(says("strobe-words", inside)).containsExactly(
                "'Flash' is called a strobe, and stands in 'Dimmer', whose attribute is Dimmer. Divide the function there and give the part the attribute of a strobe.");
    }

    private static FixtureType waiting(Consumer<ModeBuilder.ChannelBuilder> shutter) {
        return fixture(
                mode -> mode.channel("Shutter1", "B", at(1), shutter).channel("Control1", "B", at(2), c -> c.function("Mode", 0, f -> {})));
    }

    @Test
    void conditionsUponWhatAlwaysCounts() {
        var type = waiting(c -> c.function("Open", 0, f -> f.physical(1, 1))
            .function("Closed", 200, f -> f.physical(0, 0))
            .function("Strobe", "Shutter1Strobe", 220, f -> f.when("B_Control1", HIGH, TOP)));

        assertThat(says("condition-overlap", type))
            .containsExactly("'Strobe' counts under a condition, and takes values 220 to 255 from 'Closed', which always counts. "
                    + "If that is meant, give 'Closed' the other values of 'B_Control1'.");
        assertThat(says("condition-overlap",
                waiting(c -> c.function("Open", 0, f -> f.physical(1, 1))
                    .function("Strobe", "Shutter1Strobe", 220, f -> f.when("B_Control1", HIGH, TOP))
                    .function("Slow strobe", "Shutter1Strobe", 220, f -> f.when("B_Control1", DmxValue.ZERO, LOW)))))
            .as("one of the two always counts")
            .isEmpty();
        assertThat(
                says("condition-overlap", waiting(c -> c.function("Open", 0, f -> f.physical(1, 1).when("B_Control1", DmxValue.ZERO, LOW))
                    .function("Strobe", "Shutter1Strobe", 0, f -> f.when("B_Control1", HIGH, TOP)))))
            .isEmpty();
    }

    @Test
    void valuesOfAMasterAtWhichNothingCounts() {
        var type = waiting(c -> c.function("Open", 0, f -> f.physical(1, 1).when("B_Control1", new DmxValue(10, 1), LOW))
            .function("Strobe", "Shutter1Strobe", 0, f -> f.when("B_Control1", HIGH, TOP)));
        assertThat(says("empty-master-values", type))
            .containsExactly("While 'B_Control1' is 0 to 9, this channel has no function; what it does there is not said.");

        var end = waiting(c -> c.function("Open", 0, f -> f.physical(1, 1).when("B_Control1", DmxValue.ZERO, LOW)));
        assertThat(says("empty-master-values", end))
            .containsExactly("While 'B_Control1' is 128 to 255, this channel has no function; what it does there is not said.");

        assertThat(
                says("empty-master-values", waiting(c -> c.function("Open", 0, f -> f.physical(1, 1).when("B_Control1", DmxValue.ZERO, LOW))
                    .function("Strobe", "Shutter1Strobe", 0, f -> f.when("B_Control1", HIGH, TOP)))))
            .isEmpty();
        assertThat(says("empty-master-values", waiting(c -> c.function("Open", 0, f -> f.physical(1, 1))
            .function("Strobe", "Shutter1Strobe", 0, f -> f.when("B_Control1", HIGH, TOP))))).as("Open counts everywhere").isEmpty();
    }

    private static FixtureType batten(String dimmerOn) {
        return empty().body(part(Kind.Geometry, "B", part(Kind.Geometry, "Box"), reference("One", "Cell", 2), reference("Two", "Cell", 3)))
            .body(part(Kind.Beam, "Cell"))
            .mode("M", "B", mode -> mode.channel("Dimmer", dimmerOn, at(1), c -> c.function("Dimmer", 0, f -> {}))
                .channel("ColorAdd_R", "Cell", at(1), c -> c.function("Red", 0, f -> {})))
            .build();
    }

    @Test
    void aSharedDimmerBesideItsCells() {
        var beside = batten("Box");

        assertThat(says("dimmer-beside-cells", beside))
            .containsExactly("'Box_Dimmer' stands beside 'One', 'Two' and does not reach them: it dims only what is inside 'Box'.");
        assertThat(Fixtures.channel(mended("dimmer-beside-cells", beside), "Dimmer").geometry()).isEqualTo("B");
        assertThat(says("dimmer-beside-cells", batten("B"))).isEmpty();
        assertThat(says("dimmer-beside-cells", batten("Cell"))).as("each cell has one of its own").isEmpty();
    }

    private static FixtureType mover(double zoom) {
        return fixture(mode -> mode.channel("Pan", "Yoke", at(1, 2), c -> c.function("Pan", 0, f -> f.physical(-270, 270)))
            .channel("Tilt", "Yoke", at(3, 4), c -> c.function("Tilt", 0, f -> f.physical(usual("Tilt", true), usual("Tilt", false))))
            .channel("Zoom", "Yoke", at(5), c -> c.function("Zoom", 0, f -> f.physical(zoom, usual("Zoom", false)))));
    }

    private static double usual(String attribute, boolean first) {
        var line = yellowkite.core.attribute.Catalogue.STANDARD.find(attribute).orElseThrow();
        return first ? line.physicalFrom() : line.physicalTo();
    }

    @Test
    void physicalEndsThatNobodyLookedUp() {
        assertThat(says("catalogue-ends", mover(usual("Zoom", true)))).containsExactly(
                "The physical values of 'Pan', 'Tilt' and 'Zoom' are all what is usual for their attributes; look up what this fixture does, and enter it.");
        assertThat(says("catalogue-ends", mover(6.5))).isEmpty();
    }

    @Test
    void aColourThatLetsNoLightThrough() {
        FixtureType type = fixture(mode -> mode.channel("Color1", "B", at(1), c -> c.function("Colours", 0, f -> f.wheel("Glass"))));
        var glass = new Wheel(900, "Glass", List.of(Wheel.Slot.of(901, "Deep red", new ColorCie(0.68, 0.31, 0), ""),
                Wheel.Slot.of(902, "Amber", new ColorCie(0.57, 0.42, 60), "")), Source.NONE);

        assertThat(says("black-slot", type.with(f -> f.wheels = List.of(glass))))
            .containsExactly("'Deep red' lets no light through, by its colour: Y is 0.");
        assertThat(says("black-slot", Fixtures.spot())).isEmpty();
    }

    @Test
    void aMacroThatLeadsNowhere() {
        var steps = List.of(new Macro.Step(1,
                List.of(new Macro.Value(TOP, "B_Control1", Source.NONE), new Macro.Value(TOP, "Gone", Source.NONE)), Source.NONE));
        var type = waiting(c -> c.function("Open", 0, f -> f.physical(1, 1)))
            .mapModes(mode -> mode.withMacros(List.of(new Macro("Sweep", "", steps, Source.NONE))));

        assertThat(says("broken-macro", type)).containsExactly("The macro 'Sweep' uses 'Gone', which is not in this mode.");
    }

    @Test
    void aCurveInHundredths() {
        var low = new DmxProfile("Fixture", List.of(new DmxProfile.Point(0, 0, 0.01, 0, 0, Source.NONE)), Source.NONE);
        var whole = new DmxProfile("Fixture", List.of(new DmxProfile.Point(0, 0, 1, 0, 0, Source.NONE)), Source.NONE);

        assertThat(says("low-curve",
                Fixtures.spot().with(f -> f.physicalDescriptions = PhysicalDescriptions.EMPTY.withDmxProfiles(List.of(low)))))
            .containsExactly("The curve 'Fixture' never reaches 5 %; its values are shares of one, not percent.");
        assertThat(says("low-curve",
                Fixtures.spot().with(f -> f.physicalDescriptions = PhysicalDescriptions.EMPTY.withDmxProfiles(List.of(whole)))))
            .isEmpty();
    }

    /** A fix may uncover what is less bad than what it mends; it never brings in what is as bad. */
    @Test
    void aFixMendsItsFindingAndBringsNoneAsBad() {
        int offered = 0;
        for (int seed = 0; seed < 300; seed++) {
            var type = SoundDocuments.of(new Random(seed));
            var before = Checks.of(type);
            for (var finding : before) {
                if (finding.fix() != null && finding.fix().acceptedOn(type) instanceof Outcome.Applied<FixtureType> applied) {
                    offered++;
                    var after = Checks.of(applied.after());
                    assertThat(after).as(finding.toString()).doesNotContain(finding);
                    assertThat(after).as(finding.toString())
                        .filteredOn(each -> each.severity().compareTo(finding.severity()) <= 0 && count(after, each) > count(before, each))
                        .isEmpty();
                }
            }
        }
        assertThat(offered).isGreaterThan(100);
    }

    private static long count(List<Finding> findings, Finding like) {
        return findings.stream().filter(each -> each.rule().equals(like.rule())).count();
    }

    @Test
    void endsThatNobodyStatedAreCountedUntilSomebodyConfirmsThem() {
        var empty = fixture(mode -> {});
        var type = ((Outcome.Applied<FixtureType>) new yellowkite.core.edit.AddChannels(empty.modes().getFirst().id(),
                List.of(new yellowkite.core.edit.NewChannel("Zoom", "Zoom", 1, null, null, null),
                        new yellowkite.core.edit.NewChannel("Dimmer", "Dimmer", 1, null, null, null)),
                null)
            .acceptedOn(empty)).after();
        assertThat(says("assumed-ends", type))
            .containsExactly("The physical ends of 1 function are assumed, not stated: 'Zoom'. Look them up, and type or confirm them.");

        var zoom = type.modes().getFirst().channels().getFirst().functions().findFirst().orElseThrow();
        var confirmed = ((Outcome.Applied<FixtureType>) new yellowkite.core.edit.SetFunctionPhysical(zoom.id(), zoom.physicalFrom(),
                zoom.physicalTo())
            .acceptedOn(type)).after();

        assertThat(says("assumed-ends", confirmed)).isEmpty();
    }
}
