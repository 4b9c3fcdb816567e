package yellowkite.core.bench.telemetry;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.bench.Seen;
import yellowkite.core.colour.Chromaticity;

class TelemetryJsonTest {
    private static final Seen SEEN = new Seen(12, "Kite", new TreeMap<>(Map.of(1, 128)), 0.5, new TreeMap<>(Map.of("Pan", -12.5)),
            new Chromaticity(0.31, 0.32), new TreeMap<>(Map.of("Gobos", new Seen.OfWheel(2, 1, 2, 3))), 20.0, null, 0.5, 0,
            List.of(new Seen.OfCell(1, new Chromaticity(0.3, 0.4)), new Seen.OfCell(0, null)), true, 101, 2);

    @Test
    void isWrittenAsTheContractSaysAndReadBack() {
        var text = TelemetryJson.write(SEEN);

        assertThat(text).isEqualTo("{\"frames\":12,\"source\":\"Kite\",\"dmx\":{\"1\":128},\"level\":0.5,\"axes\":{\"Pan\":-12.5},"
                + "\"colour\":{\"x\":0.31,\"y\":0.32},\"wheels\":{\"Gobos\":{\"slot\":2,\"turn\":1.0,\"spin\":2.0,\"shake\":3.0}},"
                + "\"zoom\":20.0,\"focus\":null,\"iris\":0.5,\"strobe\":0.0,\"cells\":[{\"level\":1.0,\"x\":0.3,\"y\":0.4},"
                + "{\"level\":0.0,\"x\":null,\"y\":null}],\"identify\":true,\"address\":101,\"personality\":2}");
        assertThat(TelemetryJson.read(text.getBytes(StandardCharsets.UTF_8))).contains(SEEN);
    }

    @Test
    void whatIsNoTelemetryIsNone() {
        for (var wrong : List.of("", "{", "[]", "{}", "{\"frames\":\"x\"}", "{\"frames\":1,\"dmx\":{\"a\":1}}", "[".repeat(5_000))) {
            assertThat(TelemetryJson.read(wrong.getBytes(StandardCharsets.UTF_8))).as(wrong).isEmpty();
        }
        assertThat(TelemetryJson.read("{\"frames\":0}".getBytes(StandardCharsets.UTF_8))).isPresent();
    }
}
