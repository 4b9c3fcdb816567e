package yellowkite.core.gdtf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowkite.core.body.BodyTree;
import yellowkite.core.gdtf.PartAttributes.Attribute;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Matrix;
import yellowkite.core.xml.Source;

class PartAttributesTest {

    private static Geometry.Part blank(Kind kind) {
        return new Geometry.Part(kind, "It", "", Matrix.IDENTITY, kind.blank(), List.of(), Source.NONE);
    }

    private static String sample(Attribute attribute) {
        return switch (attribute.form()) {
            case NUMBER -> "12.5";
            case WHOLE -> "7";
            case TEXT -> "Words";
            case CHOICE -> attribute.choices().getLast();
        };
    }

    /** Every field that can be set is written into the file, and read from it again. */
    @ParameterizedTest
    @EnumSource
    void everyFieldOfEveryKindIsWrittenAndReadBack(Kind kind) {
        var part = blank(kind);
        for (var attribute : PartAttributes.of(kind).toList()) {
            part = PartAttributes.with(part, attribute.name(), sample(attribute));
            assertThat(PartAttributes.text(part, attribute)).as("%s", attribute.name()).isEqualTo(sample(attribute));
        }
        var whole = part;
        var written = GdtfDescription.of(FixtureType.of(f -> {
            f.name = "One";
            f.geometries = List.of(whole);
        })).write();

        var again = GdtfDescription.read(written).type();

        assertThat(BodyTree.find(again, "It")).hasValue(whole);
        PartAttributes.of(kind)
            .forEach(each -> assertThat(new String(written, StandardCharsets.UTF_8)).contains(each.name() + "=\"" + sample(each) + "\""));
        assertThat(GdtfDescription.read(written).write()).isEqualTo(written);
    }

    /** Source: GDTF, the tables of "Geometry Type Beam" and "Geometry Type Inventory". */
    @ParameterizedTest
    @CsvSource({"Beam, LuminousFlux, 10000", "Beam, PowerConsumption, 1000", "Beam, ColorTemperature, 6000", "Beam, BeamAngle, 25",
            "Beam, FieldAngle, 25", "Beam, BeamRadius, 0.05", "Beam, ColorRenderingIndex, 100", "Beam, LampType, Discharge",
            "Beam, BeamType, Wash", "Beam, EmitterSpectrum, ''", "Inventory, Count, 1", "WiringObject, ConnectorType, ''"})
    void whatTheStandardTakesIsKnown(Kind kind, String name, String value) {
        assertThat(PartAttributes.of(kind).filter(each -> each.name().equals(name)).map(PartAttributes::standard)).containsExactly(value);
    }

    @ParameterizedTest
    @EnumSource
    void nothingTypedIsTheStandardsValue(Kind kind) {
        for (var attribute : PartAttributes.of(kind).toList()) {
            var set = PartAttributes.with(blank(kind), attribute.name(), sample(attribute));
            assertThat(PartAttributes.with(set, attribute.name(), " ")).as("%s", attribute.name()).isEqualTo(blank(kind));
        }
    }

    @Test
    void numbersBelowNothingAreRefused() {
        assertThatThrownBy(() -> PartAttributes.with(blank(Kind.Laser), "OutputStrength", "-3"))
            .hasMessage("Output lies from 0 to 10000000, -3 is outside.");
        assertThatThrownBy(() -> PartAttributes.with(blank(Kind.WiringObject), "PinCount", "2.5"))
            .hasMessage("Pins is a whole number, not '2.5'.");
    }
}
