package yellowkite.server.web;

import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.HueText;
import yellowkite.core.colour.Srgb;
import yellowkite.core.colour.Temperature;
import yellowkite.core.colour.Xyz;

/**
 * A colour of light.
 *
 * @param u u' of CIE 1976, as is v
 * @param kelvin correlated colour temperature; null for a colour that is no white
 * @param duv distance from the black bodies, more than 0 towards green; null likewise
 * @param says the figures in words, for people
 * @param hex how the screen shows it at full brightness
 * @param onScreen false if the screen cannot show it and {@code hex} is only near
 */
public record HueView(double u, double v, @Nullable Double kelvin,
        @Nullable Double duv, Says says, String hex, boolean onScreen) {
    /** @param x of CIE 1931, as is y. @param white empty for a colour that is no white, as is {@code duv} */
    public record Says(String x, String y, String xy, String uv, String white, String duv) {}

    /** {@return a colour with its figures} */
    public static HueView of(Xyz color) {
        var at = color.chromaticity();
        var white = Temperature.of(at);
        return new HueView(at.u(), at.v(), white.map(Temperature::kelvin).orElse(null),
                white.map(Temperature::duv).orElse(null),
                new Says(HueText.one(at.x()), HueText.one(at.y()), HueText.pair(at.x(), at.y()), HueText.pair(at.u(), at.v()),
                        white.map(each -> HueText.kelvin(each.kelvin())).orElse(""), white.map(each -> HueText.duv(each.duv())).orElse("")),
                Srgb.hueOf(color).hex(), Srgb.of(color).isOnScreen());
    }
}
