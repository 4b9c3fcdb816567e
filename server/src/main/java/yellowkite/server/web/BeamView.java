package yellowkite.server.web;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowkite.core.gdtf.Media;
import yellowkite.core.light.Light;

/**
 * The light of a mode as a small picture shows it.
 *
 * @param looks how bright it looks, in [0, 1]. @param says brightness, direction and strobe in short words. @param hue of its colour
 * @param gobo address of its picture; null without one
 */
public record BeamView(double looks, List<String> says, HueView hue, @Nullable String gobo) {

    /** {@return a light as it is drawn} @param contents SHA-256 of the profile's files, by path */
    public static BeamView of(Light light, Map<String, String> contents) {
        var slot = light.gobo();
        var sha = slot == null || slot.mediaFile().isEmpty() ? null : contents.get(Media.wheelPath(slot.mediaFile()));
        return new BeamView(light.looks(), light.says(), HueView.of(light.color()), sha == null ? null : "/api/media/" + sha);
    }
}
