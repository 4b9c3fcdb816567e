package yellowkite.cli;

import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import yellowkite.core.rig.RigDiff;

/** {@code compare}: what one rig has otherwise than another. */
@Command(name = "compare", description = "What a newer rig has otherwise than an older one, unit by unit.")
final class RigCompare extends Verb {
    @Parameters(index = "0", paramLabel = "OLD", description = "A rig, a scene, or a patch sheet.")
    private String older = "";
    @Parameters(index = "1", paramLabel = "NEW", description = "Another one.")
    private String newer = "";

    RigCompare(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        var name = older;
        try {
            var before = RigFile.read(older, List.of()).rig();
            name = newer;
            var after = RigFile.read(newer, List.of()).rig();
            var diff = RigDiff.of(before, after);
            Json.line(streams().out(), json -> {
                json.writeArrayPropertyStart("added");
                diff.added().forEach(json::writeString);
                json.writeEndArray();
                json.writeArrayPropertyStart("removed");
                diff.removed().forEach(json::writeString);
                json.writeEndArray();
                json.writeArrayPropertyStart("changed");
                diff.changed()
                    .forEach(each -> json.writeStartObject()
                        .writeStringProperty("id", each.id())
                        .writeStringProperty("what", each.what().word())
                        .writeStringProperty("from", each.from())
                        .writeStringProperty("to", each.to())
                        .writeEndObject());
                json.writeEndArray();
            });
            return WELL;
        } catch (Files.Refused refused) {
            Files.refuse(name, String.valueOf(refused.getMessage()), streams());
            return REFUSED;
        }
    }
}
