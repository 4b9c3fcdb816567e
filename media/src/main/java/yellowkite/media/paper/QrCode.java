package yellowkite.media.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.Color;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A link as a code that a telephone reads. */
public final class QrCode {
    private QrCode() {}

    /** {@return its squares, with one square of margin} */
    public static BitMatrix of(String link) {
        try {
            return new QRCodeWriter().encode(link, BarcodeFormat.QR_CODE, 0, 0,
                    Map.of(EncodeHintType.MARGIN, 1, EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M));
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("a link of " + link.length() + " letters fits into no code", tooLong);
        }
    }

    /** Draws it with its upper right corner there, so wide, in points. */
    public static void draw(PDPageContentStream pen, String link, float right, float top, float wide) throws IOException {
        var code = of(link);
        float square = wide / code.getWidth();
        pen.setNonStrokingColor(Color.BLACK);
        for (int row = 0; row < code.getHeight(); row++) {
            for (int column = 0; column < code.getWidth(); column++) {
                if (code.get(column, row)) {
                    pen.addRect(right - wide + column * square, top - (row + 1) * square, square, square);
                }
            }
        }
        pen.fill();
    }

    /** {@return the code as a drawing, black on white} */
    public static String svg(String link) {
        var code = of(link);
        var path = new StringBuilder();
        for (int y = 0; y < code.getHeight(); y++) {
            for (int x = 0; x < code.getWidth(); x++) {
                if (code.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + code.getWidth() + " " + code.getHeight()
                + "\" shape-rendering=\"crispEdges\"><rect width=\"100%\" height=\"100%\" fill=\"#fff\"/><path d=\"" + path + "\"/></svg>";
    }
}
