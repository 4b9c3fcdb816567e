package yellowkite.core.gdtf;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import yellowkite.core.Choices;
import yellowkite.core.SoundDocuments;
import yellowkite.core.edit.RenameProfile;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.xml.XmlNode;
import yellowkite.core.xml.XmlText;

/** Whatever a file holds that we do not know comes out again as it came in, wherever it stands. */
class LosslessLawsTest {
    private static final List<String> STRANGE = List.of("not-a-number", "\u00e9\u6f22", "1,2,3,4,5", "{broken", "  ", "a & b < c");

    @Provide
    Arbitrary<FixtureType> documents() {
        return SoundDocuments.any();
    }

    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(150);
    }

    /** The element with, here and there, an attribute, a child or a comment that nobody knows, and values that nobody can read. */
    private static XmlNode.Element sprinkled(XmlNode.Element element, Random random) {
        var attributes = new ArrayList<XmlNode.Attribute>();
        for (var each : element.attributes()) {
            boolean isLink = element.name().equals("FixtureType")
                    || List.of("Name", "Attribute", "Geometry", "Feature").contains(each.name());
            attributes.add(!isLink && random.nextInt(16) == 1 ? new XmlNode.Attribute(each.name(), pick(random)) : each);
        }
        if (random.nextInt(6) == 1) {
            attributes.add(new XmlNode.Attribute("Unheard", pick(random)));
        }
        var children = new ArrayList<XmlNode>();
        for (var each : element.children()) {
            if (random.nextInt(6) == 1) {
                children.add(new XmlNode.Element("Stranger", List.of(new XmlNode.Attribute("Name", pick(random))), List.of()));
            }
            children.add(each instanceof XmlNode.Element child ? sprinkled(child, random) : each);
        }
        return new XmlNode.Element(element.name(), attributes, children);
    }

    private static String pick(Random random) {
        return STRANGE.get(random.nextInt(STRANGE.size()));
    }

    private static void print(XmlNode node, StringBuilder out) {
        switch (node) {
            case XmlNode.Element element -> {
                out.append('<').append(element.name());
                element.attributes()
                    .forEach(each -> out.append(' ').append(each.name()).append("=\"").append(escaped(each.value())).append('"'));
                out.append('>');
                element.children().forEach(each -> print(each, out));
                out.append("</").append(element.name()).append('>');
            }
            case XmlNode.Text text -> out.append(escaped(text.text()));
            case XmlNode.Comment comment -> out.append("<!--").append(comment.text()).append("-->");
            case XmlNode.Instruction instruction -> throw new IllegalStateException("none is made: " + instruction);
        }
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
    }

    private static List<XmlNode> nodes(byte[] description) {
        return XmlText.parse("description.xml", description, GdtfDescription.MAX_BYTES);
    }

    private static byte[] strange(FixtureType document, Random random) {
        var out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>");
        nodes(GdtfDescription.of(document).write())
            .forEach(each -> print(each instanceof XmlNode.Element element ? sprinkled(element, random) : each, out));
        return out.toString().getBytes(StandardCharsets.UTF_8);
    }

    @Property(tries = 150)
    void whatNobodyKnowsIsKept(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        var file = strange(document, random);

        assertThat(XmlCompare.unordered(nodes(GdtfDescription.read(file).write()))).isEqualTo(XmlCompare.unordered(nodes(file)));
    }

    @Property(tries = 100)
    void anEditLeavesWhatItDoesNotNameAsItWas(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        var file = strange(document, random);
        var description = GdtfDescription.read(file);
        var renamed = (Outcome.Applied<FixtureType>) new RenameProfile("Otherwise").applyTo(description.type());
        var expected = new String(file, StandardCharsets.UTF_8).replaceFirst("(<FixtureType[^>]* Name=\")[^\"]*\"", "$1Otherwise\"")
            .getBytes(StandardCharsets.UTF_8);

        assertThat(XmlCompare.unordered(nodes(description.withType(renamed.after()).write())))
            .isEqualTo(XmlCompare.unordered(nodes(expected)));
    }
}
