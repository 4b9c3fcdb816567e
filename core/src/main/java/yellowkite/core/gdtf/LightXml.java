package yellowkite.core.gdtf;

import java.util.List;
import yellowkite.core.profile.ColorSpace;
import yellowkite.core.profile.CriGroup;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.Gamut;
import yellowkite.core.profile.Measurement;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.TextForm;

/** What {@code PhysicalDescriptions} says of the light: colour spaces, gamuts, filters, emitters, colour rendering. */
final class LightXml {
    private static final TextForm<ColorSpace.Mode> MODE = TextForm.names(ColorSpace.Mode.class);
    private static final TextForm<Measurement.Interpolation> INTERPOLATION = TextForm.names(Measurement.Interpolation.class);

    private LightXml() {}

    static ColorSpace readColorSpace(ElementReader in) {
        return new ColorSpace(in.value("Mode", MODE, ColorSpace.Mode.sRGB), in.text("Name"), in.text("Description"),
                in.valueOrNull("Red", GdtfForm.COLOR),
                in.valueOrNull("Green", GdtfForm.COLOR), in.valueOrNull("Blue", GdtfForm.COLOR),
                in.valueOrNull("WhitePoint", GdtfForm.COLOR), in.source());
    }

    static ElementWriter writeColorSpace(ColorSpace space) {
        return new ElementWriter("ColorSpace", space.source())
            .value("Mode", MODE, space.mode(), ColorSpace.Mode.sRGB)
            .text("Name", space.name())
            .text("Description", space.description())
            .value("Red", GdtfForm.COLOR, space.red(), null)
            .value("Green", GdtfForm.COLOR, space.green(), null)
            .value("Blue", GdtfForm.COLOR, space.blue(), null)
            .value("WhitePoint", GdtfForm.COLOR, space.whitePoint(), null);
    }

    static Gamut readGamut(ElementReader in) {
        return new Gamut(in.text("Name"), in.value("Points", GdtfForm.COLORS, List.of()), in.source());
    }

    static ElementWriter writeGamut(Gamut gamut) {
        return new ElementWriter("Gamut", gamut.source()).text("Name", gamut.name())
            .value("Points", GdtfForm.COLORS, gamut.points(), List.of());
    }

    static Filter readFilter(ElementReader in) {
        return new Filter(in.text("Name"), in.valueOrNull("Color", GdtfForm.COLOR), in.children("Measurement", LightXml::readMeasurement),
                in.source());
    }

    static ElementWriter writeFilter(Filter filter) {
        return new ElementWriter("Filter", filter.source())
            .text("Name", filter.name())
            .value("Color", GdtfForm.COLOR, filter.color(), null)
            .children("Measurement", filter.measurements(), LightXml::writeMeasurement);
    }

    static Emitter readEmitter(ElementReader in) {
        return new Emitter(in.text("Name"), in.valueOrNull("Color", GdtfForm.COLOR), in.valueOrNull("DominantWaveLength", TextForm.NUMBER),
                in.text("DiodePart"), in.children("Measurement", LightXml::readMeasurement), in.source());
    }

    static ElementWriter writeEmitter(Emitter emitter) {
        return new ElementWriter("Emitter", emitter.source())
            .text("Name", emitter.name())
            .value("Color", GdtfForm.COLOR, emitter.color(), null)
            .value("DominantWaveLength", TextForm.NUMBER, emitter.dominantWaveLength(), null)
            .text("DiodePart", emitter.diodePart())
            .children("Measurement", emitter.measurements(), LightXml::writeMeasurement);
    }

    private static Measurement readMeasurement(ElementReader in) {
        return new Measurement(in.value("Physical", TextForm.NUMBER, 0.0), in.valueOrNull("LuminousIntensity", TextForm.NUMBER),
                in.valueOrNull("Transmission", TextForm.NUMBER),
                in.value("InterpolationTo", INTERPOLATION, Measurement.Interpolation.Linear),
                in.children("MeasurementPoint", each -> new Measurement.Point(each.value("WaveLength", TextForm.NUMBER, 0.0),
                        each.value("Energy", TextForm.NUMBER, 0.0), each.source())),
                in.source());
    }

    private static ElementWriter writeMeasurement(Measurement measurement) {
        return new ElementWriter("Measurement", measurement.source())
            .value("Physical", TextForm.NUMBER, measurement.physical(), 0.0)
            .value("LuminousIntensity", TextForm.NUMBER, measurement.luminousIntensity(), null)
            .value("Transmission", TextForm.NUMBER, measurement.transmission(), null)
            .value("InterpolationTo", INTERPOLATION, measurement.interpolationTo(), Measurement.Interpolation.Linear)
            .children("MeasurementPoint", measurement.spectrum(), each -> new ElementWriter("MeasurementPoint", each.source())
                .value("WaveLength", TextForm.NUMBER, each.waveLength(), 0.0)
                .value("Energy", TextForm.NUMBER, each.energy(), 0.0));
    }

    static CriGroup readCriGroup(ElementReader in) {
        return new CriGroup(in.value("ColorTemperature", TextForm.NUMBER, 6000.0),
                in.children("CRI", each -> new CriGroup.Cri(each.text("CES"), each.value("ColorRenderingIndex", TextForm.INTEGER, 100),
                        each.source())),
                in.source());
    }

    static ElementWriter writeCriGroup(CriGroup group) {
        return new ElementWriter("CRIGroup", group.source())
            .value("ColorTemperature", TextForm.NUMBER, group.colorTemperature(), 6000.0)
            .children("CRI", group.samples(), each -> new ElementWriter("CRI", each.source())
                .text("CES", each.ces())
                .value("ColorRenderingIndex", TextForm.INTEGER, each.index(), 100));
    }
}
