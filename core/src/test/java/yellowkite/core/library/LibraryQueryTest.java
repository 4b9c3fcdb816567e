package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.library.LibraryQuery.Footprint;
import yellowkite.core.library.LibraryQuery.Wide;
import yellowkite.core.library.LibraryQuery.Word;

class LibraryQueryTest {
    @ParameterizedTest
    @ValueSource(strings = {"17 channels", "17ch", "17 Ch", "17-channel", "17 addresses"})
    void aNumberOfChannelsIsAFootprint(String text) {
        assertThat(LibraryQuery.of(text).terms()).containsExactly(new Footprint(17));
    }

    @ParameterizedTest
    @ValueSource(strings = {"16 bit pan", "pan 16 bit", "16-bit Pan", "Pan 16bit"})
    void bitsBelongToTheWordBesideThem(String text) {
        assertThat(LibraryQuery.of(text).terms()).containsExactly(new Wide("pan", Set.of("Pan"), 16));
    }

    @Test
    void wordsMeanTheAttributesThatAreCalledExactlySo() {
        assertThat(LibraryQuery.of("uv").terms()).containsExactly(new Word("uv", Set.of("ColorAdd_UV")));
        assertThat(LibraryQuery.of("tidewick").terms()).containsExactly(new Word("tidewick", Set.of()));
    }

    @Test
    void aPaperIsReadTermByTerm() {
        assertThat(LibraryQuery.of("Tidewick, 22 channels, 16 bit tilt").terms()).containsExactly(new Footprint(22),
                new Wide("tilt", Set.of("Tilt"), 16), new Word("tidewick", Set.of()));
        assertThat(LibraryQuery.of("a b c d e f g h i j").terms()).hasSize(8);
        assertThat(LibraryQuery.of("  ").terms()).isEmpty();
    }
}
