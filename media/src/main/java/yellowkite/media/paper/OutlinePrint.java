package yellowkite.media.paper;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import yellowkite.core.shape.Views.Outline;

/** A body drawn flat on paper: outlines with a light ground, so that a toner lasts. */
public final class OutlinePrint {
    private static final float GAP = 10;
    private static final Color GROUND = new Color(0xECEAE4);
    private static final Color LINE = new Color(0x3C4348);

    private OutlinePrint() {}

    /**
     * Draws outlines to scale into a square. {@return how much of the width it took, with a gap; 0 for nothing}
     *
     * @param right edge of the square, points. @param top edge. @param side of the square
     */
    public static float draw(PDPageContentStream pen, List<Outline> outlines, float right, float top, float side) throws IOException {
        double left = Double.MAX_VALUE;
        double low = Double.MAX_VALUE;
        double far = -Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (var outline : outlines) {
            for (int i = 0; i + 1 < outline.points().size(); i += 2) {
                left = Math.min(left, outline.points().get(i));
                far = Math.max(far, outline.points().get(i));
                low = Math.min(low, outline.points().get(i + 1));
                high = Math.max(high, outline.points().get(i + 1));
            }
        }
        double size = Math.max(far - left, high - low);
        if (!(size > 0)) {
            return 0;
        }
        float scale = (float) (side / size);
        float width = (float) (far - left) * scale;
        pen.setStrokingColor(LINE);
        pen.setNonStrokingColor(GROUND);
        pen.setLineWidth(0.5f);
        for (var outline : outlines) {
            for (int i = 0; i + 1 < outline.points().size(); i += 2) {
                float x = right - width + (float) (outline.points().get(i) - left) * scale;
                float y = top - (float) (high - outline.points().get(i + 1)) * scale;
                if (i == 0) {
                    pen.moveTo(x, y);
                } else {
                    pen.lineTo(x, y);
                }
            }
            pen.closeAndFillAndStroke();
        }
        return width + GAP;
    }
}
