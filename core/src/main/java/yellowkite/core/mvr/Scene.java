package yellowkite.core.mvr;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.archive.FormatException;
import yellowkite.core.xml.XmlNode;
import yellowkite.core.xml.XmlPrinter;
import yellowkite.core.xml.XmlText;

/**
 * A scene as its XML stands: all of it, so that what nobody edits goes out as it came in.
 *
 * @param before comments and instructions before the root, and {@code after} it
 */
public record Scene(List<XmlNode> before, XmlNode.Element root, List<XmlNode> after) {
    public static final String ENTRY = "GeneralSceneDescription.xml";
    static final String ROOT = "GeneralSceneDescription";
    /** As many fixtures as a rig holds take two thirds of it; as nodes in memory it is some ten times as large. */
    private static final int MAX_BYTES = 32 << 20;

    public Scene {
        before = List.copyOf(before);
        after = List.copyOf(after);
    }

    /** @throws FormatException if it is no scene; names what is wrong with it */
    public static Scene read(byte[] xml) {
        var before = new ArrayList<XmlNode>();
        var after = new ArrayList<XmlNode>();
        XmlNode.Element root = null;
        for (var node : XmlText.parse(ENTRY, xml, MAX_BYTES)) {
            if (node instanceof XmlNode.Element element) {
                root = element;
            } else {
                (root == null ? before : after).add(node);
            }
        }
        if (root == null || !root.name().equals(ROOT)) {
            throw new FormatException("holds no " + ROOT + " in its " + ENTRY);
        }
        return new Scene(before, root, after);
    }

    public byte[] write() {
        return XmlPrinter.print(before, root, after);
    }

    /** {@return this scene with another root; this very one if it is the same} */
    Scene with(XmlNode.Element changed) {
        return changed == root ? this : new Scene(before, changed, after);
    }
}
