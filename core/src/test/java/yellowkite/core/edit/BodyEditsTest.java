package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.joml.Vector3d;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.body.Accessory;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.CellLayout;
import yellowkite.core.body.Frames;
import yellowkite.core.body.PhysicalFacts;
import yellowkite.core.body.Place;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Model;

class BodyEditsTest {
    private static final Place ORIGIN = new Place(0, 0, 0);
    private final FixtureType spot = Fixtures.spot();
    private final FixtureType cells = Fixtures.nestedCells();

    private static FixtureType after(FixtureType type, Edit... edits) {
        var so = type;
        for (var edit : edits) {
            so = switch (edit.acceptedOn(so)) {
                case Outcome.Applied(var made) -> made;
                case Outcome.Rejected<FixtureType> refused -> throw new AssertionError(refused.reason());
            };
        }
        return so;
    }

    private static String refusal(FixtureType type, Edit edit) {
        return edit.acceptedOn(type) instanceof Outcome.Rejected<FixtureType> refused ? refused.reason() : "";
    }

    private static Geometry part(FixtureType type, String name) {
        return BodyTree.find(type, name).orElseThrow();
    }

    private static List<Integer> addresses(FixtureType type) {
        return AddressMap.of(type, Fixtures.mode(type)).channels().stream().flatMap(each -> each.addresses().stream()).toList();
    }

    @Test
    void aPartIsAddedWhereItIsAsked() {
        var made = after(spot, new AddPart("Yoke", Kind.Axis, "Head", new Place(0, 0, -0.3)),
                new AddPart("Head", Kind.Beam, "Lens", ORIGIN));

        assertThat(BodyTree.way(made, "Lens")).extracting(Geometry::name).containsExactly("Base", "Yoke", "Head", "Lens");
        assertThat(((Geometry.Part) part(made, "Lens")).details()).isEqualTo(Geometry.BeamDetails.DEFAULT);
        assertThat(refusal(made, new AddPart("Lens", Kind.Axis, "Head", ORIGIN))).isEqualTo("The body has a part called 'Head' already.");
        assertThat(refusal(made, new AddPart("Nowhere", Kind.Axis, "X", ORIGIN))).isEqualTo("The body has no part called 'Nowhere'.");
        assertThat(refusal(made, new AddPart("Head", Kind.Axis, "X", new Place(500, 0, 0)))).startsWith("A part stands at most 100 metres");
    }

    @Test
    void linksFollowARenamedPart() {
        var renamed = after(spot, new RenamePart("Base", "Foot"));

        assertThat(Fixtures.mode(renamed).geometry()).isEqualTo("Foot");
        assertThat(Fixtures.function(renamed, "Strobe").modeMaster()).isEqualTo("Foot_StrobeMode");
        assertThat(after(renamed, new RenamePart("Foot", "Base"))).isEqualTo(spot);
        var cell = after(cells, new RenamePart("Cell", "Eye"));
        assertThat(BodyTree.references(cell, "Eye")).hasSize(2);
        assertThat(addresses(cell)).isEqualTo(addresses(cells));
    }

    /** The yoke stands 1 m right and is turned a quarter about z; what stands in it at its x = 1 is seen at y = 1. */
    @Test
    void aPartThatIsNestedStaysWhereItStands() {
        var placed = after(spot, new PlacePart("Yoke", new Place(1, 0, 0, 0, 0, 90)),
                new AddPart("Yoke", Kind.Geometry, "Handle", new Place(1, 0, 0)));

        var nested = after(placed, new NestPart("Handle", "Base", 0));

        assertThat(Frames.place(part(nested, "Handle").position())).isEqualTo(new Place(1, 1, 0, 0, 0, 90));
        assertThat(BodyTree.standing(nested, "Handle").transformPosition(new Vector3d()).distance(1, 1, 0)).isCloseTo(0, within(1e-9));
        assertThat(part(nested, "Base").children()).extracting(Geometry::name).containsExactly("Handle", "Yoke");
        assertThat(refusal(nested, new NestPart("Base", "Yoke", 0))).isEqualTo("'Base' cannot stand in itself.");
        assertThat(refusal(cells, new NestPart("Cell", "Base", 0))).startsWith("'Cell' is repeated by references");
        assertThat(refusal(spot, new NestPart("Yoke", "", -1))).startsWith("Mode 'Main' would not reach 'Yoke'");
    }

    @Test
    void aCopyHasNamesOfItsOwn() {
        var head = after(spot, new AddPart("Base", Kind.Geometry, "Bracket", ORIGIN),
                new AddPart("Bracket", Kind.Geometry, "Screw", ORIGIN));

        var copied = after(head, new DuplicatePart("Bracket"));

        assertThat(part(copied, "Bracket 2").children()).extracting(Geometry::name).containsExactly("Screw 2");
        assertThat(part(copied, "Base").children()).extracting(Geometry::name).containsExactly("Yoke", "Bracket", "Bracket 2");
    }

