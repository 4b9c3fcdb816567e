package yellowkite.core.bench.field;

import java.util.List;
import yellowkite.core.bench.field.Field.FieldCell;
import yellowkite.core.colour.Srgb;
import yellowkite.core.gobo.Picture;

/**
 * How a picture is laid onto a field.
 *
 * @param quarters turned clockwise by that many quarters of a turn. @param mirrored left and right exchanged, before it is turned
 */
public record Sampling(Fit fit, int quarters, boolean mirrored) {
    private static final int TURN = 4;

    /** What becomes of a picture that is not as wide for its height as the field. */
    public enum Fit {
        /** All of it is seen; dark beside it. */
        WHOLE,
        /** The field is full; what stands over is cut off. */
        FILL,
        /** It is stretched. */
        STRETCH
    }

    /** {@return the light that falls on each cell: the average over it, in linear light} What is transparent is dark. */
    public List<Srgb> of(Picture picture, Field field) {
        var light = Light.of(turned(picture));
        double wide = (double) light.width() / light.height() / field.aspect();
        double x = fit == Fit.STRETCH ? 1 : fit == Fit.WHOLE ? Math.max(1, 1 / wide) : Math.min(1, 1 / wide);
        double y = fit == Fit.STRETCH ? 1 : fit == Fit.WHOLE ? Math.max(1, wide) : Math.min(1, wide);
        return field.cells().stream().map(cell -> light.over(cell, x, y)).toList();
    }

    private Picture turned(Picture picture) {
        int times = Math.floorMod(quarters, TURN);
        boolean lies = times % 2 == 1;
        int width = lies ? picture.height() : picture.width();
        int height = lies ? picture.width() : picture.height();
        var pixels = new int[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                // where the pixel was before it was turned clockwise
                int fromX = switch (times) {
                    case 0 -> x;
                    case 1 -> y;
                    case 2 -> width - 1 - x;
                    default -> height - 1 - y;
                };
                int fromY = switch (times) {
                    case 0 -> y;
                    case 1 -> width - 1 - x;
                    case 2 -> height - 1 - y;
                    default -> x;
                };
                pixels[y * width + x] = picture.at(mirrored ? picture.width() - 1 - fromX : fromX, fromY);
            }
        }
        return new Picture(width, height, pixels);
    }

    /** A picture in linear light; each colour in one array, row by row. */
    private record Light(int width, int height, double[] red, double[] green, double[] blue) {
        static Light of(Picture picture) {
            int count = picture.width() * picture.height();
            var light = new Light(picture.width(), picture.height(), new double[count], new double[count], new double[count]);
            var pixels = picture.pixels();
            for (int i = 0; i < count; i++) {
                double opacity = (pixels[i] >>> 24) / 255.0;
                var color = Srgb.ofRgb(pixels[i] & 0xFFFFFF);
                light.red[i] = opacity * color.red();
                light.green[i] = opacity * color.green();
                light.blue[i] = opacity * color.blue();
            }
            return light;
        }

        /** @param x how much wider than the picture the field is; @param y and how much higher */
        Srgb over(FieldCell cell, double x, double y) {
            return average(within(cell.left(), x) * width, within(cell.right(), x) * width, within(cell.top(), y) * height,
                    within(cell.bottom(), y) * height);
        }

        private static double within(double at, double scale) {
            return 0.5 + (at - 0.5) * scale;
        }

        /** Each pixel counts by how much of it lies there; beyond the picture it is dark. */
        private Srgb average(double left, double right, double top, double bottom) {
            double r = 0;
            double g = 0;
            double b = 0;
            for (int y = Math.max(0, (int) Math.floor(top)); y < Math.min(height, Math.ceil(bottom)); y++) {
                double high = Math.min(bottom, y + 1) - Math.max(top, y);
                for (int x = Math.max(0, (int) Math.floor(left)); x < Math.min(width, Math.ceil(right)); x++) {
                    double share = high * (Math.min(right, x + 1) - Math.max(left, x));
                    int at = y * width + x;
                    r += share * red[at];
                    g += share * green[at];
                    b += share * blue[at];
                }
            }
            double all = (right - left) * (bottom - top);
            return new Srgb(r / all, g / all, b / all);
        }
    }
}
