package yellowkite.cli;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What came of a call. @param lines of {@code out} that are JSON */
record Called(int status, List<JsonNode> lines, String out, String err) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** @param group profile, chart, release or rig. @param terminal whether a person reads the answer */
    static Called of(boolean terminal, String group, String... arguments) {
        var out = new ByteArrayOutputStream();
        var err = new ByteArrayOutputStream();
        int status = Kite.run(Stream.concat(Stream.of(group), Stream.of(arguments)).toList(), new Streams(
                new PrintStream(out, true, StandardCharsets.UTF_8), new PrintStream(err, true, StandardCharsets.UTF_8), terminal));
        var text = out.toString(StandardCharsets.UTF_8);
        return new Called(status, text.lines().filter(line -> line.startsWith("{")).map(JSON::readTree).toList(), text,
                err.toString(StandardCharsets.UTF_8));
    }

    JsonNode line() {
        return lines.getFirst();
    }
}
