package yellowkite.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Relation;
import yellowkite.core.xml.Source;

class MoreChecksTest {
    private final FixtureType spot = Fixtures.tidySpot();

    private FixtureType with(String attribute, UnaryOperator<Channel> change) {
        return spot.mapChannel(Fixtures.channel(spot, attribute).id(), change);
    }

    private static List<String> rules(FixtureType type) {
        return Checks.of(type).stream().map(Finding::rule).distinct().toList();
    }

    /** A fixture with the attributes that the channels need. */
    private static FixtureType fixture(Consumer<ModeBuilder> channels) {
        return ProfileBuilder.profile("Testers", "T")
            .id("T")
            .attribute("ColorAdd_R", "Red", "Color.RGB", "", PhysicalUnit.ColorComponent)
            .attribute("Control1", "Control", "Control.Control", "", PhysicalUnit.None)
            .attribute("Control2", "Control", "Control.Control", "", PhysicalUnit.None)
            .body(part(Kind.Geometry, "B"))
            .mode("M", "B", channels)
            .build();
    }

    private FixtureType withCurve(DmxProfile.Point... points) {
        return spot.with(f -> f.physicalDescriptions = PhysicalDescriptions.EMPTY
            .withDmxProfiles(List.of(new DmxProfile("C", List.of(points), Source.NONE))));
    }

    private static DmxProfile.Point point(double percent, double c0, double c1) {
        return new DmxProfile.Point(percent, c0, c1, 0, 0, Source.NONE);
    }

    @Test
    void aFootprintEndsWithTheUniverse() {
        assertThat(rules(with("StrobeMode", c -> c.withOffsets(List.of(512))))).doesNotContain("footprint-over-universe");
        assertThat(rules(with("StrobeMode", c -> c.withOffsets(List.of(513))))).contains("footprint-over-universe",
                "address-outside-universe");
    }

    @Test
    void mastersInACircleAreFoundOnEachOfThem() {
        var all = new DmxValue(255, 1);
        var circle = fixture(m -> m
            .channel("Control1", "B", at(1), c -> c.function("A", 0, f -> f.when("B_Control2.Control2.B", DmxValue.ZERO, all)))
            .channel("Control2", "B", at(2), c -> c.function("B", 0, f -> f.when("B_Control1.Control1.A", DmxValue.ZERO, all))));

        assertThat(Checks.of(circle)).filteredOn(each -> each.rule().equals("cyclic-mode-master")).hasSize(2);
    }

    @Test
    void linksThatLeadNowhereAreFound() {
        assertThat(rules(with("Pan", c -> c.mapFunctions(f -> f.with(x -> x.dmxProfile = "Gone"))))).containsExactly("unknown-curve");
        assertThat(rules(spot
            .mapModes(m -> m.withRelations(List.of(new Relation("r", "Base_StrobeMode", "Gone", Relation.Type.MULTIPLY, Source.NONE))))))
            .containsExactly("broken-relation");
        assertThat(rules(spot.with(t -> t.attributeDefinitions = new yellowkite.core.profile.AttributeDefinitions(
                List.of(), List.of(), t.attributeDefinitions.attributes(), Source.NONE))))
            .containsExactly("broken-feature");
    }

    @Test
    void namesThatAreLinksAreUnique() {
        assertThat(rules(spot.with(t -> t.wheels = List.of(t.wheels.getFirst(), t.wheels.getFirst())))).contains("duplicate-name");
        assertThat(rules(spot.mapModes(m -> m.withChannels(
                List.of(m.channels().get(0), m.channels().get(1), m.channels().get(2), m.channels().get(3), m.channels().get(0))))))
            .contains("duplicate-channel");
        assertThat(rules(with("Shutter1", c -> c.mapFunctions(f -> f.with(x -> x.name = "Same")).withInitialFunction(""))))
            .contains("duplicate-function");
    }

