package yellowkite.server.charts;

import java.util.List;
import java.util.Objects;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.chart.ChannelTable;
import yellowkite.core.chart.correct.Correction;
import yellowkite.core.chart.correct.Corrections;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.LayChart;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Wheel;
import yellowkite.server.charts.ChartView.ChartFunctionView;
import yellowkite.server.charts.ChartView.OpenLine;
import yellowkite.server.drafts.Drafts;
import yellowkite.server.web.Refusal;

/** A table that is pasted onto a channel: what it means, and the edit that lays it there. Reads only. */
@RestController
class ChannelTableController {
    private static final int LONGEST_TABLE = 200_000;
    private static final int MOST_CORRECTIONS = 1_000;
    private final Drafts drafts;

    ChannelTableController(Drafts drafts) {
        this.drafts = drafts;
    }

    /** @param channel id. @param corrections what was said of its functions since, in order */
    record ChannelTableRequest(int channel, String text, List<Correction> corrections) {
        ChannelTableRequest {
            Objects.requireNonNull(text, "text");
            corrections = List.copyOf(Objects.requireNonNull(corrections, "corrections"));
        }
    }

    /** @param channel what corrections call it. @param left lines that were not understood. @param edit that makes the channel so */
    record ChannelTableView(String channel, List<ChartFunctionView> functions, List<String> doubts, List<OpenLine> left, Edit edit) {}

    /** 200 with what the table means on the channel; 404 if there is no such channel, 422 if the table is too long. */
    @PostMapping("/api/drafts/{draftId}/channel-table")
    ChannelTableView read(@PathVariable String draftId, @RequestBody ChannelTableRequest request) {
        if (request.text().length() > LONGEST_TABLE || request.corrections().size() > MOST_CORRECTIONS) {
            throw Refusal.unfit("text", "This is more text than a channel has values.");
        }
        var type = drafts.require(draftId).history().current();
        for (var mode : type.modes()) {
            for (var channel : mode.channels()) {
                if (channel.id() == request.channel()) {
                    return view(type, mode, channel, request);
                }
            }
        }
        throw Refusal.notFound("That channel is not in this profile any more.");
    }

    private static ChannelTableView view(FixtureType type, Mode mode, Channel channel, ChannelTableRequest request) {
        var words = type.attributeDefinitions().pretty(channel.attribute());
        var slots = channel.functions()
            .map(ChannelFunction::wheel)
            .filter(each -> !each.isEmpty())
            .findFirst()
            .flatMap(type::findWheel)
            .map(wheel -> wheel.slots().stream().map(Wheel.Slot::name).toList())
            .orElse(null);
        var table = ChannelTable.read(request.text(), channel.attribute(), words, channel.bytes(), slots);
        var proposal = new Corrections(request.corrections()).said(table.proposal(channel.attribute(), words, channel.offsets()));
        var functions = ChartShaper.functions(proposal);
        return new ChannelTableView(proposal.key(), functions, proposal.doubts(), table.left().stream().map(OpenLine::of).toList(),
                new LayChart(mode.id(), new ModeProposal(mode.name(), 0, List.of(proposal)), table.meaning().wheels(), List.of(),
                        "pasted table"));
    }
}
