package yellowkite.core.mvr;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.mvr.Scenes.addresses;
import static yellowkite.core.mvr.Scenes.box;
import static yellowkite.core.mvr.Scenes.fixture;
import static yellowkite.core.mvr.Scenes.is;
import static yellowkite.core.mvr.Scenes.scene;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.Place;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.Unit;

class SceneEditingTest {
    private static final String TURNED = "{0,1,0}{-1,0,0}{0,0,1}{2000,0,5000}";
    private static final String AT = "{1,0,0}{0,1,0}{0,0,1}{1000,0,0}";
    private final Scene scene = scene().classNamed("c1", "Moving")
        .position("p1", "Front rail")
        .layer("Rail",
                box("Truss", "T1", TURNED,
                        fixture("a", "Rail 1", is("Matrix", AT), is("GDTFSpec", "Tidewick@Petrel Spot"), is("GDTFMode", "extended"),
                                is("FixtureID", "101"),
                                is("Position", "p1"), addresses("0:1"), "<Protocols><Protocol name=\"x\"/></Protocols>")),
                fixture("b", "Rail 2", is("Matrix", AT), is("FixtureID", "102"), addresses("0:23")),
                box("SceneObject", "Rock", AT))
        .read();

    private static String xml(Scene scene) {
        return new String(scene.write(), StandardCharsets.UTF_8);
    }

    private Scene edited(Consumer<Unit.Fields> change) {
        var rig = Rig.EMPTY.withUnits(SceneUnits.of(scene).units());
        return SceneEditing.edited(scene, rig.mapUnits(List.of("a"), unit -> unit.with(change)), Map.of());
    }

    /** {@return the lines that differ, new ones with a plus} */
    private List<String> differences(Scene after) {
        var was = List.of(xml(scene).split("\n"));
        var now = List.of(xml(after).split("\n"));
        return Stream.concat(was.stream().filter(line -> !now.contains(line)).map(line -> "-" + line.strip()),
                now.stream().filter(line -> !was.contains(line)).map(line -> "+" + line.strip()))
            .toList();
    }

    @Test
    void whatNobodyChangedIsTheVerySameScene() {
        assertThat(edited(f -> {})).isSameAs(scene);
        assertThat(Scene.read(scene.write())).isEqualTo(scene);
    }

    @Test
    void aChangeTouchesItsOwnPlaceAlone() {
        assertThat(differences(edited(f -> f.name = "Left")))
            .containsExactly("-<Fixture uuid=\"a\" name=\"Rail 1\">", "+<Fixture uuid=\"a\" name=\"Left\">");
        assertThat(differences(edited(f -> f.addresses = List.of(new Patch(1, new At(2, 7), 22)))))
            .containsExactly("-<Address break=\"0\">1</Address>", "+<Address break=\"0\">519</Address>");
        assertThat(differences(edited(f -> f.adjustments = Adjustments.NONE.with("Tilt",
                Adjustments.ChannelAdjustment.NONE.withInvert(true)))))
            .containsExactly("+<DMXInvertTilt>true</DMXInvertTilt>");
        assertThat(differences(edited(f -> f.position = null))).containsExactly("-<Position>p1</Position>");
    }

    /** Outside it stands at (2, 1, 5); moved to (2, 3, 5) it is 3 m along the truss. */
    @Test
    void aPlaceIsWrittenAsItIsInWhatTheFixtureHangsIn() {
        var moved = edited(f -> f.place = new Place(2, 3, 5, 0, 0, 90));

        assertThat(differences(moved)).containsExactly("-<Matrix>" + AT + "</Matrix>",
                "+<Matrix>{1.000000,0.000000,0.000000}{0.000000,1.000000,0.000000}{0.000000,0.000000,1.000000}{3000.000000,0.000000,0.000000}</Matrix>");
        assertThat(SceneUnits.of(moved).units().getFirst().place()).isEqualTo(new Place(2, 3, 5, 0, 0, 90));
    }

    @Test
    void aUnitThatIsGoneIsTakenOutAndANewOneComesInItsLayer() {
        var units = SceneUnits.of(scene).units();
        var fresh = Rigs.unit("103", Rigs.PAR, f -> {
            f.layer = "Deck";
            f.position = "Deck box";
        }, "3.1");

        var after = SceneEditing.edited(scene, Rig.EMPTY.withUnits(List.of(units.getLast(), fresh)), Map.of("par", "Lumbrook@Moth.gdtf"));

        assertThat(SceneUnits.of(after).units())
            .extracting(unit -> unit.id() + " " + unit.layer() + " " + unit.position() + " " + unit.addressWords())
            .containsExactly("102 Rail null 1.23", "103 Deck Deck box 3.1");
        assertThat(xml(after)).contains("<SceneObject", "<Layout zoom=\"3\"/>", "Lumbrook@Moth.gdtf").doesNotContain("uuid=\"a\"");
    }

