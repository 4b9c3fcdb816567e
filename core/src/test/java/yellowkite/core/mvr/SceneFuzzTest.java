package yellowkite.core.mvr;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import yellowkite.core.Choices;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.FormatException;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.Geometry;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.RigDiff;

/** Whatever stands in a scene: it is kept, or refused in a sentence. */
class SceneFuzzTest {
    private static final List<String> ELEMENTS = List.of("Fixture", "GroupObject", "SceneObject", "Truss", "Support", "VideoScreen",
            "Projector",
            "FocusPoint", "ChildList", "Matrix", "Addresses", "Address", "GDTFSpec", "GDTFMode", "FixtureID", "UnitNumber", "Classing",
            "Position", "CustomCommands", "CustomCommand", "DMXInvertPan", "Symbol", "Geometry3D", "Protocols", "Weir");
    private static final List<String> TEXTS = List.of("", "1", "0", "513", "2.1", "99999999999", "-4", "true",
            "{1,0,0}{0,1,0}{0,0,1}{1000,0,0}", "{1,0}{0}", "{NaN,0,0}{0,1,0}{0,0,1}{0,0,0}", "{0,0,0}{0,0,0}{0,0,0}{0,0,0}",
            "Tidewick@Petrel Spot.gdtf", "../../etc/passwd", "a &amp; b", "<![CDATA[<x>]]>", "c1", "&#x20AC;");
    private static final List<String> ATTRIBUTES = List.of("uuid", "name", "break", "multipatch", "geometry", "x:odd");

    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(600);
    }

    private static <T> T any(List<T> of, Random random) {
        return of.get(Math.floorMod(random.nextInt(), of.size()));
    }

    private static void element(StringBuilder xml, int deep, Random random) {
        var name = any(ELEMENTS, random);
        xml.append('<').append(name);
        for (var attribute : ATTRIBUTES) {
            if (Math.floorMod(random.nextInt(), 3) == 0) {
                xml.append(' ')
                    .append(attribute)
                    .append("=\"")
                    .append(any(List.of("", "a", "b", "c1", "7", "Rail &lt;1&gt;"), random))
                    .append('"');
            }
        }
        xml.append('>').append(any(TEXTS, random));
        for (int i = Math.floorMod(random.nextInt(), 4); i > 0 && deep > 0; i--) {
            element(xml, deep - 1, random);
        }
        xml.append("</").append(name).append('>');
    }

    private static byte[] scene(Random random) {
        var xml = new StringBuilder(
                "<?xml version=\"1.0\" encoding=\"UTF-8\"?><!-- drawn --><GeneralSceneDescription verMajor=\"1\" xmlns:x=\"urn:x\">")
            .append("<UserData><Data provider=\"x\"/></UserData><Scene><AUXData><Class uuid=\"c1\" name=\"Moving\"/></AUXData><Layers>");
        for (int i = 0; i < 2; i++) {
            xml.append("<Layer name=\"L\" uuid=\"l").append(i).append("\"><ChildList>");
            for (int each = 0; each < 3; each++) {
                element(xml, 4, random);
            }
            xml.append("</ChildList></Layer>");
        }
        return xml.append("</Layers></Scene></GeneralSceneDescription>").toString().getBytes(StandardCharsets.UTF_8);
    }

    /** Read, written and read again it is the same; as a rig that nobody changed it goes out as itself. */
    @Property(tries = 300)
    void whateverStandsInASceneIsKept(@ForAll("choices") Random random) {
        var scene = Scene.read(scene(random));

        assertThat(Scene.read(scene.write())).isEqualTo(scene);
        var units = SceneUnits.of(scene).units();
        var rig = Rig.EMPTY.withUnits(units);
        assertThat(SceneEditing.edited(scene, rig, Map.of())).isSameAs(scene);
        assertThat(units).extracting(unit -> unit.uuid()).doesNotHaveDuplicates();
        assertThat(RigDiff.of(rig, rig)).isEqualTo(new RigDiff(List.of(), List.of(), List.of()));
        SceneUnits.of(Scene.read(FreshScene.of(rig, Map.of()).write())); // a scene of its own can be made of it, too
    }

    private static byte[] profile() {
        var type = ProfileBuilder.profile("Tidewick", "Petrel Spot")
            .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base"))
            .mode("Extended", "Base",
                    mode -> mode.channel("Dimmer", "Base", List.of(1), c -> c.function("Dimmer", 0, f -> f.physical(0, 1))))
            .build();
        return new GdtfFile(GdtfDescription.of(type), Map.of()).write();
    }

    /** Bytes turned, cut off and swollen, outside and in the profile inside. */
    @Property(tries = 400)
    void aDamagedFileIsReadOrRefusedInASentence(@ForAll("choices") Random random) throws IOException {
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(Scene.ENTRY, scene(random));
        entries.put("Tidewick@Petrel Spot.gdtf", random.nextInt(2) == 0 ? damaged(profile(), random) : profile());
        entries.put("rock.glb", new byte[500]);
        var file = damaged(Archive.write(entries), random);
        try (var mvr = MvrFile.open(file)) {
            var units = SceneUnits.of(mvr.scene());
            FoundProfiles.of(mvr, units.units(), "", (asked, id) -> Found.NOTHING, false);
            mvr.write(new ByteArrayOutputStream(), mvr.scene(), Map.of());
        } catch (FormatException refused) {
            assertThat(refused.sentence("weir.mvr")).contains("weir.mvr").endsWith(".");
        } catch (StackOverflowError | OutOfMemoryError deep) {
            fail(deep);
        }
    }

    private static byte[] damaged(byte[] file, Random random) {
        var bytes = file.clone();
        for (int i = 0; i < 1 + Math.floorMod(random.nextInt(), 6); i++) {
            bytes[Math.floorMod(random.nextInt(), bytes.length)] = (byte) random.nextInt();
        }
        return random.nextInt(4) == 0 ? Arrays.copyOf(bytes, Math.floorMod(random.nextInt(), bytes.length)) : bytes;
    }
}
