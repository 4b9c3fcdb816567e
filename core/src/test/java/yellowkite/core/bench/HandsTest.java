package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.colour.Wish;
import yellowkite.core.light.WantedColour;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.UnitPath;

/** Channels of the head: 0 pan, 1 tilt, 2 dimmer, 3 wheel, 4 zoom, 5 fan; at addresses 1 to 8. */
class HandsTest {
    private static final int PAN = 0;
    private static final int WHEEL = 3;
    private final Hands head = Hands.atStart(BenchFixtures.first(BenchFixtures.head()));

    @Test
    void aPhysicalValueIsMetByTheNearestStep() {
        // 90 degrees of -270 to 270 in 65536 steps: 360 / 540 * 65535 = 43690
        var moved = head.near(PAN, 0, 90);

        assertThat(moved.raws()[PAN]).isEqualTo(43_690);
        assertThat(Objects.requireNonNull(moved.meanings().get(PAN).physical())).isCloseTo(90, within(0.005));
        assertThat(head.near(PAN, 0, 9_000).raws()[PAN]).as("as far as it goes").isEqualTo(65_535);
    }

    @Test
    void levelsStandAtItsAddress() {
        var levels = head.with(PAN, 0x1234).levels(101);

        assertThat(levels).hasSize(512);
        assertThat(levels[100] + " " + levels[101] + " " + levels[99] + " " + (levels[102] & 0xff)).isEqualTo("18 52 0 128");
        assertThat(head.wide(101)).containsExactly(List.of(100, 101), List.of(102, 103));
    }

    @Test
    void aFadeBetweenTwoSlotsPassesOverThoseBetween() {
        var open = head.with(WHEEL, 0);
        var gate = head.with(WHEEL, 200);

        assertThat(open.passes(gate)).containsExactly(new Hands.Passed(WHEEL, "Lens_Gobo1", List.of("Reeds", "Ripples"), false));
        assertThat(gate.passes(open).getFirst().ranges()).as("the way back").containsExactly("Ripples", "Reeds");
        assertThat(open.passes(head.with(WHEEL, 25))).as("neighbours").isEmpty();
        assertThat(open.passes(open.with(WHEEL, 19))).as("within one").isEmpty();
    }

    @Test
    void channelsThatSnapJump() {
        var mode = BenchFixtures.first(ProfileBuilder.profile("Testers", "Snapper")
            .body(ProfileBuilder.part(Kind.Beam, "Lens"))
            .mode("One", "Lens",
                    each -> each.channel("Dimmer", "Lens", ModeBuilder.at(1), c -> c.function("Dimmer", 0, f -> f.physical(0, 1)))
                        .channel("Gobo1", "Lens", ModeBuilder.at(2, 3),
                                c -> c.snap()
                                    .function("Gobo", 0, f -> f.range("One", 0, 1).range("Two", 20_000, 2).range("Three", 40_000, 3))))
            .build());
        var hands = Hands.atStart(mode);

        assertThat(hands.jumps(11)).containsExactly(11, 12);
        assertThat(hands.passes(hands.with(1, 65_535)).getFirst().snaps()).isTrue();
    }

    @Test
    void aLookIsKnownByTheNamesOfItsChannels() {
        var look = head.with(PAN, 7).with(2, 200).values();

        assertThat(look).containsEntry("Yoke_Pan", 7L).containsEntry("Lens_Dimmer", 200L).hasSize(6);
        assertThat(head.with(look).raws()).isEqualTo(head.with(PAN, 7).with(2, 200).raws());
        var narrow = Hands.atStart(yellowkite.core.dmx.CompiledMode.of(BenchFixtures.head(), BenchFixtures.head().modes().get(1)));
        assertThat(narrow.with(look).values()).as("a mode that has not all of them").containsEntry("Lens_Dimmer", 200L);
        assertThat(narrow.with(Map.of("Yoke_Pan", 60_000L)).values()).as("nor that wide").containsEntry("Yoke_Pan", 128L);
    }

    @Test
    void aUnitOfARigBeginsAtTheStartThatItHasThere() {
        var own = Adjustments.NONE.with("Dimmer", new ChannelAdjustment(false, List.of(), 1, 0, 1, false, null, 0.5));

        assertThat(Hands.atStart(UnitPath.of(head.mode(), own)).values()).containsEntry("Lens_Dimmer", 128L)
            .containsEntry("Yoke_Pan", 32_768L);
    }

    @Test
    void litMeansThatTheLightIsOut() {
        var lit = Hands.lit(head.mode());

        assertThat(lit.values()).containsEntry("Lens_Dimmer", 255L).containsEntry("Yoke_Pan", 32_768L);
    }

    @Test
    void aColourIsFoundByTheCore() {
        var batten = Hands.atStart(BenchFixtures.first(BenchFixtures.batten()));
        var found = (WantedColour.Result.Found) batten.coloured(Wish.screen("#ff0000"), 1);
        var red = batten.with(found);

        assertThat(red.values().entrySet().stream().filter(each -> each.getKey().endsWith("_W")).map(Map.Entry::getValue)).containsOnly(0L);
        assertThat(red.values().entrySet().stream().filter(each -> each.getKey().endsWith("_R")).map(Map.Entry::getValue))
            .containsOnly(255L);
    }

    @Test
    void whatThereIsNotIsRefused() {
        assertThatThrownBy(() -> head.with(6, 0)).hasMessage("This mode has no channel 7.");
        assertThatThrownBy(() -> head.with(2, 256)).hasMessage("Lens_Dimmer has values from 0 to 255; 256 is outside.");
        assertThatThrownBy(() -> head.near(PAN, 3, 0)).hasMessageContaining("no such function");
        assertThatThrownBy(() -> head.near(PAN, 0, Double.NaN)).hasMessageContaining("no such value");
    }
}
