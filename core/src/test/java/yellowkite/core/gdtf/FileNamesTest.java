package yellowkite.core.gdtf;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FileNamesTest {
    @ParameterizedTest
    @CsvSource({"Petrel Spot, Petrel Spot", "a/b:c, a-b-c", "'x\ty', x-y", "\"<>|?*, ------"})
    void signsThatSomeSystemForbidsAreReplaced(String name, String safe) {
        assertThat(FileNames.part(name)).isEqualTo(safe);
    }

    @Test
    void aLongNameIsCutBetweenSignsAndHalfASignIsNone() {
        var long31 = "a" + "\uD83D\uDE00".repeat(70);

        assertThat(FileNames.part(long31)).isEqualTo("a" + "\uD83D\uDE00".repeat(59));
        assertThat(StandardCharsets.UTF_8.newEncoder().canEncode(FileNames.part("x\uD83D"))).isTrue();
    }

    @Test
    void aNameThatIsTakenGetsANumberWhateverItsCase() {
        var taken = new HashSet<String>();

        assertThat(FileNames.free("Moth.gdtf", taken)).isEqualTo("Moth.gdtf");
        assertThat(FileNames.free("MOTH.gdtf", taken)).isEqualTo("MOTH (2).gdtf");
        assertThat(FileNames.free("moth.gdtf", taken)).isEqualTo("moth (3).gdtf");
    }
}