    @Test
    void whatIsAtWorkIsNotRemoved() {
        assertThat(refusal(spot, new RemovePart("Yoke")))
            .isEqualTo("Channel 'Yoke_Pan' of mode 'Main' acts on 'Yoke'; give it another part first.");
        assertThat(refusal(spot, new RemovePart("Base"))).isEqualTo("'Base' is the body of mode 'Main'.");
        assertThat(refusal(cells, new RemovePart("Bar"))).startsWith("The cells in 'Bar' have channels");
        assertThat(refusal(cells, new RemovePart("Left"))).startsWith("The cells in 'Left' have channels");
        var bare = after(spot, new AddPart("Yoke", Kind.Support, "Clamp", ORIGIN));
        assertThat(after(bare, new RemovePart("Clamp"))).isEqualTo(spot);
    }

    @Test
    void oneMoreReferenceGoesOnAtTheSameDistance() {
        // the bar begins at 2 and at 8, so a third one begins at 14
        var more = after(cells, new AddReference("Base", "Middle", "Bar", ORIGIN));

        assertThat(((Geometry.Reference) part(more, "Middle")).breaks().getFirst().dmxOffset()).isEqualTo(14);
        assertThat(addresses(more)).contains(14, 16);
        assertThat(refusal(cells, new AddReference("Cell", "Loop", "Base", ORIGIN))).isEqualTo("'Base' would stand in itself.");
        assertThat(refusal(cells, new AddReference("Base", "Loop", "Nothing", ORIGIN))).startsWith("'Nothing' is no top-level part");
    }

    @Test
    void fieldsOfAPartAreReadAsTheStandardWritesThem() {
        var lens = after(spot, new AddPart("Yoke", Kind.Beam, "Lens", ORIGIN), new SetPartAttribute("Lens", "LuminousFlux", "18000"),
                new SetPartAttribute("Lens", "BeamType", "Spot"), new SetPartAttribute("Lens", "BeamAngle", "12,5"));

        var beam = (Geometry.BeamDetails) ((Geometry.Part) part(lens, "Lens")).details();
        assertThat(beam.luminousFlux()).isEqualTo(18_000);
        assertThat(beam.beamType()).isEqualTo(Geometry.BeamType.Spot);
        assertThat(beam.beamAngle()).isEqualTo(12.5);
        assertThat(refusal(lens, new SetPartAttribute("Lens", "BeamType", "Laser"))).startsWith("Kind of beam is one of Wash, Spot");
        assertThat(refusal(lens, new SetPartAttribute("Lens", "LuminousFlux", "bright")))
            .isEqualTo("Luminous flux is a finite number, not 'bright'.");
        assertThat(refusal(lens, new SetPartAttribute("Lens", "BeamAngle", "720")))
            .isEqualTo("Beam angle lies from 0 to 360, 720 is outside.");
        assertThat(refusal(lens, new SetPartAttribute("Yoke", "LuminousFlux", "1")))
            .isEqualTo("'Yoke' has no such field as 'LuminousFlux'.");
    }

    @Test
    void pinsStayWhileFieldsChange() {
        var wired = after(spot, new AddPart("Base", Kind.WiringObject, "Power in", ORIGIN),
                new SetPins("Power in", List.of(new SetPins.Pin(1, "Fuse", 2))),
                new SetPartAttribute("Power in", "Voltage", "230"));

        var wiring = (Geometry.WiringDetails) ((Geometry.Part) part(wired, "Power in")).details();
        assertThat(wiring.voltage()).isEqualTo(230);
        assertThat(wiring.pinPatches()).extracting(Geometry.PinPatch::toWiringObject).containsExactly("Fuse");
        assertThat(refusal(spot, new SetPins("Yoke", List.of()))).isEqualTo("'Yoke' is no connector.");
    }

    @Test
    void aTemplateKeepsWhatIsThereAndAddsWhatIsMissing() {
        var built = after(spot, new LayBody(BodyTemplate.MOVING_HEAD, "", 0.4, 0.3, 1, 1, 1, 1));

        assertThat(BodyTree.way(built, "Beam")).extracting(Geometry::name).containsExactly("Base", "Yoke", "Head", "Beam");
        assertThat(Frames.place(part(built, "Yoke").position())).isEqualTo(new Place(0, 0, -0.25));
        assertThat(BodyTree.standing(built, "Beam").transformPosition(new Vector3d()).z).isCloseTo(-1, within(1e-9));
        assertThat(built.models()).extracting(Model::name).containsExactly("Base", "Yoke", "Head");
        assertThat(built.modes()).isEqualTo(spot.modes());
        assertThat(refusal(spot, new LayBody(BodyTemplate.STATIC, "", 0, 1, 1, 1, 1, 1))).startsWith("Length, width and height");
        assertThat(refusal(spot, new LayBody(BodyTemplate.STATIC, "Nowhere", 1, 1, 1, 1, 1, 1)))
            .isEqualTo("The profile has no body called 'Nowhere'.");
    }