    /** What comes goes where its like is: into the layer, the class and the position that the scene has. */
    @Test
    void aNewUnitComesIntoTheLayerAndTheClassOfItsNames() {
        var units = new ArrayList<>(SceneUnits.of(scene).units());
        units.add(Rigs.unit("103", Rigs.PAR, f -> {
            f.layer = "Rail";
            f.position = "Front rail";
            f.unitClass = "Moving";
        }, "3.1"));

        var after = SceneEditing.edited(scene, Rig.EMPTY.withUnits(units), Map.of());

        assertThat(xml(after)).containsOnlyOnce("name=\"Rail\"")
            .containsOnlyOnce("name=\"Front rail\"")
            .containsOnlyOnce("name=\"Moving\"");
        assertThat(SceneUnits.of(after).units())
            .extracting(unit -> unit.id() + " " + unit.layer() + " " + unit.position() + " " + unit.unitClass())
            .containsExactly("101 Rail Front rail null", "102 Rail null null", "103 Rail Front rail Moving");
    }

    /** A drawing that was made anew has other uuids; its lamps are still called what they are called. */
    @Test
    void aFixtureIsKnownByItsIdWhereItsUuidIsAnother() {
        var units = SceneUnits.of(scene).units().stream().map(unit -> unit.with(f -> f.uuid = "ours " + f.uuid)).toList();

        assertThat(SceneEditing.edited(scene, Rig.EMPTY.withUnits(units), Map.of())).isSameAs(scene);
    }

    @Test
    void aProfileThatStaysUntouchedIsNamedAsItWas() {
        var units = SceneUnits.of(scene).units().stream().map(unit -> unit.as(Rigs.SPOT)).toList();
        var specs = Map.of("spot", "Tidewick@Petrel Spot.gdtf");

        assertThat(differences(SceneEditing.edited(scene, Rig.EMPTY.withUnits(units), specs, Set.of("a")))).containsExactly(
                "+<GDTFSpec>Tidewick@Petrel Spot.gdtf</GDTFSpec>", "+<GDTFMode>Extended</GDTFMode>");
    }

    /** The host stands at x = 2 m, what hangs on it 1 m further: once the host is gone it stands at 3 m by itself. */
    @Test
    void whatHungOnAFixtureThatIsGoneStays() {
        var hung = scene()
            .layer("Rail",
                    fixture("a", "1", is("Matrix", "{1,0,0}{0,1,0}{0,0,1}{2000,0,0}"), is("FixtureID", "1"),
                            Scenes.children(fixture("b", "1a", is("Matrix", AT), is("FixtureID", "1a")))))
            .read();

        var after = SceneEditing.edited(hung, Rig.EMPTY.withUnits(List.of(SceneUnits.of(hung).units().getLast())), Map.of());

        assertThat(SceneUnits.of(after).units()).extracting(unit -> unit.id() + " " + unit.place().x() + " " + unit.hangsOn())
            .containsExactly("1a 3.0 null");
    }

    @Test
    void fixturesBeyondWhatARigHoldsGoOutAsTheyCameIn() {
        var many = IntStream.rangeClosed(1, Rig.MOST_UNITS + 3).mapToObj(i -> fixture("u" + i, "F" + i)).toArray(String[]::new);
        var large = scene().layer("Rail", many).read();

        assertThat(SceneEditing.edited(large, Rig.EMPTY.withUnits(SceneUnits.of(large).units()), Map.of())).isSameAs(large);
    }

    @Test
    void aNewPositionIsNamedInTheScene() {
        assertThat(SceneUnits.of(edited(f -> f.position = "Mast")).units().getFirst().position()).isEqualTo("Mast");
    }

    /** Whatever the format can say of a unit comes back. */
    @Test
    void aFreshSceneHoldsTheUnitsOfARig() {
        var host = Rigs.unit("11111111-1111-1111-1111-111111111111", Rigs.SPOT, f -> {
            f.layer = "Rail";
            f.groups = List.of("Left", "Inner");
            f.place = new Place(1, 2, 3, 0, 0, 45);
            f.position = "Front rail";
            f.unitClass = "Moving";
            f.number = 4;
            f.id = "7";
            f.adjustments = Adjustments.NONE.with("Pan", Adjustments.ChannelAdjustment.NONE.withInvert(true));
        }, "2.1");
        var hung = Rigs.unit("22222222-2222-2222-2222-222222222222", Rigs.BATTEN, f -> {
            f.layer = "Rail";
            f.groups = List.of("Left", "Inner");
            f.hangsOn = host.uuid();
            f.id = "7a";
            f.place = new Place(1, 2, 4, 0, 0, 45);
        }, "3.1", "4.1");
        var rig = Rig.EMPTY.withName("Tour").withUnits(List.of(host, hung));

        var read = SceneUnits.of(Scene.read(FreshScene.of(rig, SceneProfiles.specs(rig)).write()));

        assertThat(read.notes()).isEmpty();
        assertThat(read.units().stream().map(SceneEditingTest::carried).toList())
            .isEqualTo(rig.units().stream().map(SceneEditingTest::carried).toList());
        assertThat(read.units().getFirst().asked().spec()).isEqualTo("Tidewick@Petrel Spot.gdtf");
    }

    private static List<Object> carried(Unit unit) {
        return Arrays.asList(unit.uuid(), unit.id(), unit.name(), unit.number(), unit.layer(), unit.groups(), unit.position(),
                unit.unitClass(),
                unit.addressWords(), Objects.requireNonNull(unit.place()).toString(), unit.adjustments(), unit.hangsOn());
    }
}
