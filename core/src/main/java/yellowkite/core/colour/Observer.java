package yellowkite.core.colour;

import java.util.ArrayList;
import java.util.List;

/** The CIE 1931 standard observer (2 degrees), every 5 nm from 380 to 780 nm. Source: ISO/CIE 11664-1, table 1. */
public final class Observer {
    /** nm of the first sample; {@code STEP} nm lie between two. */
    static final int FROM = 380;
    static final int STEP = 5;
    static final int SAMPLES = 81;
    /** Beyond it the locus of single wavelengths hardly moves. */
    private static final int LAST_SEEN = 700;

    private static final double[] X = {
            0.001368, 0.002236, 0.004243, 0.00765, 0.01431, 0.02319, 0.04351, 0.07763, 0.13438, 0.21477, 0.2839, 0.3285,
            0.34828, 0.34806, 0.3362, 0.3187, 0.2908, 0.2511, 0.19536, 0.1421, 0.09564, 0.05795, 0.03201, 0.0147,
            0.0049, 0.0024, 0.0093, 0.0291, 0.06327, 0.1096, 0.1655, 0.22575, 0.2904, 0.3597, 0.43345, 0.51205,
            0.5945, 0.6784, 0.7621, 0.8425, 0.9163, 0.9786, 1.0263, 1.0567, 1.0622, 1.0456, 1.0026, 0.9384,
            0.85445, 0.7514, 0.6424, 0.5419, 0.4479, 0.3608, 0.2835, 0.2187, 0.1649, 0.1212, 0.0874, 0.0636,
            0.04677, 0.0329, 0.0227, 0.01584, 0.011359, 0.008111, 0.00579, 0.004109, 0.002899, 0.002049, 0.00144, 0.001,
            0.00069, 0.000476, 0.000332, 0.000235, 0.000166, 0.000117, 8.3e-05, 5.9e-05, 4.2e-05};
    private static final double[] Y = {
            3.9e-05, 6.4e-05, 0.00012, 0.000217, 0.000396, 0.00064, 0.00121, 0.00218, 0.004, 0.0073, 0.0116, 0.01684,
            0.023, 0.0298, 0.038, 0.048, 0.06, 0.0739, 0.09098, 0.1126, 0.13902, 0.1693, 0.20802, 0.2586,
            0.323, 0.4073, 0.503, 0.6082, 0.71, 0.7932, 0.862, 0.91485, 0.954, 0.9803, 0.99495, 1,
            0.995, 0.9786, 0.952, 0.9154, 0.87, 0.8163, 0.757, 0.6949, 0.631, 0.5668, 0.503, 0.4412,
            0.381, 0.321, 0.265, 0.217, 0.175, 0.1382, 0.107, 0.0816, 0.061, 0.04458, 0.032, 0.0232,
            0.017, 0.01192, 0.00821, 0.005723, 0.004102, 0.002929, 0.002091, 0.001484, 0.001047, 0.00074, 0.00052, 0.000361,
            0.000249, 0.000172, 0.00012, 8.5e-05, 6e-05, 4.2e-05, 3e-05, 2.1e-05, 1.5e-05};
    private static final double[] Z = {
            0.00645, 0.01055, 0.02005, 0.03621, 0.06785, 0.1102, 0.2074, 0.3713, 0.6456, 1.03905, 1.3856, 1.62296,
            1.74706, 1.7826, 1.77211, 1.7441, 1.6692, 1.5281, 1.28764, 1.0419, 0.81295, 0.6162, 0.46518, 0.3533,
            0.272, 0.2123, 0.1582, 0.1117, 0.07825, 0.05725, 0.04216, 0.02984, 0.0203, 0.0134, 0.00875, 0.00575,
            0.0039, 0.00275, 0.0021, 0.0018, 0.00165, 0.0014, 0.0011, 0.001, 0.0008, 0.0006, 0.00034, 0.00024,
            0.00019, 0.0001, 5e-05, 3e-05, 2e-05, 1e-05, 0, 0, 0, 0, 0, 0,
            0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0,
            0, 0, 0, 0, 0, 0, 0, 0, 0};

    private Observer() {}

    /** {@return what the observer sees of a spectrum} @param samples of equal step, as many as the table has */
    static Xyz see(double[] samples) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < SAMPLES; i++) {
            x += samples[i] * X[i];
            y += samples[i] * Y[i];
            z += samples[i] * Z[i];
        }
        return new Xyz(x, y, z);
    }

    /** {@return what the observer sees of a light behind a glass} */
    static Xyz see(double[] light, double[] passes) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < SAMPLES; i++) {
            double left = light[i] * passes[i];
            x += left * X[i];
            y += left * Y[i];
            z += left * Z[i];
        }
        return new Xyz(x, y, z);
    }

    /** {@return what is seen of a single wavelength, between the table's steps by cubics through four of them} @param wave nm */
    static Xyz seeLine(double wave) {
        double place = (wave - FROM) / STEP;
        return place < 0 || place > SAMPLES - 1 ? Xyz.BLACK : new Xyz(between(X, place), between(Y, place), between(Z, place));
    }

    private static double between(double[] table, double place) {
        int at = Math.min((int) place, SAMPLES - 2);
        double t = place - at;
        double before = table[Math.max(0, at - 1)];
        double behind = table[Math.min(SAMPLES - 1, at + 2)];
        return Math.max(0, -t * (t - 1) * (t - 2) / 6 * before + (t + 1) * (t - 1) * (t - 2) / 2 * table[at]
                - (t + 1) * t * (t - 2) / 2 * table[at + 1] + (t + 1) * t * (t - 1) / 6 * behind);
    }

    /** {@return the edge of all colours that can be seen: those of single wavelengths, from violet to red} */
    public static List<Chromaticity> locus() {
        var edge = new ArrayList<Chromaticity>();
        for (int i = 0; FROM + i * STEP <= LAST_SEEN; i++) {
            edge.add(new Xyz(X[i], Y[i], Z[i]).chromaticity());
        }
        return edge;
    }
}
