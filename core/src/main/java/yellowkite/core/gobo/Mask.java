package yellowkite.core.gobo;

/** Which pixels of a gobo let light through, and which belong to it at all. */
final class Mask {
    final int size;
    private final boolean[] light;
    private final boolean[] inside;

    private Mask(int size, boolean[] light, boolean[] inside) {
        this.size = size;
        this.light = light;
        this.inside = inside;
    }

    static Mask of(Picture gobo) {
        int size = gobo.width();
        var light = new boolean[size * size];
        var inside = new boolean[size * size];
        for (int y = 0; y < size; y++) {
            for (int x = 0; x < size; x++) {
                inside[y * size + x] = Picture.opacity(gobo.at(x, y)) >= 128;
                light[y * size + x] = inside[y * size + x] && Picture.brightness(gobo.at(x, y)) >= 128;
            }
        }
        return new Mask(size, light, inside);
    }

    boolean isLight(int at) {
        return light[at];
    }

    boolean isInside(int at) {
        return inside[at];
    }
}
