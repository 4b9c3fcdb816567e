package yellowkite.core.wire;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.sacn.SacnPacket;

class UniverseSourcesTest {
    private static final UUID ONE = new UUID(0, 1);
    private static final UUID OTHER = new UUID(0, 2);
    private final UniverseSources sources = new UniverseSources();

    private static SacnPacket packet(UUID from, int priority, int sequence, int... slots) {
        var bytes = new byte[slots.length];
        for (int i = 0; i < slots.length; i++) {
            bytes[i] = (byte) slots[i];
        }
        return new SacnPacket(from, "", priority, 0, sequence, false, false, false, 1, 0, Bytes.of(bytes));
    }

    private static SacnPacket ended(UUID from, int sequence) {
        return new SacnPacket(from, "", 100, 0, sequence, false, true, false, 1, 0, Bytes.NONE);
    }

    private String levels(long millis) {
        return sources.levels(TimeUnit.MILLISECONDS.toNanos(millis)).map(all -> (all[0] & 0xff) + " " + (all[1] & 0xff)).orElse("nobody");
    }

    private boolean take(SacnPacket packet, long millis) {
        return sources.take(packet, TimeUnit.MILLISECONDS.toNanos(millis));
    }

    @Test
    void theHighestPriorityWinsAndOfEqualOnesTheHighestValue() {
        take(packet(ONE, 100, 0, 10, 200), 0);
        take(packet(OTHER, 100, 0, 90), 0);
        assertThat(levels(1)).isEqualTo("90 200");

        take(packet(OTHER, 101, 1, 5), 1);
        assertThat(levels(2)).isEqualTo("5 0");
    }

    @Test
    void aSourceThatWasNotHeardOrThatEndedIsGone() {
        take(packet(ONE, 150, 0, 1), 0);
        take(packet(OTHER, 100, 0, 2), 1_000);
        assertThat(levels(2_500)).isEqualTo("1 0");
        assertThat(levels(2_501)).isEqualTo("2 0");

        take(ended(OTHER, 1), 2_600);
        assertThat(levels(2_601)).isEqualTo("nobody");
    }

    /** Difference as a signed byte, in (-20, 0]: dropped. */
    @ParameterizedTest
    @CsvSource({"100, 100, false", "100, 99, false", "100, 81, false", "100, 80, true", "100, 101, true", "255, 0, true", "5, 250, false",
            "5, 240, true", "0, 128, true"})
    void whatIsBehindTheNewestIsDropped(int newest, int sequence, boolean taken) {
        take(packet(ONE, 100, newest, 1), 0);

        assertThat(take(packet(ONE, 100, sequence, 2), 1)).isEqualTo(taken);
        assertThat(sources.dropped()).isEqualTo(taken ? 0 : 1);
    }

    @Test
    void afterSilenceAnySequenceIsTheFirst() {
        take(packet(ONE, 100, 50, 1), 0);

        assertThat(take(packet(ONE, 100, 45, 2), 3_000)).isTrue();
    }

    @Test
    void otherStartCodesAndPreviewsAreNoLight() {
        assertThat(take(new SacnPacket(ONE, "", 100, 0, 0, true, false, false, 1, 0, Bytes.of((byte) 1)), 0)).isFalse();
        assertThat(take(new SacnPacket(ONE, "", 100, 0, 0, false, false, false, 1, 0xdd, Bytes.of((byte) 1)), 0)).isFalse();
        assertThat(levels(0)).isEqualTo("nobody");
    }

    @Test
    void artNetIsOneSourceAmongOthers() {
        take(packet(ONE, 100, 0, 10, 200), 0);
        sources.take(new ArtDmx(0, 0, 0, Bytes.of((byte) 90, (byte) 0)), "here", 0);
        sources.take(new ArtDmx(0, 0, 0, Bytes.of((byte) 80, (byte) 0)), "here", 1); // it counts no sequence

        assertThat(levels(1)).isEqualTo("80 200");
    }

    @Test
    void aFloodOfSourcesIsBounded() {
        for (int i = 0; i < 100_000; i++) {
            take(packet(new UUID(1, i), 100, 0, 1), 0);
        }

        assertThat(sources.winning(0)).hasSize(64);
        assertThat(sources.dropped()).isEqualTo(100_000 - 64);
    }
}
