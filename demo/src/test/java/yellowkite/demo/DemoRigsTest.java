package yellowkite.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.furnishing.FirstHouse.FirstRig;
import yellowkite.core.furnishing.FirstHouse.Modes;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;

class DemoRigsTest {
    private static final Modes MODES = (manufacturer, model, mode) -> DemoHouse.files()
        .stream()
        .map(file -> file.description().type())
        .filter(type -> type.manufacturer().equals(manufacturer) && type.name().equals(model))
        .flatMap(type -> type.modes()
            .stream()
            .filter(each -> each.name().equals(mode))
            .map(each -> Found.chosen(model, manufacturer, model, mode, new TreeMap<>(AddressMap.of(type, each).footprint()))))
        .findFirst()
        .orElseThrow();

    private static Rig built(FirstRig first) {
        var rig = Rig.EMPTY.withName(first.name());
        for (var edit : first.edits().apply(MODES)) {
            rig = ((Outcome.Applied<Rig>) edit.acceptedOn(rig)).after();
        }
        return rig;
    }

    private static Rig rig(String name) {
        return Stream.concat(DemoRigs.earlier().stream(), DemoRigs.all().stream())
            .filter(each -> each.name().equals(name))
            .map(DemoRigsTest::built)
            .findFirst()
            .orElseThrow();
    }

    @Test
    void theTourHasACollisionToFind() {
        assertThat(Collisions.of(rig("Marigold summer tour").units())).hasSize(2).noneMatch(Collisions.Collision::meant);
    }

    @Test
    void theBallHasUnitsThatHangTheOtherWayRound() {
        assertThat(rig("Lock-keeper's ball").units().stream().filter(unit -> !unit.adjustments().equals(Adjustments.NONE)))
            .extracting(unit -> unit.found().model() + " " + unit.id())
            .containsExactly("Petrel Spot 2", "Petrel Spot 4", "Petrel Wash 12");
    }

    /** A candle of revision 1 takes one address, with its relay two. */
    @Test
    void theMooringIsTwoRevisionsBehindAndTheNewestIsLarger() {
        assertThat(DemoHouse.laterFiles()).extracting(file -> file.description().type().name() + " "
                + CompiledMode.of(file.description().type(), file.description().type().modes().getFirst()).map().footprint())
            .containsExactly("Candle {1=1}", "Candle {1=2}");
    }

    @Test
    void theMooringIsInOrder() {
        var mooring = rig("Winter mooring");

        assertThat(mooring.units()).hasSize(24);
        assertThat(Collisions.of(mooring.units())).isEmpty();
    }
}
