package yellowkite.demo.charts;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.source.TextSheets;
import yellowkite.demo.charts.ChartCorpus.Case;
import yellowkite.demo.charts.ChartCorpus.Channel;
import yellowkite.demo.charts.ChartCorpus.Row;

/** Counts what of a chart came out right without a touch, and names what did not. */
public final class CorpusScore {
    private int channels;
    private int rightChannels;
    private int boundaries;
    private int rightBoundaries;
    private int ends;
    private int rightEnds;
    private final List<String> sureAndWrong = new ArrayList<>();
    private final List<String> wrong = new ArrayList<>();

    public void add(Case each) {
        var channels = ChartReader.read(List.of(TextSheets.read(each.chart())), null, null)
            .modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .toList();
        int next = 1;
        for (var truth : each.fixture().channels()) {
            var addresses = IntStream.range(next, next + truth.bytes()).boxed().toList();
            next += truth.bytes();
            judge(each + ", " + truth.words(), truth,
                    channels.stream().filter(found -> found.addresses().equals(addresses)).findFirst().orElse(null));
        }
    }

    private void judge(String place, Channel truth, @Nullable ChannelProposal found) {
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
            var function = found == null ? null
                    : found.functions().stream().filter(each -> each.from() == (long) row.from() << shift).findFirst().orElse(null);
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
        double[] ends = Objects.requireNonNull(row.ends());
        return Math.abs(function.physicalFrom() - ends[0]) < 1e-6 && Math.abs(function.physicalTo() - ends[1]) < 1e-6;
    }

    private void note(boolean right, String place, @Nullable ChannelProposal found) {
        if (!right) {
            wrong.add(place);
            if (found != null && found.sure() >= Proposal.SURE && found.doubts().isEmpty()) {
                sureAndWrong.add(place);
            }
        }
    }

    /** {@return the share of channels with the right addresses and attribute} */
    public double channels() {
        return (double) rightChannels / channels;
    }

    /** {@return the share of boundaries between functions} */
    public double boundaries() {
        return (double) rightBoundaries / boundaries;
    }

    /** {@return the share of physical ends that the chart states} */
    public double ends() {
        return (double) rightEnds / ends;
    }

    /** {@return what is wrong and has no doubt} */
    public List<String> sureAndWrong() {
        return List.copyOf(sureAndWrong);
    }

    public List<String> wrong() {
        return List.copyOf(wrong);
    }
}
