package yellowkite.core.wire.osc;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * A message. Its address, a comma and its types are texts that end with a zero and are filled up to four bytes; then the values,
 * big-endian.
 *
 * @param address begins with a slash; as a pattern it may hold {@code ? * [] {}}
 */
public record OscMessage(String address, List<OscValue> values) implements OscPacket {

    public OscMessage {
        values = List.copyOf(values);
    }

    @Override
    public byte[] write() {
        var out = new ByteArrayOutputStream();
        text(out, address);
        var types = new StringBuilder(",");
        values.forEach(each -> types.append(each.type()));
        text(out, types.toString());
        values.forEach(each -> value(out, each));
        return out.toByteArray();
    }

    private static void value(ByteArrayOutputStream out, OscValue value) {
        switch (value) {
            case OscValue.Whole whole -> out.writeBytes(ByteBuffer.allocate(Integer.BYTES).putInt(whole.value()).array());
            case OscValue.Figure figure -> out.writeBytes(ByteBuffer.allocate(Float.BYTES).putFloat(figure.value()).array());
            case OscValue.Words words -> text(out, words.value());
            case OscValue.Blob blob -> {
                out.writeBytes(ByteBuffer.allocate(Integer.BYTES).putInt(blob.value().size()).array());
                out.writeBytes(blob.value().toArray());
                fill(out);
            }
            case OscValue.Sign sign -> {
                // the type says it all
            }
        }
    }

    private static void text(ByteArrayOutputStream out, String text) {
        out.writeBytes(text.getBytes(StandardCharsets.UTF_8));
        out.write(0);
        fill(out);
    }

    private static void fill(ByteArrayOutputStream out) {
        while (out.size() % Integer.BYTES != 0) {
            out.write(0);
        }
    }

    @Override
    public List<OscMessage> messages() {
        return List.of(this);
    }
}
