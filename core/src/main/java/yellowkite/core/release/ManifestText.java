package yellowkite.core.release;

import java.nio.charset.StandardCharsets;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.core.archive.FormatException;

/** A release's list as JSON, in UTF-8. What a later version adds to the same form is passed over. */
public final class ManifestText {
    private static final JsonMapper JSON = JsonMapper.builder()
        .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES, DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .build();

    private ManifestText() {}

    public static byte[] write(Manifest manifest) {
        return JSON.writeValueAsBytes(manifest);
    }

    /** @throws FormatException if it is no such list */
    public static Manifest read(byte[] text) {
        try {
            var list = JSON.readTree(new String(text, StandardCharsets.UTF_8));
            renameMakers(list);
            var manifest = JSON.treeToValue(list, Manifest.class);
            if (manifest != null) {
                return manifest;
            }
        } catch (JacksonException | IllegalArgumentException | NullPointerException damaged) { // records refuse what cannot exist
            // told below
        }
        throw new FormatException("is no list of a release");
    }

    /** In form 1 a manufacturer is called maker. */
    private static void renameMakers(JsonNode list) {
        for (var named : new String[]{"profiles", "withdrawn"}) {
            list.path(named).forEach(ManifestText::renameMaker);
        }
        list.path("earlier").forEach(each -> each.path("lines").forEach(ManifestText::renameMaker));
    }

    private static void renameMaker(JsonNode line) {
        if (line instanceof ObjectNode object && object.has("maker") && !object.has("manufacturer")) {
            object.set("manufacturer", object.remove("maker"));
        }
    }
}
