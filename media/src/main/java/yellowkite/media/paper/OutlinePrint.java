package yellowkite.media.paper;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import yellowkite.core.shape.Views.Outline;
import yellowkite.core.shape.Views.Sheet;

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
        var sheet = Sheet.around(outlines);
        double size = Math.max(sheet.right() - sheet.left(), sheet.high() - sheet.low());
        if (!(size > 0)) {
            return 0;
        }
        float scale = (float) (side / size);
        float width = (float) (sheet.right() - sheet.left()) * scale;
        pen.setStrokingColor(LINE);
        pen.setNonStrokingColor(GROUND);
        pen.setLineWidth(0.5f);
        for (var outline : outlines) {
            for (int i = 0; i + 1 < outline.points().size(); i += 2) {
                float x = right - width + (float) (outline.points().get(i) - sheet.left()) * scale;
                float y = top - (float) (sheet.high() - outline.points().get(i + 1)) * scale;
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
