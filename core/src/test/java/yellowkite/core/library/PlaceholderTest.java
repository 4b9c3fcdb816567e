package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;

class PlaceholderTest {
    private static FixtureType of(String... attributes) {
        return ProfileBuilder.profile("T", "T").body(part(Kind.Geometry, "B")).mode("M", "B", mode -> {
            for (int i = 0; i < attributes.length; i++) {
                mode.channel(attributes[i], "B", at(i + 1), c -> c.function("", 0, f -> {}));
            }
        }).build();
    }

    @Test
    void isAFootprintAndNothingElse() {
        assertThat(Placeholder.is(of("NoFeature", "Dummy"))).isTrue();
        assertThat(Placeholder.is(of("NoFeature", "Dimmer"))).isFalse();
        assertThat(Placeholder.is(Fixtures.spot())).isFalse();
    }

    @Test
    void isNotAnEmptyPage() {
        assertThat(Placeholder.is(of())).isFalse();
        assertThat(Placeholder.is(FixtureType.of(f -> {}))).isFalse();
    }
}
