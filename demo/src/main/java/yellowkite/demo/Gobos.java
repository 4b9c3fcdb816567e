package yellowkite.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;

/** The gobos of the house, drawn: white lets light through, black holds it, transparent outside the circle. */
final class Gobos {
    private static final int SIZE = 256;

    private Gobos() {}

    /** {@return the PNG of a gobo} @throws IllegalArgumentException if no gobo has that name */
    static byte[] png(String name) {
        var image = new BufferedImage(SIZE, SIZE, BufferedImage.TYPE_INT_ARGB);
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.BLACK);
        Shape disc = new Ellipse2D.Double(0, 0, SIZE, SIZE);
        g.fill(disc);
        g.setClip(disc);
        g.setColor(Color.WHITE);
        switch (name) {
            case "reeds" -> reeds(g);
            case "ripples" -> ripples(g);
            case "lock-gate" -> lockGate(g);
            case "kite" -> kite(g);
            default -> throw new IllegalArgumentException("no gobo is called " + name);
        }
        g.dispose();
        return Drawing.png(image);
    }

    private static void reeds(Graphics2D g) {
        for (int i = 0; i < 7; i++) {
            var stalk = new Path2D.Double();
            double x = 40 + i * 29;
            stalk.moveTo(x, 250);
            stalk.quadTo(x + 6 - i * 2, 140, x + 14 - i * 5, 70 + i % 3 * 22);
            g.setStroke(new BasicStroke(5, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(stalk);
            g.fill(new Ellipse2D.Double(x + 14 - i * 5 - 7, 34 + i % 3 * 22, 14, 46));
        }
    }

    private static void ripples(Graphics2D g) {
        g.setStroke(new BasicStroke(13, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (int row = 0; row < 4; row++) {
            var wave = new Path2D.Double();
            double y = 62 + row * 44;
            wave.moveTo(34 + row % 2 * 14, y);
            for (int i = 0; i < 3; i++) {
                double x = 34 + row % 2 * 14 + i * 60;
                wave.curveTo(x + 18, y - 26, x + 34, y - 26, x + 52, y);
            }
            g.draw(wave);
        }
    }

    private static void lockGate(Graphics2D g) {
        g.setStroke(new BasicStroke(10));
        for (int side = -1; side <= 1; side += 2) {
            var leaf = new Path2D.Double();
            leaf.moveTo(128 + side * 84, 44);
            leaf.lineTo(128 + side * 10, 76);
            leaf.lineTo(128 + side * 10, 220);
            leaf.lineTo(128 + side * 84, 190);
            leaf.closePath();
            g.draw(leaf);
            for (int bar = 1; bar < 4; bar++) {
                g.drawLine(128 + side * 84, 44 + bar * 36, 128 + side * 10, 76 + bar * 36);
            }
        }
    }

    private static void kite(Graphics2D g) {
        var kite = new Path2D.Double();
        kite.moveTo(128, 24);
        kite.lineTo(196, 98);
        kite.lineTo(128, 188);
        kite.lineTo(60, 98);
        kite.closePath();
        g.fill(kite);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(7));
        g.drawLine(128, 24, 128, 188);
        g.drawLine(60, 98, 196, 98);
        g.setColor(Color.WHITE);
        g.setStroke(new BasicStroke(7, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        var tail = new Path2D.Double();
        tail.moveTo(128, 188);
        tail.curveTo(150, 206, 108, 216, 128, 242);
        g.draw(tail);
    }
}