    @Test
    void everyTemplateFitsAnEmptyProfile() {
        for (var template : BodyTemplate.values()) {
            var built = after(FixtureType.of(f -> {}), new LayBody(template, "", 0.6, 0.4, 0.3, 6, 3, 4));

            assertThat(BodyTree.names(built)).as("%s", template).contains("Base");
            assertThat(built.allGeometries().map(Geometry::model).filter(each -> !each.isEmpty()))
                .allSatisfy(model -> assertThat(built.models()).extracting(Model::name).contains(model));
            assertThat(BodyTree.references(built, "Cell").count()).as("%s", template).isEqualTo(template.hasCells() ? 6 : 0);
        }
    }

    @Test
    void cellsAreLaidAndKeepTheirAddresses() {
        var laid = after(cells, new LayCells("Cell", new CellLayout(CellLayout.Form.ROW, 1, 0.2, 0)));

        assertThat(Frames.place(part(laid, "One").position())).isEqualTo(new Place(-0.1, 0, 0));
        assertThat(Frames.place(part(laid, "Two").position())).isEqualTo(new Place(0.1, 0, 0));
        assertThat(addresses(laid)).isEqualTo(addresses(cells));
        assertThat(refusal(cells, new LayCells("Cell", CellLayout.row(0)))).startsWith("Cells stand more than 0");
        assertThat(refusal(cells, new LayCells("Nothing", CellLayout.row(1)))).isEqualTo("Nothing repeats 'Nothing'.");
    }

    @Test
    void addressesFollowTheNumbersOnlyWhereAsked() {
        var laid = after(cells, new LayCells("Bar", CellLayout.row(1)));

        var turned = after(laid, new OrderCells("Bar", OrderCells.Order.REVERSED, false));
        var readdressed = after(laid, new OrderCells("Bar", OrderCells.Order.REVERSED, true));

        assertThat(BodyTree.references(turned, "Bar").map(Geometry::name)).containsExactly("Right", "Left");
        assertThat(BodyTree.references(turned, "Bar").map(each -> each.breaks().getFirst().dmxOffset())).containsExactly(8, 2);
        assertThat(BodyTree.references(readdressed, "Bar").map(each -> each.breaks().getFirst().dmxOffset())).containsExactly(2, 8);
        assertThat(after(turned, new OrderCells("Bar", OrderCells.Order.ROWS, false))).isEqualTo(laid);
    }

    /** Two rows of two, the row behind first: 1 2 over 3 4; in zigzag 1 2 over 4 3; by columns 1 3 over 2 4. */
    @Test
    void numbersRunAsAsked() {
        var grid = after(FixtureType.of(f -> {}), new LayBody(BodyTemplate.PANEL, "", 1, 1, 0.1, 4, 2, 3));
        assertThat(BodyTree.references(grid, "Cell").map(Geometry::name)).containsExactly("Cell 1", "Cell 2", "Cell 3", "Cell 4");

        assertThat(BodyTree.references(after(grid, new OrderCells("Cell", OrderCells.Order.SERPENTINE, false)), "Cell").map(Geometry::name))
            .containsExactly("Cell 1", "Cell 2", "Cell 4", "Cell 3");
        assertThat(BodyTree.references(after(grid, new OrderCells("Cell", OrderCells.Order.COLUMNS, false)), "Cell").map(Geometry::name))
            .containsExactly("Cell 1", "Cell 3", "Cell 2", "Cell 4");
    }

    @Test
    void aSourceIsChangedAsAWhole() {
        var lit = after(cells, new SwapSource("Tungsten 650 W"));

        var beam = (Geometry.BeamDetails) ((Geometry.Part) part(lit, "Cell")).details();
        assertThat(beam.lampType()).isEqualTo("Tungsten");
        assertThat(beam.colorTemperature()).isEqualTo(3_200);
        assertThat(beam.luminousFlux()).isEqualTo(16_250);
        assertThat(beam.powerConsumption()).isEqualTo(650);
        assertThat(beam.emitterSpectrum()).isEqualTo("Tungsten 650 W");
        assertThat(Fixtures.function(lit, "Dimmer").dmxProfile()).isEqualTo("Dimming of tungsten");
        assertThat(lit.physicalDescriptions().emitters()).hasSize(1);

        var again = after(lit, new SwapSource("Cold white LED 400 W"));
        assertThat(Fixtures.function(again, "Dimmer").dmxProfile()).isEmpty();
        assertThat(again.physicalDescriptions().emitters()).extracting(each -> each.name()).containsExactly("Cold white LED 400 W");
        assertThat(SwapSource.now(again)).hasValueSatisfying(each -> assertThat(each.kelvin()).isEqualTo(6_500));
        assertThat(refusal(cells, new SwapSource("Candle"))).startsWith("There is no light source");
        assertThat(refusal(spot, new SwapSource("Tungsten 650 W"))).isEqualTo("The body has no part that gives light.");
    }

