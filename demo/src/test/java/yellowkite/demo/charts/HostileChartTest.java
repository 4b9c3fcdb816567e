package yellowkite.demo.charts;

import java.time.Duration;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.chart.ChartProfile;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.source.TextSheets;
import yellowkite.core.gdtf.GdtfDescription;
import static org.assertj.core.api.Assertions.assertThat;

/** Whatever a chart holds: a proposal, soon, that a profile can be made of, and never anything else. */
class HostileChartTest {
    private static final String[] PIECES = {"", "\t", "\n", "-", "255", "0", "999999", "0x", "%", "°", "CH", "if CH1 = 0-9:", "...", "\"",
            ";", "fine", "Pixel 2", "→", "\u202E", "1/2/3/4/5", "512", "513", "Mode 2", "(", "²"};

    private static void takenIn(String chart) {
        var proposal = ChartReader.read(List.of(TextSheets.read(chart)), null, null);
        for (var mode : proposal.modes()) {
            for (var channel : mode.channels()) {
                assertThat(channel.sure()).isBetween(0.0, 1.0);
                assertThat(channel.attribute() != null || channel.sure() < Proposal.SURE).isTrue();
                channel.functions().forEach(function -> assertThat(function.from()).as("%s", function).isBetween(0L, function.to()));
            }
        }
        GdtfDescription.of(ChartProfile.of(proposal, "4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D12", "")).write();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void chartsOutOfWhichPiecesFellGiveAProposal(long seed) {
        var random = new Random(seed);
        var cases = ChartCorpus.cases();
        for (int i = 0; i < 150; i++) {
            var text = new StringBuilder(cases.get(random.nextInt(cases.size())).chart());
            for (int change = 0; change <= random.nextInt(12); change++) {
                int at = random.nextInt(text.length());
                text.replace(at, Math.min(text.length(), at + random.nextInt(6)), PIECES[random.nextInt(PIECES.length)]);
            }
            takenIn(text.toString());
        }
    }

    static List<String> floods() {
        return List.of(",".repeat(3_000_000), "1\tPan\t0-255\n".repeat(20_000), "1 " + "a ".repeat(500_000), "\"".repeat(100_000),
                "Pixel 1 red\t".repeat(50_000),
                "1\tGobo wheel\t0-9\tOpen\n" + "\t\t0-9\tGobo 1 shake if CH1 = 0-9 / 10-19\n".repeat(10_000),
                "(((((((((((((".repeat(20_000), "0-255 ".repeat(100_000), "\u202E\u200F\u0627\u0644".repeat(10_000));
    }

    @ParameterizedTest
    @MethodSource("floods")
    void floodsEndSoon(String chart) {
        Assertions.assertTimeoutPreemptively(Duration.ofSeconds(30), () -> takenIn(chart));
    }
}
