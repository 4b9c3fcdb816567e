package yellowkite.server.drafts;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.colour.Additive;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.colour.Diagram;
import yellowkite.core.colour.Emitters;
import yellowkite.core.colour.Hull;
import yellowkite.core.colour.Wish;
import yellowkite.core.colour.Xyz;
import yellowkite.core.gobo.Picture;
import yellowkite.core.light.Light;
import yellowkite.core.light.WantedColour;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Measurement;
import yellowkite.core.text.Figures;
import yellowkite.media.PictureFile;
import yellowkite.server.web.Figure;
import yellowkite.server.web.HueView;
import yellowkite.server.web.Refusal;

/** Colour of a mode: what it can mix, what it mixes at the probe, and which values make a wanted colour. Reads only. */
@RestController
class ColourController {
    private static final int SIDE = 384;
    private static final double WHOLE = 100;
    private static final byte[] DIAGRAM = diagram();
    private final Drafts drafts;

    ColourController(Drafts drafts) {
        this.drafts = drafts;
    }

    private static byte[] diagram() {
        return PictureFile.png(new Picture(SIDE, SIDE, Diagram.picture(SIDE)));
    }

    /** 200 with the u'v' diagram, u' to the right and v' upwards, both from 0 to {@code span}. */
    @GetMapping("/api/colour-diagram.png")
    ResponseEntity<byte[]> picture() {
        return ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).cacheControl(CacheControl.maxAge(1, TimeUnit.DAYS)).body(DIAGRAM);
    }

    record Spot(double u, double v) {
        static Spot of(Chromaticity color) {
            return new Spot(color.u(), color.v());
        }
    }

    record KelvinSpot(int kelvin, double u, double v) {}

    /** A light that channels of the mode drive. @param pretty name of its attribute */
    record LightSpot(String pretty, HueView hue) {}

    /**
     * @param measured how many measurements it has; {@code spectra} how many of them by wavelength. @param nanometres null if not known, or
     * for a filter
     */
    record LightPart(String name, @Nullable HueView hue, @Nullable Figure luminance,
            @Nullable Figure nanometres, int measured, long spectra, List<String> uses) {}

    /** A colour with a name that can be asked for. */
    record NamedColour(String name, String hex) {}

    /**
     * @param span of both sides of the diagram
     * @param gamut corners of what the mode can mix, in turn; empty if it mixes nothing, or anything
     * @param lights of a mode that adds lights up
     * @param now at the probe; null while the fixture gives no light at all
     * @param dims whether a brightness can be asked for
     */
    record ColourMap(double span, List<KelvinSpot> blackBodies, List<Spot> gamut, List<LightSpot> lights,
            @Nullable HueView now,
            List<LightPart> emitters, List<LightPart> filters, List<NamedColour> named, boolean dims) {}

    record ProbeRequest(int mode, Map<Integer, Long> values) {
        ProbeRequest {
            values = Map.copyOf(values);
        }
    }

    /** 200 with the colours of a mode at a probe; 404 if it is gone. */
    @PostMapping("/api/drafts/{draftId}/colour")
    ColourMap map(@PathVariable String draftId, @RequestBody ProbeRequest request) {
        var probe = Probes.of(drafts.require(draftId), request.mode(), request.values());
        var type = probe.mode().type();
        var colours = WantedColour.of(probe);
        var now = Light.of(probe.mode(), probe.meanings()).color();
        return new ColourMap(Diagram.SPAN,
                Diagram.blackBodies()
                    .stream()
                    .map(each -> new KelvinSpot((int) each.kelvin(), each.chromaticity().u(), each.chromaticity().v()))
                    .toList(),
                colours.gamut().map(Hull::corners).orElse(List.of()).stream().map(Spot::of).toList(),
                colours.lights()
                    .entrySet()
                    .stream()
                    .map(each -> new LightSpot(pretty(type, each.getKey()), HueView.of(each.getValue())))
                    .toList(),
                now.isBlack() ? null : HueView.of(now), emitters(type), filters(type),
                named(type).entrySet()
                    .stream()
                    .map(each -> new NamedColour(each.getKey(), HueView.of(Xyz.of(each.getValue())).hex()))
                    .toList(),
                colours.canDim());
    }

    private static String pretty(FixtureType type, String attribute) {
        return type.attributeDefinitions().pretty(attribute);
    }

    private static List<LightPart> emitters(FixtureType type) {
        var lights = Emitters.of(type);
        return type.physicalDescriptions()
            .emitters()
            .stream()
            .map(each -> part(each.name(), lights.full(each).seen(), each.color() == null ? null : each.color().luminance(),
                    each.dominantWaveLength(), each.measurements(),
                    uses(type, each.name(), true)))
            .toList();
    }

    private static List<LightPart> filters(FixtureType type) {
        return type.physicalDescriptions()
            .filters()
            .stream()
            .map(each -> part(each.name(), each.color() == null ? Xyz.BLACK : Xyz.of(each.color()),
                    each.color() == null ? null : each.color().luminance(), null,
                    each.measurements(), uses(type, each.name(), false)))
            .toList();
    }

    private static LightPart part(String name, Xyz color, @Nullable Double luminance, @Nullable Double nanometres,
            List<Measurement> measurements, List<String> uses) {
        return new LightPart(name, color.isBlack() ? null : HueView.of(color), Figure.ofNullable(luminance), Figure.ofNullable(nanometres),
                measurements.size(),
                measurements.stream().filter(each -> !each.spectrum().isEmpty()).count(), uses);
    }

    private static List<String> uses(FixtureType type, String name, boolean emitter) {
        return type.modes()
            .stream()
            .flatMap(mode -> mode.channels()
                .stream()
                .filter(channel -> channel.functions().anyMatch(each -> name.equals(emitter ? each.emitter() : each.filter())))
                .map(channel -> pretty(type, channel.attribute()) + " in " + mode.name()))
            .distinct()
            .toList();
    }

    private static Map<String, ColorCie> named(FixtureType type) {
        var named = new LinkedHashMap<String, ColorCie>();
        type.physicalDescriptions().filters().forEach(each -> name(named, each.name(), each.color()));
        type.wheels()
            .forEach(wheel -> wheel.slots()
                .stream()
                .filter(slot -> !slot.isOpen() && slot.mediaFile().isEmpty())
                .forEach(slot -> name(named, slot.name() + ", " + wheel.name(), slot.color())));
        return named;
    }

    private static void name(Map<String, ColorCie> named, String name, @Nullable ColorCie color) {
        if (color != null && color.y() > 0) {
            named.putIfAbsent(name, color);
        }
    }

    /**
     * How a colour is asked for. {@code XY}: x and y. {@code HUE}: degrees, and saturation in percent. {@code WHITE}: kelvin and Duv.
     * {@code SCREEN}: {@code #rrggbb}. {@code NAMED}: the name of a filter or slot of the profile.
     */
    enum WishForm {
        XY, HUE, WHITE, SCREEN, NAMED
    }

    /** @param brightness percent of the brightest, in (0, 100] */
    record WishRequest(int mode, Map<Integer, Long> values, WishForm form, double first, double second, String hex, String name,
            Additive.Choice choice, double brightness) {
        WishRequest {
            values = Map.copyOf(values);
            Objects.requireNonNull(form, "form");
            Objects.requireNonNull(hex, "hex");
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(choice, "choice");
        }
    }

    /** @param level of full, in [0, 1]; {@code says} the same in words */
    record WishLevel(String pretty, double level, String says) {}

    /** @param values raw, by channel id. @param distance Delta u'v'. @param says one sentence on how near it comes */
    record WishAnswer(List<WishLevel> levels, Map<Integer, Long> values, HueView wanted, HueView reached, double distance, boolean inGamut,
            String says) {}

    /** 200 with the values that make a colour; 422 with what does not fit. */
    @PostMapping("/api/drafts/{draftId}/colour/wanted")
    WishAnswer wanted(@PathVariable String draftId, @RequestBody WishRequest request) {
        var probe = Probes.of(drafts.require(draftId), request.mode(), request.values());
        if (!(request.brightness() > 0 && request.brightness() <= WHOLE)) {
            throw Refusal.unfit("brightness", "A brightness is more than 0 and at most 100 %.");
        }
        var wish = wish(probe.mode().type(), request);
        return switch (WantedColour.of(probe).find(wish, request.choice(), request.brightness() / WHOLE)) {
            case WantedColour.Result.Impossible why -> throw Refusal.unfit("mode", why.reason());
            case WantedColour.Result.Found found -> new WishAnswer(
                    found.levels()
                        .stream()
                        .map(each -> new WishLevel(pretty(probe.mode().type(), each.attribute()), each.level(),
                                Figures.percent(each.level())))
                        .toList(),
                    found.values(), HueView.of(wish.at(1)), HueView.of(found.reached()), found.distance(), found.inGamut(), found.says());
        };
    }

    private static Chromaticity wish(FixtureType type, WishRequest request) {
        try {
            return switch (request.form()) {
                case XY -> Wish.coordinates(request.first(), request.second());
                case HUE -> Wish.hue(request.first(), request.second() / WHOLE);
                case WHITE -> Wish.white(request.first(), request.second());
                case SCREEN -> Wish.screen(request.hex());
                case NAMED -> Optional.ofNullable(named(type).get(request.name()))
                    .map(color -> Wish.coordinates(color.x(), color.y()))
                    .orElseThrow(() -> Refusal.unfit("name", "This profile has no colour called '" + request.name() + "'."));
            };
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit("first", String.valueOf(unfit.getMessage()));
        }
    }
}