    private static double weight(FixtureType type) {
        return type.physicalDescriptions().properties().weight().value();
    }

    @Test
    void anAccessoryAddsItsWeight() {
        var facts = yellowkite.core.body.FixtureFacts.of(spot);
        var weighed = after(spot,
                new SetFacts(new yellowkite.core.body.FixtureFacts(20.0, null, null, null, null, null, null, facts.connectors(), null,
                        null, List.of())));

        var hooded = after(weighed, new AddAccessory(Accessory.RAIN_HOOD, "Base"));

        assertThat(hooded.physicalDescriptions().properties().weight().value()).isEqualTo(21.8);
        assertThat(part(hooded, "Rain hood").model()).isEqualTo("Rain hood");
        assertThat(weight(after(hooded, new DuplicatePart("Rain hood")))).isEqualTo(weight(hooded) + 1.8);
        assertThat(weight(after(hooded, new RenamePart("Rain hood", "Roof"), new RemovePart("Roof")))).isEqualTo(weight(weighed));
        assertThat(after(spot, new AddAccessory(Accessory.STAND, "Base")).physicalDescriptions().properties().weight()).isNull();
        assertThat(refusal(spot, new AddAccessory(Accessory.STAND, ""))).startsWith("An accessory stands on a part");
    }

    @Test
    void physicalFactsAreWhole() {
        var facts = new PhysicalFacts(-5.0, 40.0, 0.02, List.of(new PhysicalFacts.Supply("Power in", 470, 0.95, 100, 240, 50, 60)),
                List.of(new PhysicalFacts.Socket("DMX in", "XLR5", 1, 1, 0)));

        assertThat(PhysicalFacts.of(after(spot, new SetPhysical(facts)))).isEqualTo(facts);
        assertThat(refusal(spot, new SetPhysical(new PhysicalFacts(-5.0, null, null, List.of(), List.of()))))
            .startsWith("A fixture works from its lowest");
        assertThat(refusal(spot,
                new SetPhysical(new PhysicalFacts(null, null, null, List.of(new PhysicalFacts.Supply("", 1, 2, 0, 0, 0, 0)), List.of()))))
            .startsWith("A power factor lies from 0 to 1");
    }

    @Test
    void axesExchangePartsOrAddresses() {
        var head = after(spot, new AddPart("Yoke", Kind.Axis, "Head", ORIGIN));
        assertThat(refusal(head, new ExchangeAxes(ExchangeAxes.What.PARTS))).isEqualTo("No mode has pan and tilt on two parts.");
        var both = after(head,
                new AddChannels(Fixtures.mode(head).id(), List.of(new NewChannel("Tilt", "Tilt", 2, "Head", null, null)), null));
        var tilt = Fixtures.channel(both, "Tilt");

        var parts = after(both, new ExchangeAxes(ExchangeAxes.What.PARTS));
        var addresses = after(both, new ExchangeAxes(ExchangeAxes.What.ADDRESSES));

        assertThat(Fixtures.channel(parts, "Pan").geometry()).isEqualTo("Head");
        assertThat(Fixtures.channel(parts, "Tilt").geometry()).isEqualTo("Yoke");
        assertThat(Fixtures.channel(addresses, "Pan").offsets()).isEqualTo(tilt.offsets());
        assertThat(Fixtures.channel(addresses, "Tilt").offsets()).containsExactly(1, 2);
        assertThat(after(parts, new ExchangeAxes(ExchangeAxes.What.PARTS))).isEqualTo(both);
    }

    @Test
    void modelsAreAddedChangedAndRemoved() {
        var made = after(spot, new PutModel("Box", 0.3, 0.2, 0.1, Model.Primitive.Cube, ""), new SetPartModel("Base", "Box"));

        assertThat(refusal(made, new RemoveModel("Box"))).isEqualTo("'Base' has the model 'Box'; give it another one first.");
        assertThat(refusal(made, new SetPartModel("Base", "Ball"))).isEqualTo("The profile has no model called 'Ball'.");
        assertThat(refusal(made, new PutModel("Box", -1, 0, 0, Model.Primitive.Cube, "")))
            .startsWith("Length, width and height of a model");
        assertThat(refusal(made, new PutModel("Box", 1, 1, 1, Model.Primitive.Cube, "a/b"))).isEqualTo("A file's name holds no '/'.");
        assertThat(after(made, new SetPartModel("Base", ""), new RemoveModel("Box"))).isEqualTo(spot);
    }
}
