package yellowkite.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.util.function.Consumer;

/** Pictures of the fixtures, drawn from the front: grey bodies that stand on a dark page and on a light one. */
final class Portraits {
    /** Name of the picture in the archive, without its ending. */
    static final String NAME = "thumbnail";
    private static final int SIZE = 256;
    private static final Color BODY = new Color(0x7C8794);
    private static final Color DARK = new Color(0x3A424C);
    private static final Color GLASS = new Color(0xF5C833);

    private Portraits() {}

    static byte[] movingHead() {
        return draw(g -> {
            fill(g, DARK, 58, 204, 140, 34, 12);
            fill(g, BODY, 48, 92, 22, 118, 10);
            fill(g, BODY, 186, 92, 22, 118, 10);
            fill(g, BODY, 80, 34, 96, 140, 40);
            disc(g, 128, 92, 40, DARK);
            disc(g, 128, 92, 30, GLASS);
        });
    }

    static byte[] batten() {
        return draw(g -> {
            fill(g, DARK, 60, 150, 14, 52, 4);
            fill(g, DARK, 182, 150, 14, 52, 4);
            fill(g, BODY, 10, 98, 236, 58, 14);
            for (int cell = 0; cell < 10; cell++) {
                disc(g, 26 + cell * 22.6, 127, 9, cell % 2 == 0 ? GLASS : DARK);
            }
        });
    }

    static byte[] par() {
        return draw(g -> {
            g.setColor(DARK);
            g.setStroke(new BasicStroke(10, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            var bracket = new Path2D.Double();
            bracket.moveTo(44, 136);
            bracket.lineTo(44, 36);
            bracket.lineTo(212, 36);
            bracket.lineTo(212, 136);
            g.draw(bracket);
            disc(g, 128, 140, 92, BODY);
            disc(g, 128, 140, 72, DARK);
            for (int ring = 0; ring < 6; ring++) {
                disc(g, 128 + 42 * Math.cos(ring * Math.PI / 3), 140 + 42 * Math.sin(ring * Math.PI / 3), 15, GLASS);
            }
            disc(g, 128, 140, 15, GLASS);
        });
    }

    static byte[] bulb() {
        return draw(g -> {
            fill(g, DARK, 104, 24, 48, 70, 8);
            disc(g, 128, 152, 74, BODY);
            disc(g, 128, 152, 60, DARK);
            disc(g, 128, 152, 26, GLASS);
        });
    }

    static byte[] scroller() {
        return draw(g -> {
            fill(g, BODY, 22, 40, 212, 176, 14);
            fill(g, DARK, 70, 62, 116, 132, 6);
            fill(g, GLASS, 70, 62, 58, 132, 0);
            fill(g, DARK, 36, 52, 18, 152, 9);
            fill(g, DARK, 202, 52, 18, 152, 9);
        });
    }

    static byte[] rotator() {
        return draw(g -> {
            fill(g, BODY, 76, 14, 104, 228, 16);
            disc(g, 128, 150, 62, DARK);
            disc(g, 128, 150, 46, GLASS);
            disc(g, 128, 150, 14, DARK);
        });
    }

    static byte[] tank() {
        return draw(g -> {
            fill(g, BODY, 34, 96, 188, 118, 16);
            fill(g, DARK, 62, 70, 132, 40, 10);
            disc(g, 128, 156, 40, DARK);
            disc(g, 128, 156, 12, GLASS);
            fill(g, DARK, 46, 214, 30, 18, 4);
            fill(g, DARK, 180, 214, 30, 18, 4);
        });
    }

    static byte[] tube() {
        return draw(g -> {
            fill(g, BODY, 14, 70, 228, 116, 14);
            fill(g, DARK, 30, 86, 196, 84, 8);
            fill(g, GLASS, 44, 114, 168, 28, 14);
        });
    }

    private static byte[] draw(Consumer<Graphics2D> fixture) {
        var image = new BufferedImage(SIZE, SIZE, BufferedImage.TYPE_INT_ARGB);
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        fixture.accept(g);
        g.dispose();
        return Drawing.png(image);
    }

    private static void fill(Graphics2D g, Color color, double x, double y, double width, double height, double round) {
        g.setColor(color);
        g.fill(new RoundRectangle2D.Double(x, y, width, height, round, round));
    }

    private static void disc(Graphics2D g, double x, double y, double radius, Color color) {
        g.setColor(color);
        g.fill(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
    }
}
