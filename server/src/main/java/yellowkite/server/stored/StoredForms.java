package yellowkite.server.stored;

import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.core.chart.correct.Corrections;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.check.Finding;
import yellowkite.core.dmx.Tail;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.Stencil;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.library.Synopsis;
import yellowkite.core.release.Manifest;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.server.web.EditJson;

/**
 * One form for each thing that is kept as JSON. Whoever renames or removes a component of one of these adds an up-caster here, and a golden
 * file beside the ones there are: what a house has kept is read for ever.
 */
public final class StoredForms {
    /** From what was kept before there were versions: the shapes are the same, only without the envelope. */
    private static final UnaryOperator<JsonNode> FIRST = before -> before;
    /** Of its own, and lenient: a component that this version has no use for is passed over. */
    private static final JsonMapper JSON = mapper();

    public static final StoredForm<Edit> EDIT = new StoredForm<>(JSON, JSON.constructType(Edit.class),
            List.of(FIRST, StoredForms::bracedNames));
    public static final StoredForm<RigEdit> RIG_EDIT = form(RigEdit.class);
    public static final StoredForm<Corrections> CORRECTIONS = form(Corrections.class);
    public static final StoredForm<List<Sheet>> SHEETS = form(new TypeReference<List<Sheet>>() {}.getType());
    public static final StoredForm<Synopsis> SYNOPSIS = new StoredForm<>(JSON, JSON.constructType(Synopsis.class),
            List.of(FIRST, StoredForms::withoutRdm));
    public static final StoredForm<List<Finding>> FINDINGS = form(new TypeReference<List<Finding>>() {}.getType());
    public static final StoredForm<StoredHouse> HOUSE = form(StoredHouse.class);
    public static final StoredForm<Stencil> STENCIL = form(Stencil.class);
    public static final StoredForm<List<Tail.Bundle>> TAIL = form(new TypeReference<List<Tail.Bundle>>() {}.getType());

    /** What the releases before one said, of which it told. */
    public static final StoredForm<List<Manifest.Earlier>> EARLIER = new StoredForm<>(JSON,
            JSON.constructType(new TypeReference<List<Manifest.Earlier>>() {}.getType()), List.of(FIRST, StoredForms::manufacturers));

    private StoredForms() {}

    /** A manufacturer was called maker. */
    private static JsonNode manufacturers(JsonNode earlier) {
        earlier.forEach(release -> release.path("lines").forEach(line -> {
            if (line instanceof ObjectNode object && object.has("maker")) {
                object.set("manufacturer", object.remove("maker"));
            }
        }));
        return earlier;
    }

    /** Profiles that state ids of RDM had their synopses made anew when these came into them; the others have none. */
    private static JsonNode withoutRdm(JsonNode synopsis) {
        if (synopsis instanceof ObjectNode object) {
            object.put("rdm", "");
        }
        return synopsis;
    }

    /** {@return the form of something that one feature alone knows} */
    public static <T> StoredForm<T> form(Type type) {
        return new StoredForm<>(JSON, JSON.constructType(type), List.of(FIRST));
    }

    /**
     * In counted names a number was {@code #} and a slot {@code *}, which names can hold; they are written in braces, which names cannot.
     */
    private static JsonNode bracedNames(JsonNode edit) {
        if (edit.isObject() && edit.path("type").asString("").equals("divideFunction")) {
            ((ObjectNode) edit).put("name", edit.path("name").asString("").replace("#", "{number}").replace("*", "{slot}"));
        }
        edit.path("edits").forEach(StoredForms::bracedNames); // of several
        return edit;
    }

    private static JsonMapper mapper() {
        var builder = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES, DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES);
        EditJson.FAMILIES.forEach(family -> {
            builder.addMixIn(family, EditJson.Typed.class);
            Arrays.stream(family.getPermittedSubclasses())
                .forEach(each -> builder.registerSubtypes(new NamedType(each, EditJson.nameOf(each))));
        });
        return builder.build();
    }
}
