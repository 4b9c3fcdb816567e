package yellowkite.browser;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import yellowkite.core.archive.Archive;

/** Builds a scene as a drawing program hands it over. */
final class DrawnScene {
    private final StringBuilder fixtures = new StringBuilder();

    /** @param number of its uuid. @param address absolute, from 1 */
    DrawnScene fixture(int number, String id, String name, String spec, String mode, int address) {
        fixtures.append("<Fixture uuid=\"")
            .append(new UUID(7, number))
            .append("\" name=\"")
            .append(name)
            .append("\"><GDTFSpec>")
            .append(spec)
            .append("</GDTFSpec><GDTFMode>")
            .append(mode)
            .append("</GDTFMode><FixtureID>")
            .append(id)
            .append("</FixtureID><Addresses><Address break=\"0\">")
            .append(address)
            .append("</Address></Addresses></Fixture>");
        return this;
    }

    /** {@return the file} */
    Path write(Path to) throws IOException {
        var xml = "<GeneralSceneDescription verMajor=\"1\" verMinor=\"6\"><Scene><Layers><Layer uuid=\"l\" name=\"Mast\"><ChildList>"
                + fixtures
                + "<SceneObject uuid=\"rock\" name=\"Rock\"/></ChildList></Layer></Layers></Scene></GeneralSceneDescription>";
        return Files.write(to, Archive.write(Map.of("GeneralSceneDescription.xml", xml.getBytes(StandardCharsets.UTF_8))));
    }
}
