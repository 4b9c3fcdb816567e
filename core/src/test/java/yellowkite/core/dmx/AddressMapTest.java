package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;
import static yellowkite.core.build.ProfileBuilder.startOf;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;

class AddressMapTest {

    private static AddressMap map(Consumer<ModeBuilder> channels, Geometry... bodies) {
        var profile = ProfileBuilder.profile("Testers", "T");
        for (var body : bodies) {
            profile.body(body);
        }
        var type = profile.mode("M", bodies[0].name(), channels).build();
        return AddressMap.of(type, type.modes().getFirst());
    }

    private static final Geometry BASE = part(Kind.Geometry, "Base");

    @Test
    void footprintIsTheHighestAddressOfEachBreak() {
        var map = map(m -> m.channel("Pan", "Base", at(7, 3), c -> {})
            .channel("Tilt", "Base", at(2), c -> c.onBreak(2))
            .channel("Dimmer", "Base", at(), c -> {}), BASE);

        assertThat(map.footprint()).isEqualTo(Map.of(1, 7, 2, 2));
        assertThat(map.totalFootprint()).isEqualTo(9);
    }

    @Test
    void virtualChannelsAloneHaveNoFootprint() {
        assertThat(map(m -> m.channel("Dimmer", "Base", at(), c -> {}), BASE).footprint()).isEmpty();
    }

    @Test
    void nestedReferencesAddUp() {
        var type = Fixtures.nestedCells();

        var map = AddressMap.of(type, Fixtures.mode(type));

        // outer + inner - 1 + offset - 1: left bar at 2, cells at 1 and 4; right bar at 8
        assertThat(map.channels()).extracting(PlacedChannel::name, PlacedChannel::addresses)
            .containsExactly(
                    org.assertj.core.groups.Tuple.tuple("Base_Dimmer", List.of(1)),
                    org.assertj.core.groups.Tuple.tuple("One_ColorAdd_R", List.of(2, 4)),
                    org.assertj.core.groups.Tuple.tuple("Two_ColorAdd_R", List.of(5, 7)),
                    org.assertj.core.groups.Tuple.tuple("One_ColorAdd_R", List.of(8, 10)),
                    org.assertj.core.groups.Tuple.tuple("Two_ColorAdd_R", List.of(11, 13)));
        assertThat(map.footprint()).isEqualTo(Map.of(1, 13));
    }

    @Test
    void overwriteTakesTheLastBreakOfItsReference() {
        var map = map(
                m -> m.channel("ColorAdd_R", "Cell", at(2), c -> c.overwriteBreak())
                    .channel("ColorAdd_G", "Base", at(1), c -> c.overwriteBreak()),
                part(Kind.Geometry, "Base", reference("R", "Cell", startOf(1, 10), startOf(3, 20))), part(Kind.Beam, "Cell"));

        assertThat(map.channels().getFirst().dmxBreak()).isEqualTo(3);
        assertThat(map.channels().getFirst().addresses()).containsExactly(21);
        assertThat(map.channels().getLast().dmxBreak()).isEqualTo(1);
    }

    @Test
    void aReferenceWithoutTheBreakLeavesItsChannelWithoutAddress() {
        var map = map(m -> m.channel("ColorAdd_R", "Cell", at(1), c -> c.onBreak(2)),
                part(Kind.Geometry, "Base", reference("R", "Cell", 10)), part(Kind.Beam, "Cell"));

        assertThat(map.channels().getFirst().unplaced()).isTrue();
        assertThat(map.channels().getFirst().addresses()).isEmpty();
        assertThat(map.footprint()).isEmpty();
    }

    @Test
    void tellsOverlapsAndGaps() {
        var map = map(m -> m.channel("Pan", "Base", at(2, 3), c -> {})
            .channel("Tilt", "Base", at(3), c -> {})
            .channel("Zoom", "Base", at(7), c -> {})
            .channel("Iris", "Base", at(3), c -> c.onBreak(2)), BASE);

        assertThat(map.overlaps())
            .extracting(each -> each.dmxBreak() + "/" + each.address() + " " + each.first().name() + " " + each.second().name())
            .containsExactly("1/3 Base_Pan Base_Tilt");
        assertThat(map.gaps()).containsExactly(new AddressMap.Gap(1, 1, 1), new AddressMap.Gap(1, 4, 6), new AddressMap.Gap(2, 1, 2));
    }

    @Test
    void endsOnReferencesThatRunInACircle() {
        var map = map(m -> m.channel("Dimmer", "B", at(1), c -> {}),
                part(Kind.Geometry, "A", reference("toB", "B", 1)),
                part(Kind.Geometry, "B", reference("toA", "A", 1), reference("toB2", "B", 1)));

        assertThat(map.truncated()).isTrue();
        assertThat(map.channels()).hasSize(1);
    }

    @Test
    void endsOnReferencesThatGrowWithoutBound() {
        var bodies = new Geometry[14];
        for (int level = 0; level < bodies.length; level++) {
            var next = "G" + (level + 1);
            bodies[level] = level == bodies.length - 1 ? part(Kind.Beam, "G" + level)
                    : part(Kind.Geometry, "G" + level, reference("a" + level, next, 1), reference("b" + level, next, 2),
                            reference("c" + level, next, 3), reference("d" + level, next, 4));
        }

        var map = map(m -> m.channel("Dimmer", "G13", at(1), c -> {}), bodies);

        assertThat(map.truncated()).isTrue();
        assertThat(map.channels().size()).isLessThanOrEqualTo(AddressMap.MAX_PLACES);
    }
}
