package yellowkite.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;

import java.nio.ByteBuffer;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.gdtf.Media;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Protocols;
import yellowkite.core.xml.Source;

class LightAndMediaChecksTest {
    private final FixtureType spot = Fixtures.tidySpot();

    private static List<String> says(String rule, List<Finding> findings) {
        return findings.stream().filter(each -> each.rule().equals(rule)).map(Finding::says).toList();
    }

    private static List<String> says(String rule, FixtureType type) {
        return says(rule, Checks.of(type));
    }

    /** The document after the first fix of a rule. */
    private static FixtureType mended(String rule, FixtureType type) {
        var fix = Checks.of(type).stream().filter(each -> each.rule().equals(rule)).findFirst().orElseThrow().fix();
        return ((Outcome.Applied<FixtureType>) fix.applyTo(type)).after();
    }

    private FixtureType withFunction(String name, Consumer<ChannelFunction.Fields> change) {
        int id = Fixtures.function(spot, name).id();
        return spot.mapModes(mode -> mode
            .mapChannels(channel -> channel.mapFunctions(function -> function.id() == id ? function.with(change) : function)));
    }

    private static FixtureType fixture(Consumer<ModeBuilder> channels) {
        return ProfileBuilder.profile("Testers", "T").id("T").body(part(Kind.Geometry, "B")).mode("M", "B", channels).build();
    }

    @Test
    void aFineByteOnAChannelOfItsOwn() {
        assertThat(says("lone-fine-byte", fixture(mode -> mode.channel("Pan", "B", at(1), c -> c.function("Pan", 0, f -> {}))
            .channel("Dummy", "B", at(2), c -> c.function("Pan fine", 0, f -> {}))))).singleElement()
            .asString()
            .startsWith("'Pan fine' is a fine byte");
        assertThat(says("lone-fine-byte", fixture(mode -> mode.channel("Pan", "B", at(1, 2), c -> c.function("Pan fine", 0, f -> {})))))
            .isEmpty();
        assertThat(says("lone-fine-byte", fixture(mode -> mode.channel("Control1", "B", at(1), c -> c.function("Refined", 0, f -> {})))))
            .isEmpty();
    }

    @Test
    void linksToFiltersEmittersColourSpacesAndModelsThatAreNotThere() {
        assertThat(says("unknown-filter", withFunction("Still", f -> f.filter = "Amber"))).hasSize(1);
        assertThat(says("unknown-emitter", withFunction("Still", f -> f.emitter = "Red"))).hasSize(1);
        assertThat(says("unknown-color-space", withFunction("Still", f -> f.gamut = "Wide")))
            .containsExactly("The gamut 'Wide' of 'Still' is not in the profile.");
        assertThat(says("unknown-emitter", spot)).isEmpty();
    }

    @Test
    void referencesAndModesThatUseWhatIsNotAtTheTop() {
        var type = ProfileBuilder.profile("Testers", "T")
            .body(part(Kind.Geometry, "B", part(Kind.Beam, "Cell"), reference("One", "Cell", 1)))
            .mode("M", "Cell", mode -> {})
            .build();

        assertThat(says("broken-reference", type)).containsExactly("This reference repeats 'Cell', which is no top-level part of the body.",
                "The mode works on 'Cell', which is no top-level part of the body.");
    }

    @Test
    void aHighlightValueWhereNothingHappensAndItsFix() {
        var type = fixture(mode -> mode.channel("Control1", "B", at(1), c -> c.highlight(10).function("On", 100, f -> {})));

        assertThat(says("highlight-outside", type)).containsExactly("At the highlight value 10 no function of this channel is active.");
        assertThat(says("highlight-outside", mended("highlight-outside", type))).isEmpty();
    }

    @Test
    void aUnitOfAnotherKindAndItsFix() {
        var type = ProfileBuilder.profile("Testers", "T")
            .attribute("Pan", "Pan", "Position.PanTilt", "", PhysicalUnit.Frequency)
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Percent)
            .build();

