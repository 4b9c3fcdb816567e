package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.BATTEN;
import static yellowkite.core.rig.Rigs.PAR;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.unit;

import java.util.List;
import org.junit.jupiter.api.Test;

class CollisionsTest {
    private static List<String> collisions(Unit... units) {
        return Collisions.of(List.of(units))
            .stream()
            .map(each -> each.universe() + "." + each.from() + "-" + each.to() + " "
                    + String.join(",", each.units().stream().map(Unit::id).toList()) + (each.meant() ? " meant" : ""))
            .toList();
    }

    private static Unit sharing(String id, String word, String at) {
        return unit(id, PAR, f -> f.sharedAs = word, at);
    }

    @Test
    void neighboursDoNotCollide() {
        assertThat(collisions(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.23"), unit("3", SPOT, "2.1"))).isEmpty();
    }

    @Test
    void namesTheAddressesThatBothHold() {
        assertThat(collisions(unit("2", SPOT, "1.17"), unit("1", SPOT, "1.1"))).containsExactly("1.17-22 1,2");
    }

    @Test
    void tellsApartWhoHoldsWhat() {
        // 1 holds 1 to 22, 2 holds 10 to 18, 3 holds 15 to 36
        assertThat(collisions(unit("1", SPOT, "1.1"), unit("2", PAR, "1.10"), unit("3", SPOT, "1.15"))).containsExactly("1.10-14 1,2",
                "1.15-18 1,2,3", "1.19-22 1,3");
    }

    @Test
    void sharingOnPurposeIsMarkedWhereAllMeanIt() {
        assertThat(collisions(sharing("1", "a", "1.1"), sharing("2", "a", "1.1"), sharing("3", "a", "1.1")))
            .containsExactly("1.1-9 1,2,3 meant");
        assertThat(collisions(sharing("1", "a", "1.1"), sharing("2", "a", "1.1"), sharing("3", "b", "1.5"))).containsExactly(
                "1.1-4 1,2 meant",
                "1.5-9 1,2,3");
    }

    @Test
    void breaksOfOneUnitCollideWithEachOtherToo() {
        assertThat(collisions(unit("1", BATTEN, "1.1", "1.3"))).containsExactly("1.3-4 1");
        assertThat(collisions(unit("1", BATTEN, "1.1", "1.5"))).isEmpty();
    }

    @Test
    void beyondTheUniversesEndNobodyCollides() {
        assertThat(collisions(unit("1", SPOT, "1.500"), unit("2", PAR, "2.1"))).isEmpty();
        assertThat(collisions(unit("1", SPOT, "1.500"), unit("2", SPOT, "1.510"))).containsExactly("1.510-512 1,2");
    }

    @Test
    void saysItInASentence() {
        var collision = Collisions.of(List.of(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.17"))).getFirst();

        assertThat(collision.says()).isEqualTo("Units 1 (Unit 1) and 2 (Unit 2) collide on addresses 1.17 to 1.22.");
    }
}
