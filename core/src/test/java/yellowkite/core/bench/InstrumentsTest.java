package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** What a fixture shows, worked out by hand from its profile. */
class InstrumentsTest {
    private static Seen head(String flaws, int... slots) {
        var bytes = new byte[8];
        for (int i = 0; i < slots.length; i++) {
            bytes[i] = (byte) slots[i];
        }
        var all = flaws.isEmpty() ? java.util.List.<Flaw>of()
                : java.util.Arrays.stream(flaws.split(" ")).map(each -> Flaw.parse(each).orElseThrow()).toList();
        return Obeying.of(BenchFixtures.first(BenchFixtures.head()), all).at(bytes);
    }

    @Test
    void whatObeysShowsWhatTheProfileSays() {
        var seen = head("", 255, 255, 0, 0, 51, 45, 255);

        assertThat(seen.axes()).containsEntry("Pan", 270.0).containsEntry("Tilt", -130.0);
        assertThat(seen.level()).isCloseTo(0.2, within(1e-9)); // 51 / 255
        assertThat(seen.wheels().get("Reeds").slot()).isEqualTo(3); // 40 to 59: Ripples
        assertThat(seen.zoom()).isEqualTo(44);
        assertThat(seen.iris()).isNull();
        assertThat(seen.colour()).isNotNull();
        assertThat(head("", 0, 0, 0, 0, 0).colour()).as("a meter sees no colour in the dark").isNull();
    }

    @Test
    void eachFlawShowsAsItsNameSays() {
        // 0x4000 of 0xffff: -270 + 540 * 16384 / 65535 = -134.998
        assertThat(head("reversed:Pan", 0x40, 0).axes().get("Pan")).isCloseTo(134.998, within(0.001));
        assertThat(head("swapped:Pan:Tilt", 255, 255, 0, 0).axes()).containsEntry("Pan", -270.0).containsEntry("Tilt", 130.0);
        // 0x00ff for 0xff00: -270 + 540 * 255 / 65535 = -267.899
        assertThat(head("fine:Pan", 0xff, 0).axes().get("Pan")).isCloseTo(-267.899, within(0.001));
        assertThat(head("bent:Dimmer", 0, 0, 0, 0, 51).level()).isCloseTo(0.04, within(1e-9)); // 0.2 squared
        assertThat(head("wheel:Reeds:+1", 0, 0, 0, 0, 0, 45).wheels().get("Reeds").slot()).isEqualTo(4);
        assertThat(head("wheel:Reeds:+1", 0, 0, 0, 0, 0, 60).wheels().get("Reeds").slot()).as("and round").isEqualTo(1);
        assertThat(head("shift:Lens_Gobo1:5", 0, 0, 0, 0, 0, 44).wheels().get("Reeds").slot()).isEqualTo(2);
        assertThat(head("shift:Lens_Gobo1:5", 0, 0, 0, 0, 0, 45).wheels().get("Reeds").slot()).isEqualTo(3);
        assertThat(head("deaf:Lens_Zoom", 0, 0, 0, 0, 0, 0, 255).zoom()).isEqualTo(8);
        assertThat(head("footprint:6", 0, 0, 0, 0, 0, 60, 255).zoom()).isEqualTo(8);
        assertThat(head("personality:2", 51, 255).level()).isCloseTo(0.2, within(1e-9));
        assertThat(head("start:Lens_Dimmer:255").level()).as("after the first frame it obeys").isZero();
    }

    @Test
    void cellsStandInTheOtherOrder() {
        var mode = BenchFixtures.first(BenchFixtures.batten());
        var slots = new byte[9];
        slots[0] = (byte) 255;
        slots[1] = (byte) 255; // red of the first cell

        assertThat(Obeying.of(mode, java.util.List.of()).at(slots).cells().stream().map(each -> each.level() > 0))
            .containsExactly(true, false, false, false);
        assertThat(Obeying.of(mode, java.util.List.of(new Flaw.CellsReversed())).at(slots).cells().stream().map(each -> each.level() > 0))
            .containsExactly(false, false, false, true);
    }

    @Test
    void flawsAreReadAsTheyAreWritten() {
        for (var text : java.util.List.of("wheel:Gobos:+1", "wheel:A: B:-2", "reversed:Pan", "swapped:Pan:Tilt", "fine:Pan",
                "shift:Head_Gobo1:5", "start:Head_Dimmer:128", "bent:Dimmer", "order:reverse", "footprint:16", "personality:2",
                "deaf:Head_Zoom")) {
            assertThat(Flaw.parse(text).orElseThrow()).hasToString(text);
        }
        for (var wrong : java.util.List.of("", "wheel", "wheel:", "wheel:Gobos", "wheel:Gobos:x", "order:other", "footprint:-1",
                "footprint:99999999999", "personality:0", "swapped:Pan", "start:Dimmer:-1", "upside:down")) {
            assertThat(Flaw.parse(wrong)).as(wrong).isEmpty();
        }
    }

    @Test
    void darkGivesNoLightWhateverElseItSends() {
        for (var type : java.util.List.of(BenchFixtures.head(), BenchFixtures.batten())) {
            var mode = BenchFixtures.first(type);

            assertThat(Instruments.look(mode, mode.resolve(LightOut.full(mode))).level()).isEqualTo(1);
            assertThat(Instruments.look(mode, mode.resolve(LightOut.none(mode))).level()).isZero();
        }
    }
}
