package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Found.How;
import yellowkite.core.rig.Matching.Candidate;
import yellowkite.core.rig.Matching.CandidateMode;

class MatchingTest {
    private static CandidateMode mode(String name, int footprint) {
        return new CandidateMode(name, new TreeMap<>(Map.of(1, footprint)));
    }

    private final Matching matching = Matching.among(List.of(
            new Candidate("spot", "AAAA", "Tidewick", "Petrel Spot", List.of(mode("Basic", 16), mode("Extended", 22))),
            new Candidate("wash", "BBBB", "Tidewick", "Petrel Wash", List.of(mode("Standard", 18))),
            new Candidate("moth", "CCCC", "Lumbrook", "Moth", List.of(mode("Nine", 9)))));

    private String found(String spec, String mode, @Nullable Integer footprint) {
        var found = matching.find(new Asked(spec, mode, footprint), "");
        return found.how() + " " + found.model() + "/" + found.mode();
    }

    @Test
    void manufacturerAndModelMayStandInOneCell() {
        assertThat(found("@Tidewick Petrel Wash.gdtf", "Standard", 18)).isEqualTo("EXACT Petrel Wash/Standard");
        assertThat(found("@Tide Wick Petrel Wash.gdtf", "other", 18)).isEqualTo("MODE Petrel Wash/Standard");
    }

    @Test
    void theSameNamesAndModeAreExact() {
        assertThat(found("Tidewick@Petrel Spot.gdtf", "Extended", 22)).isEqualTo("EXACT Petrel Spot/Extended");
        assertThat(found("tidewick@petrel spot@rev 3.gdtf", "extended", null)).isEqualTo("EXACT Petrel Spot/Extended");
    }

    @Test
    void theSameIdIsExactWhateverItIsCalled() {
        assertThat(matching.find(new Asked("Other@Name.gdtf", "Nine", null), "cccc").how()).isEqualTo(How.EXACT);
    }

    @Test
    void anotherModeOfTheProfileIsFoundByItsFootprint() {
        assertThat(found("Tidewick@Petrel Spot.gdtf", "22 channel", 22)).isEqualTo("PROFILE Petrel Spot/Extended");
        assertThat(found("Tidewick@Petrel Spot.gdtf", "Extendet", null)).isEqualTo("PROFILE Petrel Spot/Extended");
    }

    @Test
    void aNearNameIsFoundByModeOrFootprint() {
        assertThat(found("Tide Wick Ltd@Petrel-Spott.gdtf", "Basic", null)).isEqualTo("MODE Petrel Spot/Basic");
        assertThat(found("@Petrel Wash.gdtf", "other", 18)).isEqualTo("MODE Petrel Wash/Standard");
    }

    @Test
    void aFootprintAndWordsAloneAreAGuess() {
        assertThat(found("Wash light 18ch", "", 18)).isEqualTo("GUESS Petrel Wash/Standard");
    }

    @Test
    void aFootprintAloneIsAPlaceholder() {
        var found = matching.find(new Asked("Nobody@Thing.gdtf", "Eleven", 11), "");

        assertThat(found.how()).isEqualTo(How.PLACEHOLDER);
        assertThat(found.footprint()).isEqualTo(11);
    }

    @Test
    void nothingIsFoundForNothing() {
        var found = matching.find(new Asked("Nobody@Thing.gdtf", "Eleven", null), "");

        assertThat(found.how()).isEqualTo(How.NONE);
        assertThat(found.why()).isEqualTo("There is no profile of Nobody Thing.");
    }

    @Test
    void typedWordsFindModesThatNeedTheFewestMore() {
        var candidates = List.of(new Candidate("spot", "", "Tidewick", "Petrel Spot", List.of(mode("Basic", 16), mode("Extended", 22))),
                new Candidate("moth", "", "Lumbrook", "Moth", List.of(mode("Nine", 9))));

        assertThat(FixtureWords.find("Petrel Spot Extended", candidates)).extracting(Found::mode).containsExactly("Extended");
        assertThat(FixtureWords.find("pet spot", candidates)).extracting(Found::mode).containsExactly("Basic", "Extended");
        assertThat(FixtureWords.find("lumbrook moth", candidates)).extracting(Found::model).containsExactly("Moth");
        assertThat(FixtureWords.find("moth extended", candidates)).isEmpty();
        assertThat(FixtureWords.find("", candidates)).isEmpty();
    }
}
