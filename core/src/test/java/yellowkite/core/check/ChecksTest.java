package yellowkite.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

class ChecksTest {
    private final FixtureType spot = Fixtures.tidySpot();

    private FixtureType with(String attribute, java.util.function.UnaryOperator<Channel> change) {
        return spot.mapChannel(Fixtures.channel(spot, attribute).id(), change);
    }

    private static List<String> rules(FixtureType type) {
        return Checks.of(type).stream().map(Finding::rule).distinct().toList();
    }

    private static Finding only(FixtureType type, String rule) {
        return Checks.of(type).stream().filter(each -> each.rule().equals(rule)).findFirst().orElseThrow();
    }

    @Test
    void findNothingOnAGoodFixture() {
        assertThat(Checks.of(spot)).isEmpty();
        assertThat(Checks.of(Fixtures.nestedCells())).extracting(Finding::rule).containsOnly("address-gap", "beam-without-figures");
    }

    @Test
    void nameBothChannelsOfAnOverlap() {
        var finding = only(with("Gobo1", c -> c.withOffsets(List.of(2))), "address-overlap");

        assertThat(finding.says()).isEqualTo("'Yoke_Gobo1' overlaps 'Yoke_Pan' at address 2.");
        assertThat(finding.place().words()).isEqualTo("Mode 'Main', address 2, G1 (Yoke_Gobo1)");
        assertThat(finding.severity()).isEqualTo(Severity.ERROR);
    }

    @Test
    void comeErrorsFirst() {
        assertThat(rules(with("StrobeMode", c -> c.withOffsets(List.of(600))))).startsWith("address-outside-universe")
            .endsWith("footprint-over-universe");
        assertThat(rules(with("StrobeMode", c -> c.withOffsets(List.of(9))))).containsExactly("address-gap");
    }

    @Test
    void tellLinksThatLeadNowhere() {
        assertThat(rules(with("Shutter1", c -> c.mapFunctions(f -> f.with(x -> x.modeMaster = x.modeMaster.isEmpty() ? "" : "Gone")))))
            .containsExactly("broken-mode-master");
        assertThat(rules(with("Gobo1", c -> c.mapFunctions(f -> f.with(x -> x.wheel = "Gone"))))).containsExactly("unknown-wheel",
                "unreached-slot");
        assertThat(rules(with("Pan", c -> c.withInitialFunction("Gone")))).containsExactly("broken-initial-function");
        assertThat(rules(spot.with(f -> f.geometries = List.of()))).containsExactly("broken-reference", "unknown-geometry");
        assertThat(rules(spot.with(f -> f.attributeDefinitions = yellowkite.core.profile.AttributeDefinitions.EMPTY)))
            .containsExactly("undefined-attribute");
    }

    @Test
    void offerTheWheelThatFitsForOneThatIsMissing() {
        var broken = with("Gobo1", c -> c.mapFunctions(f -> f.name().equals("Still") ? f.with(x -> x.wheel = "Wheels") : f));

        var finding = only(broken, "unknown-wheel");

        assertThat(finding.fixSays()).isEqualTo("Use wheel 'Wheel'");
        assertThat(((Outcome.Applied<FixtureType>) finding.fix().applyTo(broken)).after()).isEqualTo(spot);
    }

    @Test
    void tellARangeThatIsCalledAfterAnotherSlot() {
        var swapped = with("Gobo1", c -> c.mapFunctions(f -> f.mapRanges(r -> r.name().equals("Dots") ? r.withSlot(1) : r)));

        var finding = only(swapped, "other-slots-name");

        assertThat(finding.says()).isEqualTo("'Dots' selects slot 1, 'Open'; it is called after slot 2.");
        assertThat(((Outcome.Applied<FixtureType>) finding.fix().applyTo(swapped)).after()).isEqualTo(spot);
        assertThat(rules(with("Gobo1",
                c -> c.mapFunctions(f -> f.mapRanges(r -> r.name().equals("Dots") ? r.withName("Polkadotsy").withSlot(1) : r)))))
            .doesNotContain("other-slots-name");
    }

