package yellowkite.server.stored;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.core.edit.DivideFunction;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.RenameMode;
import yellowkite.core.edit.SetNotes;
import yellowkite.core.edit.Several;
import yellowkite.core.edit.Stencil;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.library.Synopsis;
import yellowkite.core.rig.edit.Renumber;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.server.stored.StoredForm.Unreadable;
import yellowkite.server.web.EditJson;

/**
 * What a house has kept is read for ever: each kind of edit has a file as it was kept in each version. A file once there is never changed.
 */
class StoredFormsTest {
    private static final Path GOLDEN = Path.of("src/test/resources/stored/edits");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final Path GOLDEN_OF_RIGS = Path.of("src/test/resources/stored/rig-edits");

    static Stream<Class<?>> kinds() {
        return Arrays.stream(Edit.class.getPermittedSubclasses());
    }

    static Stream<Class<?>> kindsOfRigs() {
        return Arrays.stream(RigEdit.class.getPermittedSubclasses());
    }

    private static <T> String kept(StoredForm<T> form, Path folder, T edit) throws IOException {
        var golden = folder.resolve(EditJson.nameOf(edit.getClass()) + ".json");
        if (Boolean.getBoolean("kite.golden.write") && !Files.exists(golden)) {
            Files.createDirectories(folder);
            Files.writeString(golden, form.write(edit) + "\n");
        }
        return Files.readString(golden).strip();
    }

