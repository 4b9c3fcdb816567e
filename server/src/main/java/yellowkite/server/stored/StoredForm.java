package yellowkite.server.stored;

import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * How one kind of thing is kept: {@code {"v": 1, "is": ...}}. What was kept before there were versions stands there bare, and counts as
 * version 0.
 *
 * @param <T> what it is when it is read
 */
public final class StoredForm<T> {
    private final JsonMapper json;
    private final JavaType type;
    private final List<UnaryOperator<JsonNode>> upCasters;

    /** @param upCasters the first makes version 1 of version 0, and so on: as many as there were versions before the newest */
    StoredForm(JsonMapper json, JavaType type, List<UnaryOperator<JsonNode>> upCasters) {
        this.json = json;
        this.type = type;
        this.upCasters = List.copyOf(upCasters);
    }

    /** What is kept cannot be read: it was damaged, or is of a newer version. The message says which. */
    public static final class Unreadable extends RuntimeException {
        private static final long serialVersionUID = 1;

        public Unreadable(String reason) {
            super(reason, null, false, false);
        }
    }

    public String write(T value) {
        var kept = json.createObjectNode();
        kept.put("v", upCasters.size());
        kept.set("is", json.readTree(json.writerFor(type).writeValueAsString(value)));
        return kept.toString();
    }

    /** @throws Unreadable if it is no such thing, or of a version that is newer than this program */
    public T read(String kept) {
        try {
            var node = json.readTree(kept);
            boolean versioned = node.isObject() && node.size() == 2 && node.path("v").isInt() && node.has("is");
            int version = versioned ? node.path("v").asInt() : 0;
            if (version > upCasters.size()) {
                throw new Unreadable("it was written by a newer version of Yellow Kite");
            }
            var value = versioned ? node.path("is") : node;
            for (var upCaster : upCasters.subList(version, upCasters.size())) {
                value = upCaster.apply(value);
            }
            T read = json.readerFor(type).readValue(value);
            if (read == null) {
                throw new Unreadable("it is empty");
            }
            return read;
        } catch (JacksonException | IllegalArgumentException | NullPointerException damaged) { // records refuse what cannot exist
            throw new Unreadable("it is damaged, or of a kind that this version does not know");
        }
    }
}