    @Test
    void offerAFixThatMendsWhatTheyFound() {
        var broken = with("Gobo1", c -> c.mapFunctions(f -> f.mapRanges(r -> switch (r.name()) {
            case "Open" -> r.withDmxFrom(new DmxValue(4, 1));
            case "Bars" -> r.withSlot(7);
            case "Bars shaking" -> r.withDmxFrom(new DmxValue(20, 1));
            default -> r;
        })));
        assertThat(rules(broken)).containsExactlyInAnyOrder("range-outside-function", "unknown-slot", "hole-in-ranges");

        var mended = broken;
        for (var finding : Checks.of(broken)) {
            if (finding.fix() != null && finding.fix().applyTo(mended) instanceof Outcome.Applied<FixtureType> applied) {
                mended = applied.after();
            }
        }

        assertThat(rules(mended)).containsExactly("unreached-slot"); // the fix of a wrong slot is none: which one is right only a person knows
    }

    @Test
    void tellAStartValueOutsideItsFunctionAndMendIt() {
        var broken = with("Gobo1",
                c -> c.mapFunctions(f -> f.name().equals("Still") ? f.with(x -> x.defaultValue = new DmxValue(200, 1)) : f));
        var finding = only(broken, "start-outside-function");

        assertThat(finding.says()).isEqualTo("The start value 200 lies outside 'Still', which runs from 0 to 99.");
        assertThat(finding.fix().applyTo(broken)).isInstanceOfSatisfying(Outcome.Applied.class,
                applied -> assertThat(rules((FixtureType) applied.after())).isEmpty());
    }

    @Test
    void noticeAWheelThatIsOffByOneAllAlong() {
        var shifted = with("Gobo1", c -> c.mapFunctions(f -> !f.name().equals("Still") ? f
                : f.mapRanges(r -> r.withSlot(r.slot() - 1))));
        var three = Fixtures.range(shifted, "Dots").slot();

        assertThat(three).isEqualTo(1);
        assertThat(Checks.of(shifted)).extracting(Finding::rule).doesNotContain("wheel-off-by-one"); // two ranges are not enough to tell

        var longer = shifted.with(t -> t.wheels = List.of(new yellowkite.core.profile.Wheel(900, "Wheel",
                List.of(slot("Open"), slot("Dots"), slot("Bars"), slot("Rings")), yellowkite.core.xml.Source.NONE)));
        var off = longer.mapChannel(Fixtures.channel(longer, "Gobo1").id(), c -> c.mapFunctions(f -> !f.name().equals("Still") ? f
                : f.with(x -> x.ranges = yellowkite.core.profile.Trees.insert(x.ranges, 3,
                        yellowkite.core.profile.NamedRange.of(901, "Rings", new DmxValue(60, 1)).withSlot(3)))));
        assertThat(only(off, "wheel-off-by-one").says()).contains("one slot off");
    }

    private static yellowkite.core.profile.Wheel.Slot slot(String name) {
        return yellowkite.core.profile.Wheel.Slot.of(0, name, null, "");
    }

    @Test
    void tellAChannelThatItsReferenceGivesNoStart() {
        var cells = Fixtures.nestedCells();
        var elsewhere = cells.mapChannel(Fixtures.channel(cells, "ColorAdd_R").id(), c -> new Channel(c.id(),
                new yellowkite.core.profile.DmxBreak.Number(4), c.offsets(), "", null, null, c.geometry(), c.logicalChannels(),
                c.source()));

        assertThat(only(elsewhere, "missing-address").says()).contains("gives no start for its break");
    }

    @Test
    void missNameManufacturerAndId() {
        assertThat(Checks.of(FixtureType.of(f -> {}))).extracting(Finding::rule)
            .containsExactly("missing-identity", "missing-identity", "missing-identity", "no-mode");
    }
}