        assertThat(says("misfit-unit", type)).containsExactly("'Pan' counts in Frequency here; the standard's unit is Angle.");
        assertThat(mended("misfit-unit", type).unitOf("Pan")).isEqualTo(PhysicalUnit.Angle);
    }

    @Test
    void anAttributeOutsideTheListAndOneThatIsOnlyNotDefined() {
        assertThat(says("custom-attribute",
                ProfileBuilder.profile("T", "T").attribute("Sparkle", "S", "Beam.Beam", "", PhysicalUnit.None).build()))
            .hasSize(1);

        var undefined = fixture(mode -> mode.channel("Zoom", "B", at(1), c -> c.function("Zoom", 0, f -> {})));

        assertThat(mended("undefined-attribute", undefined).unitOf("Zoom")).isEqualTo(PhysicalUnit.Angle);
        assertThat(says("undefined-attribute", mended("undefined-attribute", undefined))).isEmpty();
    }

    @Test
    void slipsThatAreUsualWhileOneWrites() {
        var slips = ProfileBuilder.profile("Testers", "T")
            .id("T")
            .body(part(Kind.Geometry, "B"))
            .mode("17 channels", "B", mode -> mode
                .channel("Pan", "B", at(1), c -> c.function("Pan", 0, f -> {}))
                .channel("Tilt", "B", at(2, 3), c -> c.function("Tilt", 0, f -> {}))
                .channel("Shutter1", "B", at(4), c -> c.function("Strobe", "Shutter1Strobe", 0, f -> {}).function("Open", 200, f -> {})))
            .build();

        assertThat(says("pan-without-fine", slips)).containsExactly("Pan has one byte and Tilt has 2: a fine byte may be missing.");
        assertThat(says("mode-name-count", slips)).containsExactly("The name says 17 channels; the map takes 4 addresses.");
        assertThat(says("starts-in-strobe", slips))
            .containsExactly("The start value 0 lies in 'Strobe': the fixture flashes before anyone asked for it.");
        assertThat(Fixtures.channel(mended("starts-in-strobe", slips), "Shutter1").start()).isEqualTo(200);
        assertThat(says("pan-without-fine", spot)).isEmpty();
        assertThat(says("starts-in-strobe", spot)).isEmpty();
    }

    @Test
    void aWheelWithoutAnOpenSlot() {
        assertThat(says("no-open-slot", spot)).isEmpty();
        var closed = spot.with(f -> f.wheels = f.wheels.stream()
            .map(wheel -> new yellowkite.core.profile.Wheel(wheel.id(), wheel.name(), wheel.slots().subList(1, 3), wheel.source()))
            .toList());
        assertThat(says("no-open-slot", closed))
            .containsExactly("No slot of wheel 'Wheel' is open: the light never gets through untouched.");
        assertThat(yellowkite.core.profile.Wheel.Slot.of(1, "Red", new ColorCie(0.64, 0.33, 20), "").isOpen()).isFalse();
    }

    @Test
    void aCurveThatJumps() {
        // to 50 %: y = u, so 0.5 at the end; from there 0.8
        var points = List.of(new DmxProfile.Point(0, 0, 1, 0, 0, Source.NONE), new DmxProfile.Point(50, 0.8, 0.4, 0, 0, Source.NONE));
        var type = spot.with(f -> f.physicalDescriptions = PhysicalDescriptions.EMPTY
            .withDmxProfiles(List.of(new DmxProfile("C", points, Source.NONE))));

        assertThat(says("jumping-curve", type)).containsExactly("The curve 'C' jumps from 0.500 to 0.800 at 50.00 %.");
    }

    @Test
    void anRdmPersonalityThatNamesNoMode() {
        var rdm = new Protocols.Rdm(1, 2,
                List.of(new Protocols.SoftwareVersion(1,
                        List.of(new Protocols.Personality(1, "Main", Source.NONE), new Protocols.Personality(2, "Lost", Source.NONE)),
                        Source.NONE)),
                Source.NONE);

        assertThat(says("unknown-personality", spot.with(f -> f.protocols = new Protocols(rdm, List.of(), Source.NONE))))
            .containsExactly("RDM personality 2 names the mode 'Lost', which the profile does not have.");
    }

    @Test
    void conditionsInOneByteThatLeaveAGapOnAWideMaster() {
        Consumer<ModeBuilder> two = mode -> mode
            .channel("Control1", "B", at(1), c -> c.function("Slow", 0, f -> f.when("B_Control2", DmxValue.ZERO, new DmxValue(127, 1)))
                .function("Fast", 0, f -> f.when("B_Control2", new DmxValue(128, 1), new DmxValue(255, 1))));

        var wide = fixture(mode -> two.accept(mode.channel("Control2", "B", at(2, 3), c -> c.function("Speed", 0, f -> {}))));
        var narrow = fixture(mode -> two.accept(mode.channel("Control2", "B", at(2), c -> c.function("Speed", 0, f -> {}))));

        // 127/1 is 32639 in two bytes, 128/1 is 32896
        assertThat(says("mode-master-gap", wide)).singleElement().asString().contains("the values 32640 to 32895 of 'B_Control2'");
        assertThat(says("mode-master-gap", narrow)).isEmpty();
    }

    private static byte[] png(int width, int height) {
        return ByteBuffer.allocate(33)
            .put(new byte[]{(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10})
            .putInt(13)
            .put("IHDR".getBytes())
            .putInt(width)
            .putInt(height)
            .array();
    }

    private List<Finding> withPictures(byte[] dots, byte[] bars) {
        var entries = new LinkedHashMap<String, byte[]>(Map.of("wheels/dots.png", dots));
        entries.put("wheels/bars.png", bars);
        return Checks.of(spot, Media.of(entries));
    }

    @Test
    void picturesThatAreMissingMisshapenOrNone() {
        assertThat(says("missing-picture", Checks.of(spot, Media.of(Map.of())))).hasSize(2);
        assertThat(withPictures(png(256, 256), png(1024, 1024))).extracting(Finding::rule)
            .doesNotContain("missing-picture", "picture-size", "picture-not-square", "unreadable-picture");
        assertThat(says("picture-size", withPictures(png(255, 255), png(1025, 1025)))).hasSize(2);
        assertThat(says("picture-not-square", withPictures(png(300, 400), png(512, 512))))
            .containsExactly("'wheels/dots.png' is 300 x 400 pixels large; pictures of slots are square.");
        assertThat(says("unreadable-picture", withPictures(new byte[]{1, 2, 3}, png(512, 512))))
            .containsExactly("'wheels/dots.png' is no PNG picture.");
    }

    @Test
    void findingsLeadToWhereTheThingIsUsed() {
        var square = withPictures(png(300, 400), png(512, 512)).stream()
            .filter(each -> each.rule().equals("picture-not-square"))
            .findFirst()
            .orElseThrow();
        assertThat(square.place().wheel()).isEqualTo(spot.wheels().getFirst().id());

        var custom = fixture(mode -> mode.channel("Sparkle", "B", at(1), c -> c.function("Sparkle", 0, f -> {})))
            .with(f -> f.attributeDefinitions = ProfileBuilder.profile("T", "T")
                .attribute("Sparkle", "S", "Beam.Beam", "", PhysicalUnit.None)
                .build()
                .attributeDefinitions());
        var finding = Checks.of(custom).stream().filter(each -> each.rule().equals("custom-attribute")).findFirst().orElseThrow();
        assertThat(finding.place().channel()).isEqualTo(Fixtures.channel(custom, "Sparkle").id());
        assertThat(finding.place().words()).isEqualTo("Attribute 'Sparkle'");
    }

    @Test
    void aPictureThatSaysItIsAbsurdlyLargeIsToldWithoutBeingOpened() {
        assertThat(says("unreadable-picture", withPictures(png(-1, 2_000_000_000), png(512, 512))))
            .containsExactly(
                    "'wheels/dots.png' says that it is 4294967295 x 2000000000 pixels large; more than 4096 a side are not opened.");
    }

    @Test
    void aProfileWithoutAPictureOfTheFixture() {
        assertThat(says("no-thumbnail", Checks.of(spot, Media.of(Map.of())))).containsExactly("The profile has no picture of the fixture.");
        var named = spot.with(f -> f.thumbnail = "fixture");
        assertThat(says("no-thumbnail", Checks.of(named, Media.of(Map.of()))))
            .containsExactly("The picture of the fixture, 'fixture', is not in the file.");
        assertThat(says("no-thumbnail", Checks.of(named, Media.of(Map.of("fixture.png", new byte[0]))))).isEmpty();
        assertThat(says("no-thumbnail", Checks.of(named, Media.of(Map.of("fixture.svg", new byte[0]))))).singleElement()
            .asString()
            .contains("as a drawing only");
    }
}
