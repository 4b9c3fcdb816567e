package yellowkite.cli;

import java.io.PrintStream;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactory;

/** One JSON object on one line. */
final class Json {
    private static final JsonFactory FACTORY = JsonFactory.builder().disable(StreamWriteFeature.AUTO_CLOSE_TARGET).build();

    private Json() {}

    static void line(PrintStream out, Consumer<JsonGenerator> write) {
        var text = new java.io.StringWriter();
        try (var json = FACTORY.createGenerator(tools.jackson.core.ObjectWriteContext.empty(), text)) {
            json.writeStartObject();
            write.accept(json);
            json.writeEndObject();
        }
        out.println(text);
    }

    static void textOrNull(JsonGenerator json, String name, @Nullable String value) {
        json.writeName(name);
        if (value == null) {
            json.writeNull();
        } else {
            json.writeString(value);
        }
    }

    static void numberOrNull(JsonGenerator json, String name, @Nullable Number value) {
        json.writeName(name);
        switch (value) {
            case null -> json.writeNull();
            case Double number -> json.writeNumber(number);
            default -> json.writeNumber(value.longValue());
        }
    }

    static void numbers(JsonGenerator json, String name, Iterable<Integer> values) {
        json.writeArrayPropertyStart(name);
        values.forEach(json::writeNumber);
        json.writeEndArray();
    }
}