    @ParameterizedTest
    @MethodSource("kindsOfRigs")
    void everyKindOfEditOfARigIsReadAsItWasKept(Class<?> kind) throws IOException {
        var edit = (RigEdit) Samples.of(kind);
        var kept = kept(StoredForms.RIG_EDIT, GOLDEN_OF_RIGS, edit);

        assertThat(StoredForms.RIG_EDIT.read(kept)).isEqualTo(edit);
        assertThat(StoredForms.RIG_EDIT.read(StoredForms.RIG_EDIT.write(edit))).isEqualTo(edit);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindOfEditIsReadAsItWasKept(Class<?> kind) throws IOException {
        var edit = (Edit) Samples.of(kind);
        var kept = kept(StoredForms.EDIT, GOLDEN, edit);
        var then = StoredForms.EDIT.read(StoredForms.EDIT.write(edit).equals(kept) ? kept : asKnownThen(edit, kept));

        assertThat(StoredForms.EDIT.read(kept)).isEqualTo(then);
        assertThat(StoredForms.EDIT.read(JSON.readTree(kept).path("is").toString())).as("as it was kept before there were versions")
            .isEqualTo(then);
        assertThat(StoredForms.EDIT.read(StoredForms.EDIT.write(edit))).isEqualTo(edit);
    }

    /** Components that came later are null in what was kept before. */
    private static String asKnownThen(Edit edit, String kept) {
        var now = (ObjectNode) JSON.readTree(StoredForms.EDIT.write(edit));
        var names = JSON.readTree(kept).path("is").propertyNames();
        ((ObjectNode) now.path("is")).retain(names);
        return now.toString();
    }

    @Test
    void noGoldenFileIsOfAKindThatIsGone() throws IOException {
        assertThat(names(GOLDEN)).containsExactlyInAnyOrderElementsOf(kinds().map(each -> EditJson.nameOf(each) + ".json").toList());
        assertThat(names(GOLDEN_OF_RIGS))
            .containsExactlyInAnyOrderElementsOf(kindsOfRigs().map(each -> EditJson.nameOf(each) + ".json").toList());
    }

    private static List<String> names(Path folder) throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(each -> each.getFileName().toString()).toList();
        }
    }

    @Test
    void whatIsKeptSaysItsVersion() {
        assertThat(StoredForms.EDIT.write(new RenameMode(3, "Wide")))
            .isEqualTo("{\"v\":2,\"is\":{\"type\":\"renameMode\",\"mode\":3,\"to\":\"Wide\"}}");
    }

    @Test
    void aCountedNameOfTheFirstVersionIsReadInBraces() {
        var kept = "{\"v\":1,\"is\":{\"type\":\"several\",\"edits\":[{\"type\":\"divideFunction\",\"function\":7,\"range\":null,\"parts\":4,\"steps\":0,\"name\":\"* no. #\",\"first\":1,\"firstSlot\":1,\"eachWhole\":null,\"splits\":null}]}}";

        assertThat(StoredForms.EDIT.read(kept))
            .isEqualTo(new Several(List.of(new DivideFunction(7, null, 4, 0, "{slot} no. {number}", 1, 1, null, null))));
        assertThat(StoredForms.EDIT.read(StoredForms.EDIT.write(new DivideFunction(7, null, 4, 0, "G# {number}", 1, 1, null, null))))
            .as("a sign that is meant stays")
            .isEqualTo(new DivideFunction(7, null, 4, 0, "G# {number}", 1, 1, null, null));
    }

    @Test
    void whatALaterVersionAddedIsPassedOver() {
        assertThat(StoredForms.EDIT.read("{\"v\":1,\"is\":{\"type\":\"setNotes\",\"to\":\"a\",\"colour\":\"red\"}}"))
            .isEqualTo(new SetNotes("a"));
    }

    @Test
    void upCastersMakeTheNewestOfEachOlderOne() {
        var form = new StoredForm<RenameMode>(JSON, JSON.constructType(RenameMode.class), List.of(
                before -> before, first -> ((ObjectNode) first).set("to", first.path("name")) == null ? first : first));

        assertThat(form.read("{\"mode\":3,\"name\":\"A\"}")).isEqualTo(new RenameMode(3, "A"));
        assertThat(form.read("{\"v\":1,\"is\":{\"mode\":3,\"name\":\"A\"}}")).isEqualTo(new RenameMode(3, "A"));
        assertThat(form.read("{\"v\":2,\"is\":{\"mode\":3,\"to\":\"A\"}}")).isEqualTo(new RenameMode(3, "A"));
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.ValueSource(strings = {"", "null", "{", "{\"v\":99,\"is\":{}}", "{\"type\":\"noSuchEdit\"}",
            "{\"v\":1,\"is\":null}", "[]", "7"})
    void whatCannotBeReadIsTold(String kept) {
        assertThatThrownBy(() -> StoredForms.EDIT.read(kept)).isInstanceOf(Unreadable.class).hasMessageStartingWith("it ");
    }

    @Test
    void theOtherThingsThatAreKeptComeBack() {
        var synopsis = (Synopsis) Samples.of(Synopsis.class);
        var house = (StoredHouse) Samples.of(StoredHouse.class);
        var stencil = (Stencil) Samples.of(Stencil.class);

        assertThat(StoredForms.SYNOPSIS.read(StoredForms.SYNOPSIS.write(synopsis))).isEqualTo(synopsis);
        assertThat(StoredForms.HOUSE.read(StoredForms.HOUSE.write(house))).isEqualTo(house);
        assertThat(StoredForms.STENCIL.read(StoredForms.STENCIL.write(stencil))).isEqualTo(stencil);
    }

    /** Records with something in every component, always the same. */
    static final class Samples {
        private static final int DEEPEST = 9;

        private Samples() {}

        static Object of(Class<?> record) {
            return requireNonNull(of(record, record, 0, ""));
        }

        private static @Nullable Object of(Class<?> raw, Type type, int depth, String name) {
            if (raw == int.class || raw == Integer.class) {
                return name.equals("bytes") ? 2 : 7;
            }
            if (raw == long.class || raw == Long.class) {
                return 40L;
            }
            if (raw == double.class || raw == Double.class) {
                return 0.25;
            }
            if (raw == float.class || raw == Float.class) {
                return 0.5f;
            }
            if (raw == boolean.class || raw == Boolean.class) {
                return true;
            }
            if (raw == String.class) {
                return "Reeds é";
            }
            if (raw.isEnum()) {
                return raw.getEnumConstants()[raw.getEnumConstants().length - 1];
            }
            if (raw == LocalDate.class) {
                return LocalDate.of(2026, 6, 1);
            }
            if (raw == SortedMap.class) {
                return new TreeMap<>(Map.of(1, 22));
            }
            if (raw == RigEdit.class) {
                return new Renumber(List.of("Reeds é"), "7");
            }
            if (raw == Edit.class) {
                return new RenameMode(7, "Reeds é");
            }
            if (raw == List.class) {
                var of = ((ParameterizedType) type).getActualTypeArguments()[0];
                return List.of(requireNonNull(of(raw(of), of, depth + 1, "")));
            }
            if (raw == Map.class) {
                var arguments = ((ParameterizedType) type).getActualTypeArguments();
                return Map.of(requireNonNull(of(raw(arguments[0]), arguments[0], depth + 1, "")),
                        requireNonNull(of(raw(arguments[1]), arguments[1], depth + 1, "")));
            }
            return raw.isRecord() && depth < DEEPEST ? record(raw, depth) : null;
        }

        private static Class<?> raw(Type type) {
            return type instanceof ParameterizedType parameterized ? (Class<?>) parameterized.getRawType() : (Class<?>) type;
        }

        private static Object record(Class<?> record, int depth) {
            try {
                var components = record.getRecordComponents();
                var constructor = record
                    .getDeclaredConstructor(Arrays.stream(components).map(RecordComponent::getType).toArray(Class[]::new));
                constructor.setAccessible(true);
                return constructor.newInstance(Arrays.stream(components)
                    .map(each -> of(each.getType(), each.getGenericType(), depth + 1, each.getName()))
                    .toArray());
            } catch (ReflectiveOperationException impossible) {
                throw new AssertionError(record + ": " + impossible.getCause(), impossible);
            }
        }
    }
}
