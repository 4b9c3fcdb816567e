package yellowkite.demo.charts;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import yellowkite.core.chart.ChartProfile;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.source.TextSheets;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Severity;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.charts.ChartCorpus.Case;
import static org.assertj.core.api.Assertions.assertThat;

/** What is read of the corpus, beside its truth. */
class ChartCorpusTest {
    static List<Case> cases() {
        return ChartCorpus.cases();
    }

    @Test
    void sharesOfWhatIsRightWithoutATouch() {
        var score = new CorpusScore();
        cases().forEach(score::add);

        assertThat(score.channels()).as("channels: %s", score.wrong()).isGreaterThanOrEqualTo(0.95);
        assertThat(score.boundaries()).as("boundaries: %s", score.wrong()).isGreaterThanOrEqualTo(0.95);
        assertThat(score.ends()).as("physical ends: %s", score.wrong()).isGreaterThanOrEqualTo(0.9);
        assertThat(score.sureAndWrong()).as("nothing wrong is sure").isEmpty();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void everyChartGivesAProfileWithoutErrors(Case each) {
        var type = ChartProfile.of(ChartReader.read(List.of(TextSheets.read(each.chart())), "Tidewick", each.fixture().name()),
                "4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D11", "");

        assertThat(Checks.of(new GdtfFile(GdtfDescription.of(type), java.util.Map.of()))
            .stream()
            .filter(finding -> finding.severity() == Severity.ERROR)).isEmpty();
        assertThat(type.modes().getFirst().channels()).hasSize(each.fixture().channels().size());
    }
}
