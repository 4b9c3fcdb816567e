package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;

class MapSignatureTest {
    private final FixtureType spot = Fixtures.spot();

    private static String of(FixtureType type) {
        return CompiledMode.of(type, Fixtures.mode(type)).signature();
    }

    private FixtureType with(String attribute, UnaryOperator<Channel> change) {
        return spot.mapChannel(Fixtures.channel(spot, attribute).id(), change);
    }

    @Test
    void isTheSameWhateverThingsAreCalled() {
        var renamed = spot.with(f -> {
            f.name = "Other";
            f.manufacturer = "Someone";
            f.fixtureTypeId = "Else";
        })
            .mapModes(mode -> mode.withName("Large")
                .mapChannels(channel -> channel.mapFunctions(function -> function.mapRanges(range -> range.withName("R")))));

        assertThat(of(renamed)).isEqualTo(of(spot)).startsWith("1 [1, 2] 0 Pan\n");
    }

    @Test
    void differsWhereValuesDoSomethingElse() {
        assertThat(of(with("Pan", channel -> channel.withOffsets(List.of(30, 31))))).isNotEqualTo(of(spot));
        assertThat(of(with("Gobo1", channel -> channel.mapFunctions(function -> function.with(f -> f.attribute = "Zoom")))))
            .isNotEqualTo(of(spot));
    }

    @Test
    void holdsEveryCell() {
        var cells = Fixtures.nestedCells();

        assertThat(of(cells).lines().count()).isGreaterThan(Fixtures.mode(cells).channels().size());
    }
}
