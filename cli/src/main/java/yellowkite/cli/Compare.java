package yellowkite.cli;

import picocli.CommandLine.Parameters;
import picocli.CommandLine.Command;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Difference;
import yellowkite.core.compare.Rank;
import yellowkite.core.compare.Side;
import yellowkite.core.gdtf.GdtfFile;

/** {@code compare}: what the second profile does otherwise than the first, by what it does to a show that was programmed with it. */
@Command(name = "compare", description = "What differs, and what each difference does to a show that was programmed with OLD:"
        + " breaks, shifts, adds, cosmetic.")
final class Compare extends Verb {
    @Parameters(index = "0", paramLabel = "OLD.gdtf", description = "The old one.")
    private String oldFile = "";
    @Parameters(index = "1", paramLabel = "NEW.gdtf", description = "The new one.")
    private String newFile = "";

    Compare(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        var old = read(oldFile);
        var fresh = read(newFile);
        if (old == null || fresh == null) {
            return REFUSED;
        }
        print(Comparison.of(Side.of(old), Side.of(fresh)));
        return WELL;
    }

    /** {@return the file; null if it was refused, which is said} */
    private @Nullable GdtfFile read(String name) {
        try {
            return Files.read(name);
        } catch (Files.Refused refused) {
            Files.refuse(name, String.valueOf(refused.getMessage()), streams());
            return null;
        }
    }

    private void print(Comparison comparison) {
        Json.line(streams().out(), json -> {
            json.writeStringProperty("old", oldFile);
            json.writeStringProperty("new", newFile);
            Json.textOrNull(json, "worst", comparison.differences().isEmpty() ? null : comparison.worst(Rank.COSMETIC).name());
            json.writeArrayPropertyStart("differences");
            for (Difference each : comparison.byRank()) {
                json.writeStartObject();
                json.writeStringProperty("rank", each.rank().name());
                json.writeStringProperty("kind", each.kind().name());
                Json.textOrNull(json, "mode", each.place().mode().isEmpty() ? null : each.place().mode());
                json.writeStringProperty("where", each.place().words());
                json.writeStringProperty("says", each.says());
                json.writeStringProperty("left", each.before());
                json.writeStringProperty("right", each.after());
                json.writeEndObject();
            }
            json.writeEndArray();
        });
    }
}
