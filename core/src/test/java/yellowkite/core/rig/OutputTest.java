package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.rig.Output.Kind;

class OutputTest {
    @ParameterizedTest
    @CsvSource({"NONE, ''", "DMX, Port 3", "SACN_MULTICAST, ''", "SACN_UNICAST, 10.0.0.21", "SACN_UNICAST, 255.255.255.255", "ART_NET, 0",
            "ART_NET, 32767"})
    void canBeSent(Kind kind, String to) {
        assertThat(new Output(kind, to).flaw()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"NONE, 10.0.0.1", "SACN_MULTICAST, 10.0.0.1", "SACN_UNICAST, 10.0.0.256", "SACN_UNICAST, 10.0.0", "SACN_UNICAST, barge",
            "ART_NET, 32768", "ART_NET, -1", "ART_NET, 0.0.1"})
    void cannot(Kind kind, String to) {
        assertThat(new Output(kind, to).flaw()).isPresent();
    }
}
