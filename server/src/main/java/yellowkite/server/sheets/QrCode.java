package yellowkite.server.sheets;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A link as a code that a telephone reads. */
final class QrCode {
    private QrCode() {}

    /** {@return its squares, with one square of margin} */
    static BitMatrix of(String link) {
        try {
            return new QRCodeWriter().encode(link, BarcodeFormat.QR_CODE, 0, 0,
                    Map.of(EncodeHintType.MARGIN, 1, EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M));
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("a link of " + link.length() + " letters fits into no code", tooLong);
        }
    }

    /** {@return the code as a drawing, black on white} */
    static String svg(String link) {
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
