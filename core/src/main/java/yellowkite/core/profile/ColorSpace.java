package yellowkite.core.profile;

import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * A colour space that a fixture can be driven in: GDTF {@code ColorSpace}.
 *
 * @param name empty for the type's own
 * @param red null unless the mode is {@code Custom}; so are green, blue and the white point
 */
public record ColorSpace(Mode mode, String name, String description, @Nullable ColorCie red, @Nullable ColorCie green,
        @Nullable ColorCie blue, @Nullable ColorCie whitePoint, Source source) {

    /** By the standard's names. */
    public enum Mode {
        Custom, sRGB, ProPhoto, ANSI
    }
}
