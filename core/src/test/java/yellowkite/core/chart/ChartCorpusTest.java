package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.ChartCorpus.Case;
import yellowkite.core.chart.ChartCorpus.Channel;
import yellowkite.core.chart.ChartCorpus.Row;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.source.TextSheets;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Severity;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import static org.assertj.core.api.Assertions.assertThat;

/** What is read of the corpus, beside its truth. */
class ChartCorpusTest {
    static List<Case> cases() {
        return ChartCorpus.cases();
    }

    /** Counts what came out right, and names what did not. */
    private static final class Score {
        private int channels;
        private int rightChannels;
        private int boundaries;
        private int rightBoundaries;
        private int ends;
        private int rightEnds;
        private final List<String> sureAndWrong = new ArrayList<>();
        private final List<String> wrong = new ArrayList<>();

        void add(Case each) {
            var channels = ChartReader.read(List.of(TextSheets.read(each.chart())), null, null).modes().stream().flatMap(mode -> mode.channels().stream()).toList();
            int next = 1;
            for (var truth : each.lamp().channels()) {
                var addresses = IntStream.range(next, next + truth.bytes()).boxed().toList();
                next += truth.bytes();
                judge(each + ", " + truth.words(), truth, channels.stream().filter(found -> found.addresses().equals(addresses)).findFirst().orElse(null));
            }
        }

        private void judge(String place, Channel truth, ChannelProposal found) {
            channels++;
            if (found == null || !(truth.attribute().equals(found.attribute()) || Objects.equals(found.attribute(), led(truth)))) {
                wrong.add(place + ": " + (found == null ? "not found" : found.attribute()));
                if (found != null && found.sure() >= Proposal.SURE && found.doubts().isEmpty()) {
                    sureAndWrong.add(place);
                }
            } else {
                rightChannels++;
            }
            int shift = 8 * (truth.bytes() - 1);
            Row before = null;
            for (var row : truth.rows()) {
                boolean begins = before == null || !before.attribute().equals(row.attribute()) || before.ends() != null || row.ends() != null;
                var function = found == null ? null : found.functions().stream().filter(each -> each.from() == (long) row.from() << shift).findFirst().orElse(null);
                if (begins) {
                    boundaries++;
                    boolean right = function != null && function.attribute().equals(row.attribute());
                    rightBoundaries += right ? 1 : 0;
                    note(right, place + " at " + row.from() + " " + row.words(), found);
                }
                if (row.ends() != null) {
                    ends++;
                    boolean right = function != null && near(function, row);
                    rightEnds += right ? 1 : 0;
                    note(right, place + " ends of " + row.words(), found);
                }
                before = row;
            }
        }

        /** A channel of nothing but strobe is that. */
        private static String led(Channel truth) {
            var kinds = truth.rows().stream().map(Row::attribute).distinct().toList();
            return kinds.size() == 1 ? kinds.getFirst() : truth.attribute();
        }

        private static boolean near(FunctionProposal function, Row row) {
            return Math.abs(function.physicalFrom() - row.ends()[0]) < 1e-6 && Math.abs(function.physicalTo() - row.ends()[1]) < 1e-6;
        }

        private void note(boolean right, String place, ChannelProposal found) {
            if (!right) {
                wrong.add(place);
                if (found != null && found.sure() >= Proposal.SURE && found.doubts().isEmpty()) {
                    sureAndWrong.add(place);
                }
            }
        }
    }

    @Test
    void sharesOfWhatIsRightWithoutATouch() {
        var score = new Score();
        cases().forEach(score::add);

        assertThat((double) score.rightChannels / score.channels).as("channels: %s", score.wrong).isGreaterThanOrEqualTo(0.95);
        assertThat((double) score.rightBoundaries / score.boundaries).as("boundaries: %s", score.wrong).isGreaterThanOrEqualTo(0.95);
        assertThat((double) score.rightEnds / score.ends).as("physical ends: %s", score.wrong).isGreaterThanOrEqualTo(0.9);
        assertThat(score.sureAndWrong).as("nothing wrong is sure").isEmpty();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void everyChartGivesAProfileWithoutErrors(Case each) {
        var type = ChartProfile.of(ChartReader.read(List.of(TextSheets.read(each.chart())), "Tidewick", each.lamp().name()), "4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D11", "");

        assertThat(Checks.of(new GdtfFile(GdtfDescription.of(type), java.util.Map.of())).stream().filter(finding -> finding.severity() == Severity.ERROR)).isEmpty();
        assertThat(type.modes().stream().mapToInt(mode -> mode.channels().size()).sum()).isEqualTo(each.lamp().channels().size());
    }
}