    @Test
    void startsAscendAndDoNotMeet() {
        assertThat(rules(with("Gobo1", c -> c.mapLogicalChannels(l -> l.withFunctions(l.functions().reversed())))))
            .containsExactly("functions-out-of-order");
        assertThat(rules(with("StrobeMode", c -> c.mapLogicalChannels(l -> l.withFunctions(List.of(l.functions().getFirst(),
                l.functions().getFirst().with(f -> f.name = "Other")))))))
            .containsExactly("overlapping-starts");
    }

    @Test
    void slotsThatNothingBringsInAreRemarked() {
        var without = with("Gobo1", c -> c.mapFunctions(f -> f.mapRanges(r -> r.slot() == 2 ? r.withSlot(0) : r)));

        assertThat(Checks.of(without)).extracting(Finding::says).containsExactly("No named range selects slot 2 (Dots) of wheel 'Wheel'.");
    }

    @Test
    void panTurnsAnAxis() {
        var onBase = with("Pan",
                c -> new Channel(c.id(), c.dmxBreak(), c.offsets(), "", null, null, "Base", c.logicalChannels(), c.source()));

        assertThat(rules(onBase)).containsExactlyInAnyOrder("pan-tilt-on-no-axis", "axis-not-turned");
    }

    @Test
    void aRangeWithoutWidthOnAContinuousAttributeIsRemarked() {
        assertThat(rules(with("Pan", c -> c.mapFunctions(f -> f.with(x -> x.physicalTo = x.physicalFrom)))))
            .containsExactly("flat-physical");
    }

    @Test
    void coloursWithoutADimmerAreTold() {
        assertThat(rules(fixture(m -> m.channel("ColorAdd_R", "B", at(1), c -> c.function("Red", 0, f -> {})))))
            .containsExactly("no-dimmer");
        assertThat(rules(fixture(m -> m.channel("ColorAdd_R", "B", at(1), c -> c.function("Red", 0, f -> {}))
            .channel("Dimmer", "B", at(), c -> c.function("Dimmer", 0, f -> {})))))
            .doesNotContain("no-dimmer");
    }

    @Test
    void curvesRiseWithinTheirRange() {
        assertThat(rules(withCurve(point(0, 0, 1)))).isEmpty();
        assertThat(rules(withCurve(point(0, 1, -1)))).containsExactly("uneven-curve");
        assertThat(rules(withCurve(point(0, 0, 2)))).containsExactly("uneven-curve");
        assertThat(rules(withCurve(point(0, 0.5, 0), point(50, 0.2, 0)))).containsExactly("uneven-curve", "jumping-curve");
    }

    @Test
    void whatIsBeyondReadingIsCounted() {
        var many = fixture(m -> m.channel("Control1", "B", at(1), c -> {
            for (int i = 0; i < 250; i++) {
                c.function("F" + i, "Unheard", 0, f -> {});
            }
        }));

        assertThat(Checks.of(many)).filteredOn(each -> each.rule().equals("overlapping-starts"))
            .hasSize(201)
            .last()
            .satisfies(each -> assertThat(each.says()).isEqualTo("There are 49 more of this kind."));
    }

    @Test
    void valuesThatWereToleratedAreErrors() {
        var xml = "<GDTF DataVersion=\"1.2\"><FixtureType Name=\"N\" Manufacturer=\"M\" FixtureTypeID=\"I\"><DMXModes><DMXMode Name=\"A\"><DMXChannels><DMXChannel Offset=\"one\"/></DMXChannels></DMXMode></DMXModes></FixtureType></GDTF>";

        var findings = Checks.of(new GdtfFile(GdtfDescription.read(xml.getBytes(StandardCharsets.UTF_8)), Map.of()));

        assertThat(findings).anySatisfy(each -> {
            assertThat(each.rule()).isEqualTo("bad-value");
            assertThat(each.says()).isEqualTo("'one' was found for Offset where a whole number is expected; it stays unchanged.");
            assertThat(each.place().words()).contains("DMXMode 'A'");
        });
    }
}
