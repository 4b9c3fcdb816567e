package yellowkite.cli;

import picocli.CommandLine.Parameters;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Command;
import java.util.List;
import tools.jackson.core.JsonGenerator;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;

/** {@code read}: what a chart says. */
@Command(name = "read", description = "What each chart says, as one line of JSON: modes, channels, functions, wheels, what is not sure,"
        + " what is not placed.")
final class ChartRead extends Verb {
    @Parameters(paramLabel = "FILE", arity = "1..*", description = "Charts.")
    private List<String> files = List.of();

    @Mixin
    private final ChartOf chart = new ChartOf();

    ChartRead(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        int status = WELL;
        for (var name : files) {
            try {
                var proposal = chart.read(name);
                print(name, proposal, streams());
                boolean open = proposal.modes()
                    .stream()
                    .flatMap(mode -> mode.channels().stream())
                    .anyMatch(channel -> channel.attribute() == null);
                status = Math.max(status, open ? ERRORS : WELL);
            } catch (Files.Refused refused) {
                Files.refuse(name, String.valueOf(refused.getMessage()), streams());
                status = REFUSED;
            }
        }
        return status;
    }

    private static void print(String name, Proposal proposal, Streams streams) {
        Json.line(streams.out(), json -> {
            json.writeStringProperty("file", name);
            Json.textOrNull(json, "maker", proposal.manufacturer());
            Json.textOrNull(json, "model", proposal.model());
            json.writeArrayPropertyStart("modes");
            for (var mode : proposal.modes()) {
                json.writeStartObject();
                json.writeStringProperty("name", mode.name());
                json.writeNumberProperty("footprint", mode.footprint());
                json.writeArrayPropertyStart("channels");
                mode.channels().forEach(channel -> channel(json, channel));
                json.writeEndArray();
                json.writeEndObject();
            }
            json.writeEndArray();
            json.writeArrayPropertyStart("wheels");
            for (var wheel : proposal.wheels()) {
                json.writeStartObject();
                json.writeStringProperty("name", wheel.name());
                texts(json, "slots", wheel.slots());
                json.writeEndObject();
            }
            json.writeEndArray();
            json.writeArrayPropertyStart("unplaced");
            for (var line : proposal.unplaced()) {
                json.writeStartObject();
                json.writeStringProperty("place", line.place());
                json.writeStringProperty("text", line.text());
                json.writeEndObject();
            }
            json.writeEndArray();
        });
    }

    private static void channel(JsonGenerator json, ChannelProposal channel) {
        json.writeStartObject();
        Json.numbers(json, "addresses", channel.addresses());
        json.writeName("cell");
        var cell = channel.cell();
        if (cell == null) {
            json.writeNull();
        } else {
            json.writeStartObject();
            json.writeStringProperty("name", cell.name());
            json.writeNumberProperty("count", cell.count());
            json.writeNumberProperty("first", cell.first());
            json.writeNumberProperty("spacing", cell.spacing());
            json.writeEndObject();
        }
        json.writeStringProperty("words", channel.words());
        Json.textOrNull(json, "attribute", channel.attribute());
        json.writeNumberProperty("sure", channel.sure());
        json.writeStringProperty("why", channel.why());
        Json.numberOrNull(json, "start", channel.start());
        Json.numberOrNull(json, "highlight", channel.highlight());
        json.writeArrayPropertyStart("functions");
        channel.functions().forEach(function -> function(json, function));
        json.writeEndArray();
        texts(json, "doubts", channel.doubts());
        json.writeEndObject();
    }

    private static void function(JsonGenerator json, FunctionProposal function) {
        json.writeStartObject();
        json.writeStringProperty("attribute", function.attribute());
        json.writeNumberProperty("from", function.from());
        json.writeNumberProperty("to", function.to());
        json.writeNumberProperty("physicalFrom", function.physicalFrom());
        json.writeNumberProperty("physicalTo", function.physicalTo());
        json.writeStringProperty("unit", function.unit().name());
        Json.textOrNull(json, "wheel", function.wheel());
        json.writeBooleanProperty("snap", function.snap());
        json.writeName("counts");
        var counts = function.counts();
        if (counts == null) {
            json.writeNull();
        } else {
            json.writeStartObject();
            json.writeNumberProperty("address", counts.address());
            json.writeNumberProperty("from", counts.from());
            json.writeNumberProperty("to", counts.to());
            json.writeEndObject();
        }
        json.writeArrayPropertyStart("ranges");
        for (var range : function.ranges()) {
            json.writeStartObject();
            json.writeStringProperty("name", range.name());
            json.writeNumberProperty("from", range.from());
            json.writeNumberProperty("to", range.to());
            json.writeNumberProperty("slot", range.slot());
            Json.numberOrNull(json, "physicalFrom", range.physicalFrom());
            Json.numberOrNull(json, "physicalTo", range.physicalTo());
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private static void texts(JsonGenerator json, String name, List<String> texts) {
        json.writeArrayPropertyStart(name);
        texts.forEach(json::writeString);
        json.writeEndArray();
    }
}
