package yellowkite.media.chart;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;
import yellowkite.core.archive.FormatException;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.TextSheets;

/** A manufacturer's chart as a file of whatever kind it turns out to be: what is in it decides, not its name. */
public final class ChartFile {
    /** The largest chart that is read. */
    public static final int MAX_BYTES = 64 << 20;
    /** Text beyond that is no chart. */
    private static final int MAX_TEXT = 8 << 20;

    private ChartFile() {}

    /** @throws FormatException if it is too large, damaged, encrypted, or holds no text */
    public static List<Sheet> read(byte[] bytes) {
        if (bytes.length > MAX_BYTES) {
            throw new FormatException("is larger than the limit of " + (MAX_BYTES >> 20) + " MB");
        }
        var sheets = sheets(bytes);
        if (sheets.stream().allMatch(sheet -> sheet.lines().stream().allMatch(Sheet.Line::isBlank))) {
            throw new FormatException("holds no text");
        }
        return sheets;
    }

    private static List<Sheet> sheets(byte[] bytes) {
        if (begins(bytes, "%PDF")) {
            return PdfSheets.read(bytes);
        }
        if (begins(bytes, "PK")) {
            return XlsxSheets.read(bytes);
        }
        if (bytes.length > MAX_TEXT) {
            throw new FormatException("holds more text than the limit of " + (MAX_TEXT >> 20) + " MB");
        }
        var text = text(bytes);
        return HtmlSheets.isHtml(text) ? HtmlSheets.read(text) : List.of(TextSheets.read(text));
    }

    static boolean begins(byte[] bytes, String sign) {
        var wanted = sign.getBytes(StandardCharsets.US_ASCII);
        return bytes.length > wanted.length && java.util.Arrays.equals(bytes, 0, wanted.length, wanted, 0, wanted.length);
    }

    /** UTF-16 by its mark; UTF-8 if it is that; else what Windows writes. */
    private static String text(byte[] bytes) {
        if (bytes.length > 1
                && ((bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xFE || (bytes[0] & 0xFF) == 0xFE && (bytes[1] & 0xFF) == 0xFF)) {
            return new String(bytes, StandardCharsets.UTF_16);
        }
        try {
            return StandardCharsets.UTF_8.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)
                .decode(ByteBuffer.wrap(bytes))
                .toString();
        } catch (CharacterCodingException noUtf8) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }
}
