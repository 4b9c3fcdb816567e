package yellowkite.core.mvr;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static yellowkite.core.mvr.Scenes.scene;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.Budget;
import yellowkite.core.archive.FormatException;

class MvrFileTest {
    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] noise(int size) {
        var noise = new byte[size];
        new Random(3).nextBytes(noise);
        return noise;
    }

    private static Map<String, byte[]> entries(byte[] file) {
        try (var archive = Archive.open(file, new Budget(MvrFile.LIMITS))) {
            return archive.readAll();
        }
    }

    @Test
    void everyEntryGoesOutByteForByte() throws IOException {
        var models = new LinkedHashMap<String, byte[]>();
        models.put("rock.glb", noise(70_000));
        models.put("wall.png", bytes("not even a picture"));
        var file = scene().layer("Rail").file(models);
        var out = new ByteArrayOutputStream();

        try (var mvr = MvrFile.open(file)) {
            mvr.write(out, mvr.scene(), Map.of("More@Lamp.gdtf", bytes("more")));
        }

        var after = entries(out.toByteArray());
        assertThat(after).containsOnlyKeys(Scene.ENTRY, "rock.glb", "wall.png", "More@Lamp.gdtf");
        entries(file).forEach((path, content) -> assertThat(after.get(path)).as(path).isEqualTo(content));
    }

    @Test
    void whatIsNoSceneIsRefusedInWords() {
        assertThatThrownBy(() -> MvrFile.open(bytes("GeneralSceneDescription"))).isInstanceOf(FormatException.class)
            .hasMessageContaining("not a ZIP archive");
        assertThatThrownBy(() -> MvrFile.open(Archive.write(Map.of("a.gdtf", noise(9))))).hasMessageContaining("holds no " + Scene.ENTRY);
        assertThatThrownBy(() -> MvrFile.open(Archive.write(Map.of(Scene.ENTRY, bytes("<Other/>")))))
            .hasMessageContaining("holds no GeneralSceneDescription");
        assertThatThrownBy(() -> MvrFile.open(Archive.write(Map.of(Scene.ENTRY, bytes("<!DOCTYPE x><GeneralSceneDescription/>")))))
            .hasMessageContaining("DOCTYPE");
        assertThatThrownBy(() -> MvrFile
            .open(Archive.write(Map.of(Scene.ENTRY, bytes("<GeneralSceneDescription>Osier & Vane</GeneralSceneDescription>")))))
            .isInstanceOf(FormatException.class)
            .hasMessageContaining("is not well-formed XML");
        var climbing = new LinkedHashMap<String, byte[]>();
        climbing.put(Scene.ENTRY, bytes("<GeneralSceneDescription/>"));
        climbing.put("../up.gdtf", noise(9));
        assertThatThrownBy(() -> MvrFile.open(Archive.write(climbing))).hasMessageContaining("points outside");
    }

    @Test
    void groupsFourHundredDeepAreRefused() {
        var deep = IntStream.range(0, 400).mapToObj(i -> "<GroupObject name=\"" + i + "\"><ChildList>").collect(Collectors.joining())
                + "</ChildList></GroupObject>".repeat(400);

        assertThatThrownBy(() -> MvrFile.open(scene().layer("Rail", deep).file(Map.of()))).isInstanceOf(FormatException.class);
    }

    /** A megabyte of nothing packs into a kilobyte; a thousand of them inside one profile is a bomb. */
    @Test
    void aBombInsideAProfileIsRefusedAndTheSceneIsRead() {
        var bomb = new LinkedHashMap<String, byte[]>();
        bomb.put("description.xml", bytes("<GDTF/>"));
        IntStream.range(0, 40).forEach(i -> bomb.put("model" + i + ".3ds", new byte[900_000]));

        try (var mvr = MvrFile.open(scene().layer("Rail").file(Map.of("Bomb@Lamp.gdtf", Archive.write(bomb))))) {
            assertThat(mvr.profiles()).containsExactly("Bomb@Lamp.gdtf");
            assertThatThrownBy(() -> mvr.type("Bomb@Lamp.gdtf")).isInstanceOf(FormatException.class);
            assertThat(mvr.profileOf("bomb@lamp")).contains("Bomb@Lamp.gdtf");
            assertThat(mvr.profileOf("../../etc")).isEmpty();
        }
    }

    /** A million changes of single bytes is too many for a test; two thousand find what the first ones would. */
    @Test
    void damagedFilesAreRefusedOrReadAndNothingElse() {
        var file = scene().layer("Rail", Scenes.fixture("a", "1", Scenes.is("Matrix", "{1,0,0}{0,1,0}{0,0,1}{0,0,0}"))).file(Map.of());
        var random = new Random(5);
        int refused = 0;
        for (int i = 0; i < 2_000; i++) {
            var damaged = file.clone();
            damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
            try (var mvr = MvrFile.open(damaged)) {
                SceneUnits.of(mvr.scene());
            } catch (FormatException told) {
                refused++;
            }
        }
        assertThat(refused).isBetween(100, 1_999);
    }
}
