package yellowkite.core.mvr;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import yellowkite.core.archive.Archive;

/** Builds scenes as programs write them, element by element. */
public final class Scenes {
    private final List<String> aux = new ArrayList<>();
    private final List<String> layers = new ArrayList<>();

    private Scenes() {}

    public static Scenes scene() {
        return new Scenes();
    }

    public Scenes classNamed(String uuid, String name) {
        aux.add("<Class uuid=\"" + uuid + "\" name=\"" + name + "\"/>");
        return this;
    }

    public Scenes position(String uuid, String name) {
        aux.add("<Position uuid=\"" + uuid + "\" name=\"" + name + "\"/>");
        return this;
    }

    public Scenes layer(String name, String... things) {
        layers.add("<Layer uuid=\"layer-" + name + "\" name=\"" + name + "\">" + children(things) + "</Layer>");
        return this;
    }

    /** {@return something that things hang in} @param kind such as {@code GroupObject} or {@code Truss} */
    public static String box(String kind, String name, String matrix, String... things) {
        return "<" + kind + " uuid=\"" + kind + "-" + name + "\" name=\"" + name + "\"><Matrix>" + matrix + "</Matrix>" + children(things)
                + "</" + kind + ">";
    }

    /** @param inside its elements, such as {@link #is} gives */
    public static String fixture(String uuid, String name, String... inside) {
        return "<Fixture" + (uuid.isEmpty() ? "" : " uuid=\"" + uuid + "\"") + " name=\"" + name + "\">" + String.join("", inside)
                + "</Fixture>";
    }

    public static String is(String element, String text) {
        return "<" + element + ">" + text + "</" + element + ">";
    }

    public static String children(String... things) {
        return "<ChildList>" + String.join("", things) + "</ChildList>";
    }

    /** @param each such as {@code 0:513}: the break as the format counts, and the address */
    public static String addresses(String... each) {
        return "<Addresses>" + String.join("", Arrays.stream(each).map(text -> {
            int colon = text.indexOf(':');
            return "<Address break=\"" + text.substring(0, colon) + "\">" + text.substring(colon + 1) + "</Address>";
        }).toList()) + "<Network geometry=\"Base\" ipv4=\"10.0.0.7\"/></Addresses>";
    }

    public String xml() {
        return """
                <?xml version="1.0" encoding="UTF-8"?><!-- drawn at the weir -->
                <GeneralSceneDescription verMajor="1" verMinor="6" provider="Weir office" providerVersion="3">
                <UserData><Data provider="Weir office" ver="2"><Layout zoom="3"/></Data></UserData>
                <Scene><AUXData>%s<Symdef uuid="s1" name="Lantern"><ChildList/></Symdef></AUXData><Layers>%s</Layers></Scene>
                </GeneralSceneDescription>
                """.formatted(String.join("", aux), String.join("", layers));
    }

    public Scene read() {
        return Scene.read(xml().getBytes(StandardCharsets.UTF_8));
    }

    /** {@return the whole file} */
    public byte[] file(Map<String, byte[]> others) {
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(Scene.ENTRY, xml().getBytes(StandardCharsets.UTF_8));
        entries.putAll(others);
        return Archive.write(entries);
    }
}
