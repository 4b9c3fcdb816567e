package yellowkite.cli;

import java.util.List;
import yellowkite.cli.Command.Streams;
import yellowkite.cli.Command.WrongCall;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Difference;
import yellowkite.core.compare.Rank;
import yellowkite.core.compare.Side;
import yellowkite.core.gdtf.GdtfFile;

/** {@code compare}: what the second profile does otherwise than the first, by what it does to a show that was programmed with it. */
final class Compare {
    private Compare() {}

    static int run(List<String> arguments, Streams streams) {
        arguments.stream().filter(word -> word.startsWith("--")).findFirst().ifPresent(option -> {
            throw new WrongCall("'" + option + "' is no option of compare.");
        });
        if (arguments.size() != 2) {
            throw new WrongCall("compare takes two files, the old one and the new one; " + arguments.size() + " were named.");
        }
        var old = read(arguments.get(0), streams);
        var fresh = read(arguments.get(1), streams);
        if (old == null || fresh == null) {
            return Command.REFUSED;
        }
        print(arguments, Comparison.of(Side.of(old), Side.of(fresh)), streams);
        return Command.WELL;
    }

    /** {@return the file; null if it was refused, which is said} */
    private static @org.jspecify.annotations.Nullable GdtfFile read(String name, Streams streams) {
        try {
            return Files.read(name);
        } catch (Files.Refused refused) {
            Files.refuse(name, String.valueOf(refused.getMessage()), streams);
            return null;
        }
    }

    private static void print(List<String> names, Comparison comparison, Streams streams) {
        Json.line(streams.out(), json -> {
            json.writeStringProperty("old", names.get(0));
            json.writeStringProperty("new", names.get(1));
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
