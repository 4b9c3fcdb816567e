package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.edit.Applying.applied;
import static yellowkite.core.edit.Applying.refusal;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Measurement;
import yellowkite.core.xml.Source;

class LightPartsTest {
    private final FixtureType par = ProfileBuilder.profile("Testers", "Par")
        .id("00000000-0000-0000-0000-00000000000D")
        .emitter("Ruby", new ColorCie(0.7, 0.3, 20), 630.0,
                new Measurement(100, 50.0, null, Measurement.Interpolation.Linear, List.of(), Source.NONE))
        .body(part(Kind.Beam, "Lens"))
        .mode("Main", "Lens", mode -> mode.channel("ColorAdd_R", "Lens", at(1), c -> c.function("Red", 0, f -> f.physical(0, 1))))
        .build();
    private final int red = par.modes().getFirst().channels().getFirst().functions().findFirst().orElseThrow().id();

    @Test
    void anEmitterIsAddedOrSaidAnewAndKeepsItsMeasurements() {
        var changed = applied(par, new PutEmitter("Ruby", 0.69, 0.305, 25, null)).physicalDescriptions().findEmitter("Ruby").orElseThrow();

        assertThat(changed.color()).isEqualTo(new ColorCie(0.69, 0.305, 25));
        assertThat(changed.dominantWaveLength()).isNull();
        assertThat(changed.measurements()).hasSize(1);
        assertThat(applied(par, new PutEmitter("Moss", 0.2, 0.7, 60, 525.0)).physicalDescriptions().emitters()).hasSize(2);
    }

    @Test
    void whatCannotBeSeenIsRefused() {
        assertThat(refusal(par, new PutEmitter("Ruby", 0.7, 0.4, 20, null))).startsWith("x: No colour has these coordinates");
        assertThat(refusal(par, new PutEmitter("Ruby", 0.7, 0.3, Double.NaN, null))).startsWith("luminance:");
        assertThat(refusal(par, new PutEmitter("Ruby", 0.7, 0.3, 20, 10.0))).startsWith("nanometres:");
        assertThat(refusal(par, new PutFilter(" ", 0.3, 0.3, 20))).isEqualTo("name: A filter needs a name.");
    }

    @Test
    void aFunctionDrivesThemAndHoldsThem() {
        var driven = applied(applied(par, new SetLightPart(red, "Ruby", null)), new PutFilter("Rust", 0.6, 0.38, 20));

        assertThat(driven.modes().getFirst().channels().getFirst().functions().findFirst().orElseThrow().emitter()).isEqualTo("Ruby");
        assertThat(refusal(driven, new RemoveLightPart(RemoveLightPart.Kind.EMITTER, "Ruby")))
            .isEqualTo("name: 'Ruby' is at work in 'Lens_ColorAdd_R' of mode 'Main'; give that another one first.");
        assertThat(applied(driven, new RemoveLightPart(RemoveLightPart.Kind.FILTER, "Rust")).physicalDescriptions().filters()).isEmpty();
        assertThat(applied(applied(driven, new SetLightPart(red, "", null)), new RemoveLightPart(RemoveLightPart.Kind.EMITTER, "Ruby"))
            .physicalDescriptions()
            .emitters()).isEmpty();
        assertThat(refusal(par, new SetLightPart(red, null, "Rust"))).isEqualTo("filter: This profile has no filter called 'Rust'.");
    }
}
