package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.profile;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.library.Synopsis.Attribute;
import yellowkite.core.library.Synopsis.ModeLine;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Geometry.BeamType;
import yellowkite.core.profile.House;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.Protocols;
import yellowkite.core.xml.Source;

class SynopsisTest {
    @Test
    void namesModesAttributesAndTheWidestOfThem() {
        var type = profile("Tidewick", "Petrel Spot").shortName("Petrel")
            .mode("Wide", "Body",
                    mode -> mode.channel("Pan", "Body", at(1, 2), c -> c.function("Pan", 0, f -> {}))
                        .channel("Dimmer", "Body", at(3), c -> c.function("Dimmer", 0, f -> {})))
            .mode("Narrow", "Body", mode -> mode.channel("Pan", "Body", at(1), c -> c.function("Pan", 0, f -> {})))
            .build()
            .with(f -> f.house = House.NONE.withCategory(House.Category.MOVING_SPOT));
        var synopsis = Synopsis.of(type);
        assertThat(synopsis.shortName()).isEqualTo("Petrel");
        assertThat(synopsis.modes()).containsExactly(new ModeLine("Wide", 3, 0), new ModeLine("Narrow", 1, 0));
        assertThat(synopsis.attributes()).containsExactly(new Attribute("Dimmer", "", 1), new Attribute("Pan", "", 2));
        assertThat(synopsis.kinds()).containsExactly("moving", "spot");
        assertThat(synopsis.watts()).isEmpty();
        assertThat(synopsis.placeholder()).isFalse();
        assertThat(synopsis.rdm()).isEmpty();
    }

    @Test
    void idsOfRdmAreFourDigitsEach() {
        var ids = new Protocols(new Protocols.Rdm(0x7ff0, 0xa1, List.of(), Source.NONE), List.of(), Source.NONE);
        assertThat(Synopsis.of(profile("Tidewick", "Petrel Spot").build().with(f -> f.protocols = ids)).rdm()).isEqualTo("7FF0:00A1");
    }

    @Test
    void wattsAreThoseOfEachSourceOfLightAndOfAllWhereTheFileSaysThem() {
        var type = profile("Lumbrook", "Moth")
            .mode("One", "A", mode -> mode.channel("Dimmer", "A", at(1), c -> c.function("Dimmer", 0, f -> {})))
            .build()
            .with(f -> f.geometries = List.of(beam("A", 150), beam("B", 40), beam("C", BeamDetails.DEFAULT.powerConsumption())));
        assertThat(Synopsis.of(type).watts()).containsExactly(40, 150, 190);
        assertThat(Synopsis.of(type).kinds()).containsExactly("led", "spot");
    }

    private static Geometry beam(String name, double watts) {
        return new Geometry.Part(Geometry.Kind.Beam, name, "", Matrix.IDENTITY,
                new BeamDetails("LED", watts, 10_000, 6000, 25, 25, 1, 1, 0.05, BeamType.Spot, 100, ""), List.of(), Source.NONE);
    }
}
