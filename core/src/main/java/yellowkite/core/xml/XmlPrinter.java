package yellowkite.core.xml;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Elements as indented UTF-8 XML. Plain on purpose: what is printed was read or built here, so names are names already, and only text has
 * to be escaped; a library's stream writer took as long for this as packing the file does.
 */
public final class XmlPrinter {
    private static final String[] INDENTS = IntStream.range(0, 16).mapToObj(XmlPrinter::indentOf).toArray(String[]::new);
    private static final int FIRST_SIZE = 1 << 18;

    private final StringBuilder out = new StringBuilder(FIRST_SIZE);
    /** Whether the last start tag still waits for its end, as it may turn out to be empty. */
    private boolean open;

    private XmlPrinter() {}

    /** {@return a document: its root element, and the comments and instructions before and after it} */
    public static byte[] print(List<XmlNode> before, ElementWriter root, List<XmlNode> after) {
        var printer = new XmlPrinter();
        printer.out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>");
        before.forEach(node -> printer.child(node, 0, false));
        printer.indent(0, false);
        root.print(0, printer);
        after.forEach(node -> printer.child(node, 0, false));
        printer.indent(0, false);
        return printer.out.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** {@return a document of nodes as they were read, or built} */
    public static byte[] print(List<XmlNode> before, XmlNode.Element root, List<XmlNode> after) {
        var printer = new XmlPrinter();
        printer.out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>");
        before.forEach(node -> printer.child(node, 0, false));
        printer.child(root, 0, false);
        after.forEach(node -> printer.child(node, 0, false));
        printer.indent(0, false);
        return printer.out.toString().getBytes(StandardCharsets.UTF_8);
    }

    void startElement(String name) {
        out.append('<').append(name);
        open = true;
    }

    void attribute(String name, String value) {
        out.append(' ').append(name).append("=\"");
        escaped(value);
        out.append('"');
    }

    /** @param mixed whether the element holds text, where white space would be text too */
    void endElement(String name, int depth, boolean mixed) {
        if (open) {
            out.append("/>");
            open = false;
            return;
        }
        indent(depth, mixed);
        out.append("</").append(name).append('>');
    }

    void indent(int depth, boolean mixed) {
        closeStart();
        if (!mixed) {
            out.append(depth < INDENTS.length ? INDENTS[depth] : indentOf(depth));
        }
    }

    private void closeStart() {
        if (open) {
            out.append('>');
            open = false;
        }
    }

    void child(XmlNode node, int depth, boolean mixed) {
        indent(depth, mixed);
        switch (node) {
            case XmlNode.Text text -> escaped(text.text());
            case XmlNode.Comment comment -> out.append("<!--").append(comment.text()).append("-->");
            case XmlNode.Instruction it ->
                out.append("<?").append(it.target()).append(it.data().isEmpty() ? "" : " ").append(it.data()).append("?>");
            case XmlNode.Element element -> element(element, depth);
        }
    }

    private void element(XmlNode.Element element, int depth) {
        boolean mixed = element.children().stream().anyMatch(XmlNode.Text.class::isInstance);
        startElement(element.name());
        element.attributes().forEach(each -> attribute(each.name(), each.value()));
        element.children().forEach(each -> child(each, depth + 1, mixed));
        endElement(element.name(), depth, mixed);
    }

    private void escaped(String text) {
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c > '>' || c >= ' ' && c != '<' && c != '>' && c != '&' && c != '"') {
                continue;
            }
            out.append(text, from, i).append(escape(c));
            from = i + 1;
        }
        out.append(text, from, text.length());
    }

    private static String escape(char c) {
        return switch (c) {
            case '<' -> "&lt;";
            case '>' -> "&gt;";
            case '&' -> "&amp;";
            case '"' -> "&quot;";
            case '\t', '\n', '\r' -> "&#" + (int) c + ";";
            default -> "\uFFFD"; // no XML can hold it
        };
    }

    private static String indentOf(int depth) {
        return "\n" + "  ".repeat(depth);
    }
}
