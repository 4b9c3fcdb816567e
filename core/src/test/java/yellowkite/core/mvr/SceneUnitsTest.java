package yellowkite.core.mvr;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static yellowkite.core.mvr.Scenes.addresses;
import static yellowkite.core.mvr.Scenes.box;
import static yellowkite.core.mvr.Scenes.children;
import static yellowkite.core.mvr.Scenes.fixture;
import static yellowkite.core.mvr.Scenes.is;
import static yellowkite.core.mvr.Scenes.scene;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.Place;
import yellowkite.core.mvr.SceneUnits.Note;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.file.RigJson;

class SceneUnitsTest {
    private static final String HERE = "{1,0,0}{0,1,0}{0,0,1}{0,0,0}";
    private static final String UP = "{1,0,0}{0,1,0}{0,0,1}{0,0,5000}";
    private static final String ALONG = "{1,0,0}{0,1,0}{0,0,1}{1250,0,0}";

    private static List<Unit> units(Scenes scene) {
        return SceneUnits.of(scene.read()).units();
    }

    private static Unit one(String... inside) {
        return units(scene().layer("Rail", fixture("a", "Rail 1", inside))).getFirst();
    }

    @Test
    void everyElementOfAFixtureHasItsPlace() {
        var unit = units(scene().classNamed("c1", "Moving")
            .position("p1", "Front rail")
            .layer("Rail",
                    fixture("a", "Rail 1", is("Matrix", ALONG), is("GDTFSpec", "Tidewick@Petrel Spot.gdtf"), is("GDTFMode", "Extended"),
                            is("FixtureID", "101"), is("FixtureIDNumeric", "101"), is("UnitNumber", "7"), is("Classing", "c1"),
                            is("Position", "p1"), addresses("0:513"), is("DMXInvertPan", "true"), is("DMXInvertTilt", "false"),
                            "<CustomCommands><CustomCommand>Body_Dimmer,f 50</CustomCommand></CustomCommands>")))
            .getFirst();

        assertThat(
                List.of(unit.uuid(), unit.id(), unit.name(), unit.layer(), unit.position() + "", unit.unitClass() + "", unit.number() + ""))
            .containsExactly("a", "101", "Rail 1", "Rail", "Front rail", "Moving", "7");
        assertThat(unit.asked().spec() + "/" + unit.asked().mode()).isEqualTo("Tidewick@Petrel Spot.gdtf/Extended");
        assertThat(unit.addressWords()).isEqualTo("2.1");
        assertThat(unit.place()).isEqualTo(new Place(1.25, 0, 0));
        assertThat(unit.adjustments().channels().keySet()).containsExactly("Pan");
        assertThat(unit.note()).isEqualTo("Body_Dimmer,f 50");
    }

    @Test
    void fixturesAreFoundWhereverTheyHangAndMatricesChain() {
        var units = units(scene().layer("Stage",
                box("GroupObject", "Left", UP,
                        box("Truss", "T1", ALONG, fixture("a", "1", is("Matrix", ALONG), is("FixtureID", "1"))),
                        box("GroupObject", "Inner", HERE, fixture("b", "2", is("Matrix", HERE), is("FixtureID", "2")))),
                fixture("c", "3", is("Matrix", UP), is("FixtureID", "3"),
                        children(fixture("d", "3a", is("Matrix", ALONG), is("FixtureID", "3a"))))));

        assertThat(units).extracting(Unit::id, Unit::groups, unit -> unit.place().x() + " " + unit.place().z())
            .containsExactly(tuple("1", List.of("Left"), "2.5 5.0"), tuple("2", List.of("Left", "Inner"), "0.0 5.0"),
                    tuple("3", List.of(), "0.0 5.0"), tuple("3a", List.of(), "1.25 5.0"));
        assertThat(units.getLast().hangsOn()).isEqualTo("c");
    }

    @Test
    void addressesAreAbsoluteOrWithTheirUniverseAndBreaksCountFromZero() {
        assertThat(one(addresses("0:1", "1:1025")).addressWords()).isEqualTo("break 1: 1.1, break 2: 3.1");
        assertThat(one(addresses("0:4.12")).addressWords()).isEqualTo("4.12");
        assertThat(one(addresses("0:0")).hasAddress()).isFalse();
        assertThat(one(is("Addresses", "")).hasAddress()).isFalse();
        assertThat(one().hasAddress()).isFalse();
    }

    @Test
    void fixturesThatShareTheirControlShareOnPurpose() {
        var scene = scene().layer("Rail", fixture("a", "1", addresses("0:1")),
                fixture("b", "2", addresses("0:1")).replace("<Fixture ", "<Fixture multipatch=\"a\" "),
                fixture("c", "3", addresses("0:1")));

        assertThat(units(scene)).extracting(Unit::sharedAs).containsExactly("a", "a", "");
    }

    @Test
    void whatIsWrongIsToldAndTheRestIsRead() {
        var read = SceneUnits.of(scene().layer("Rail", fixture("a", "1", is("FixtureID", "1")), fixture("a", "2", is("FixtureID", "2")),
                fixture("", "3", is("FixtureID", "3"), is("Matrix", "{up}")), fixture("d", "4", is("FixtureID", "4"), addresses("0:4.513")))
            .read());

        assertThat(read.units()).extracting(Unit::id).containsExactly("1", "2", "3", "4");
        assertThat(read.units()).extracting(Unit::uuid).doesNotHaveDuplicates();
        assertThat(read.notes()).containsExactly(new Note("fixture 2", "Another fixture has its uuid a as well."),
                new Note("Fixture 3", "Its matrix '{up}' is none; it is taken as not moved and not turned."),
                new Note("fixture 3", "It has no uuid; it is known by its id."),
                new Note("fixture 4", "Its address '4.513' does not exist; it is left without."));
    }

    @Test
    void aSceneWithoutLayersHasNoUnits() {
        assertThat(units(scene())).isEmpty();
    }

    /** A focus point stands anywhere in the scene; a fixture names it by its uuid. */
    @Test
    void aFocusPointIsSaidByItsName() {
        var units = SceneUnits.of(scene().layer("Rail", fixture("a", "1", is("Focus", "fp")), fixture("b", "2", is("Focus", "nowhere")),
                box("GroupObject", "Set", "", "<FocusPoint uuid=\"fp\" name=\"Lock gate\"/>"))
            .read()).units();

        assertThat(units).extracting(unit -> RigJson.said(unit.extra(), SceneUnits.FOCUS)).containsExactly("Lock gate", "");
        assertThat(RigJson.read(RigJson.write("x", Rig.EMPTY.withUnits(units))).units().getFirst().extra())
            .isEqualTo(units.getFirst().extra());
    }
}
