package yellowkite.core.colour;

import org.jspecify.annotations.Nullable;

/** Three columns of tristimulus values. */
record Matrix3(Xyz a, Xyz b, Xyz c) {
    static Matrix3 of(Xyz a, Xyz b, Xyz c) {
        return new Matrix3(a, b, c);
    }

    /** {@return how much of each column makes {@code target}; null if the columns lie in one plane} */
    @Nullable
    Xyz solve(Xyz target) {
        double whole = volume(a, b, c);
        double size = a.sum() * b.sum() * c.sum();
        return Math.abs(whole) <= 1e-12 * Math.abs(size) || whole == 0 ? null
                : new Xyz(volume(target, b, c) / whole, volume(a, target, c) / whole, volume(a, b, target) / whole);
    }

    private static double volume(Xyz p, Xyz q, Xyz r) {
        return dot(p, cross(q, r));
    }

    static double dot(Xyz p, Xyz q) {
        return p.x() * q.x() + p.y() * q.y() + p.z() * q.z();
    }

    static Xyz cross(Xyz p, Xyz q) {
        return new Xyz(p.y() * q.z() - p.z() * q.y(), p.z() * q.x() - p.x() * q.z(), p.x() * q.y() - p.y() * q.x());
    }
}
