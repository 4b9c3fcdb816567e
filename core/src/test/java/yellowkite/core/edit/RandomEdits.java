package yellowkite.core.edit;

import java.util.List;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import yellowkite.core.body.Accessory;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.body.CellLayout;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.body.PhysicalFacts;
import yellowkite.core.body.Place;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.Counts;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.proposal.Proposal.RangeProposal;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.House;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.WheelCare;

/** Edits of every kind, aimed at what a document holds, and now and then beside it. */
public final class RandomEdits {
    private static final List<String> ATTRIBUTES = List.of("Dimmer", "Pan", "Gobo1", "Gobo2", "ColorAdd_R", "Zoom", "Shutter1", "Frost1",
            "Prism2", "NoFeature");
    private static final List<String> NAMES = List.of("Reeds", "Lock gate", "Ripples", "First", "Second", "Open", "x", "");

    private RandomEdits() {}

    private record Aim(FixtureType type, Random random) {
        int mode() {
            return of(type.modes().stream().map(each -> each.id()));
        }

        int channel() {
            return of(type.modes().stream().flatMap(each -> each.channels().stream()).map(Channel::id));
        }

        List<Integer> channels() {
            return random.nextBoolean() ? List.of(channel()) : List.of(channel(), channel());
        }

        int function() {
            return of(functions().map(ChannelFunction::id));
        }

        int range() {
            return of(functions().flatMap(each -> each.ranges().stream()).map(each -> each.id()));
        }

        int wheel() {
            return of(type.wheels().stream().map(each -> each.id()));
        }

        private Stream<ChannelFunction> functions() {
            return type.modes().stream().flatMap(each -> each.channels().stream()).flatMap(Channel::functions);
        }

        private int of(Stream<Integer> ids) {
            var all = ids.toList();
            return all.isEmpty() ? -1 : all.get(random.nextInt(all.size()));
        }

        /** A chart of one channel or two, each with a function below another one. */
        ModeProposal chart() {
            int first = address();
            var channels = List.of(charted(attribute(), first), charted(attribute(), first + 1));
            return new ModeProposal(name(), first + 1, random.nextBoolean() ? channels : channels.subList(0, 1));
        }

        private ChannelProposal charted(String attribute, int address) {
            boolean wheel = attribute.equals("Gobo1");
            var low = new FunctionProposal(attribute, "Low", 0, 99, physical(), physical(), PhysicalUnit.None, random.nextBoolean(),
                    wheel ? "Gobo wheel 1" : null, false, null, List.of(new RangeProposal("Reeds", 10, 99, wheel ? 2 : 0, null, null)));
            var high = new FunctionProposal(random.nextBoolean() ? "NoFeature" : attribute, "High", 100, 255, 0, 1, PhysicalUnit.None,
                    false, null, true, random.nextInt(4) == 0 ? new Counts(address(), 0, 127) : null, List.of());
            return new ChannelProposal(List.of(address), null, "Words", attribute, 0.9, "It says so.", 5L, random.nextBoolean(), null,
                    List.of(low, high), List.of(), List.of("line " + address));
        }

        /** A function made to count in two situations, and changed in both. */
        Edit inTwoSituations() {
            int function = function();
            int master = channel();
            var edits = List.<Edit>of(new RenameFunction(function, name()), new MoveFunctionStart(function, value()),
                    new RemoveFunction(function), new AddRange(function, name(), value()), new SetFunctionAttribute(function, attribute()),
                    new DivideFunction(function, null, 2, 0, "Part", 1, 0, null, null),
                    new RangesToFunctions(function,
                            type.modes()
                                .stream()
                                .flatMap(each -> each.channels().stream())
                                .flatMap(Channel::functions)
                                .filter(each -> each.id() == function)
                                .flatMap(each -> each.ranges().stream())
                                .map(each -> each.id())
                                .toList()));
            return new Several(List.of(new SetModeMaster(function, master, random.nextInt(50), 50 + random.nextInt(50)),
                    new AlsoWhile(function, master, 100 + random.nextInt(50), 150 + random.nextInt(50)), new Alike(function, pick(edits))));
        }

        String attribute() {
            return pick(ATTRIBUTES);
        }

        String name() {
            return pick(NAMES);
        }

        String part() {
            var parts = type.allGeometries().map(each -> each.name()).toList();
            return parts.isEmpty() ? "Base" : pick(parts);
        }

        <T> T pick(List<T> of) {
            return of.get(random.nextInt(of.size()));
        }

        long value() {
            return random.nextInt(4) == 0 ? random.nextInt(65_536) : random.nextInt(256);
        }

        int address() {
            return 1 + random.nextInt(random.nextInt(5) == 0 ? 512 : 24);
        }

        Place place() {
            return new Place(random.nextInt(-20, 20) / 10.0, random.nextInt(-20, 20) / 10.0, random.nextInt(-20, 20) / 10.0,
                    90 * random.nextInt(-1, 3), 0, 15 * random.nextInt(5));
        }

        double physical() {
            return random.nextInt(-50, 100);
        }
    }

    private static final List<BiFunction<Aim, Random, Edit>> KINDS = List.of(
            (a, r) -> new RenameProfile(a.name()), (a, r) -> new RenameMode(a.mode(), a.name()),
            (a, r) -> new RenameFunction(a.function(), a.name()), (a, r) -> new RenameRange(a.range(), a.name()),
            (a, r) -> new AddRange(a.function(), a.name(), a.value()), (a, r) -> new RemoveRange(a.range()),
            (a, r) -> new MoveRangeStart(a.range(), a.value()), (a, r) -> new MoveRangeEnd(a.range(), a.value()),
            (a, r) -> new SetRangePhysical(a.range(), a.physical(), a.physical()), (a, r) -> new SetRangeSlot(a.range(), r.nextInt(5)),
            (a, r) -> new AddFunction(a.channel(), a.name(), a.attribute(), a.value()), (a, r) -> new RemoveFunction(a.function()),
            (a, r) -> new MoveFunctionStart(a.function(), a.value()),
            (a, r) -> new SetFunctionPhysical(a.function(), a.physical(), a.physical()),
            (a, r) -> new SetStartValue(a.channel(), a.value()),
            (a, r) -> new SetHighlight(a.channel(), r.nextBoolean() ? a.value() : null),
            (a, r) -> new ChangeAttribute(a.channel(), a.attribute()), (a, r) -> new ChangeWidth(a.channel(), 1 + r.nextInt(3)),
            (a, r) -> new DefineAttribute(a.attribute()),
            (a, r) -> new SetAttributeUnit(a.attribute(), PhysicalUnit.Angle), (a, r) -> new TurnSlots(a.function(), r.nextInt(-2, 3)),
            (a, r) -> new TurnWheel(a.mode(), a.wheel(), r.nextInt(-2, 3)),
            (a, r) -> new SetIdentity(a.pick(List.of(SetIdentity.Field.values())), a.name()), (a, r) -> new AddMode(a.name()),
            (a, r) -> new DuplicateMode(a.mode(), a.name()), (a, r) -> new RemoveMode(a.mode()),
            (a, r) -> new MoveMode(a.mode(), r.nextInt(3)), (a, r) -> new DescribeMode(a.mode(), a.name()),
            (a, r) -> new AddChannels(a.mode(),
                    List.of(new NewChannel(a.attribute(), a.name(), r.nextInt(3), r.nextBoolean() ? a.part() : null, null, null)),
                    r.nextBoolean() ? a.address() : null),
            (a, r) -> new RemoveChannels(a.channels(), r.nextBoolean()), (a, r) -> new MoveChannel(a.channel(), a.address()),
            (a, r) -> new Several(List.of(new SetNotes("a"), new SetStartValue(a.channel(), a.value()))),
            (a, r) -> new SetReaction(a.channels(), a.pick(List.of(LogicalChannel.Snap.values())),
                    a.pick(List.of(LogicalChannel.Master.values())), 1.0, null),
            (a, r) -> new SetFade(a.function(), 1.0, 2.0),
            (a, r) -> new SetFunctionAttribute(a.function(), a.attribute()),
            (a, r) -> SetBounds.both(a.function(), r.nextBoolean() ? 1.0 : null, 50.0),
            (a, r) -> new SetModeMaster(a.function(), r.nextInt(3) == 0 ? null : a.channel(), r.nextInt(128), 128 + r.nextInt(128)),
            (a, r) -> new SetWheel(a.function(), r.nextBoolean() ? "Wheel" : ""),
            (a, r) -> new ChangeGeometry(a.channel(), a.part()), (a, r) -> new InvertFunction(a.function()),
            (a, r) -> new DivideFunction(a.function(), r.nextBoolean() ? a.range() : null, 1 + r.nextInt(6), 0, "Part", 1, r.nextInt(4),
                    null, null),
            (a, r) -> new SetRanges(a.function(),
                    List.of(new SetRanges.Row(a.value(), "Low", null, null, r.nextInt(3)),
                            new SetRanges.Row(a.value(), "High", null, null, 0))),
            (a, r) -> new LayStencil(a.channel(),
                    a.type()
                        .modes()
                        .stream()
                        .flatMap(each -> each.channels().stream())
                        .skip(r.nextInt(2))
                        .findFirst()
                        .map(Stencil::of)
                        .orElse(new Stencil("", 1, LogicalChannel.Snap.NO, LogicalChannel.Master.NONE, List.of()))),
            (a, r) -> new SetFacts(new FixtureFacts(r.nextBoolean() ? 12.5 : null, 150.0, "LED", null, 24.0, null, 5600.0,
                    List.of(new FixtureFacts.Plug("DMX in", "XLR5")), r.nextBoolean() ? 0x7ff0 : null, null, List.of())),
            (a, r) -> new SlotsFromRanges(a.function(), r.nextBoolean() ? null : a.wheel()),
            (a, r) -> new ListSlots(a.wheel(),
                    List.of(new ListSlots.SlotRow(a.name(), null), new ListSlots.SlotRow("Reeds", ColorCie.WHITE))),
            (a, r) -> new SetMeant("flat-physical", a.name(), r.nextBoolean() ? "It is so" : null),
            (a, r) -> new AlsoWhile(a.function(), a.channel(), r.nextInt(100), 100 + r.nextInt(100)),
            (a, r) -> new AddPart(r.nextInt(4) == 0 ? "" : a.part(), a.pick(List.of(Geometry.Kind.values())), a.name() + r.nextInt(9),
                    a.place()),
            (a, r) -> new AddReference(a.part(), a.name() + r.nextInt(9), a.part(), a.place()),
            (a, r) -> new RenamePart(a.part(), a.name() + r.nextInt(9)), (a, r) -> new PlacePart(a.part(), a.place()),
            (a, r) -> new NestPart(a.part(), r.nextInt(4) == 0 ? "" : a.part(), r.nextInt(-1, 3)), (a, r) -> new DuplicatePart(a.part()),
            (a, r) -> new RemovePart(a.part()), (a, r) -> new SetPartKind(a.part(), a.pick(List.of(Geometry.Kind.values()))),
            (a, r) -> new SetPartAttribute(a.part(), a.pick(List.of("LuminousFlux", "BeamType", "PinCount", "Count", "CapacityZZ")),
                    a.pick(List.of("12", "Spot", "", "x"))),
            (a, r) -> new SetPins(a.part(), List.of(new SetPins.Pin(1, "Other", 2))),
            (a, r) -> new SetPartModel(a.part(), r.nextBoolean() ? "Base" : ""),
            (a, r) -> new PutModel(r.nextBoolean() ? "Base" : a.name(), 0.3, 0.2, 0.1, a.pick(List.of(Model.Primitive.values())), ""),
            (a, r) -> new SetModelDrawing("Base", new Model.SvgOffsets(r.nextInt(9), 2, 3, 4, 5, 6)),
            (a, r) -> new RemoveModel(r.nextBoolean() ? "Base" : a.name()),
            (a, r) -> new LayBody(a.pick(List.of(BodyTemplate.values())), "", 0.4, 0.3, 0.6, 2 + r.nextInt(6), 1 + r.nextInt(2),
                    1 + r.nextInt(4)),
            (a, r) -> new LayCells(a.part(), new CellLayout(a.pick(List.of(CellLayout.Form.values())), 2, 0.1, 0.2)),
            (a, r) -> new OrderCells(a.part(), a.pick(List.of(OrderCells.Order.values())), r.nextBoolean()),
            (a, r) -> new ExchangeAxes(a.pick(List.of(ExchangeAxes.What.values()))),
            (a, r) -> new SwapSource(r.nextBoolean() ? "Tungsten 650 W" : "Cold white LED 400 W"),
            (a, r) -> new AddAccessory(a.pick(List.of(Accessory.values())), a.part()),
            (a, r) -> new SetPhysical(
                    new PhysicalFacts(-5.0, 40.0, null, List.of(new PhysicalFacts.Supply("Power in", 600, 0.9, 90, 250, 50, 60)),
                            List.of(new PhysicalFacts.Socket("DMX in", "XLR5", 1, 1, 0)))),
            (a, r) -> new SetCellPitch(a.mode(), a.part(), 0.25), (a, r) -> a.inTwoSituations(),
            (a, r) -> new ExchangeFunctions(a.function()), (a, r) -> new Alike(a.function(), new RemoveFunction(a.function())),
            (a, r) -> new CloseGaps(a.mode()),
            (a, r) -> new DeriveMode(a.mode(), a.name(), r.nextBoolean(), r.nextBoolean() ? List.of() : List.of(1 + r.nextInt(4))),
            (a, r) -> new RangesToFunctions(a.function(), List.of(a.range(), a.range())), (a, r) -> new FunctionToRange(a.function()),
            (a, r) -> new LayChart(r.nextBoolean() ? a.mode() : null, a.chart(),
                    List.of(new WheelProposal("Gobo wheel 1", List.of("Open", "Reeds"))),
                    r.nextBoolean() ? List.of() : List.of(a.channel()), "chart.txt"),
            (a, r) -> new CopyChannels(a.channels(), a.mode()), (a, r) -> new BringFunction(a.function(), List.of(a.mode())),
            (a, r) -> new AddVirtualDimmer(a.mode()),
            (a, r) -> new MakeCells(a.mode(), a.channels(), "Dot " + r.nextInt(3), 2 + r.nextInt(4), a.address(), 1 + r.nextInt(6),
                    1 + r.nextInt(2), a.pick(List.of(MakeCells.Order.values()))),
            (a, r) -> new SetLevels(a.channels(), a.pick(List.of(SetLevels.Level.values())), String.valueOf(r.nextInt(256))),
            (a, r) -> new SetCare(a.channels(), House.Tint.BLUE, a.name()),
            (a, r) -> new SetNotes(a.name()), (a, r) -> new SetCategory(House.Category.SPOT), (a, r) -> new SetDipStart(r.nextBoolean()),
            (a, r) -> new SetChartCount(a.mode(), a.address()), (a, r) -> new MarkRange(a.range(), null),
            (a, r) -> new AddWheel(a.name(), WheelCare.Kind.COLOURS), (a, r) -> new RenameWheel(a.wheel(), a.name()),
            (a, r) -> new RemoveWheel(a.wheel()), (a, r) -> new AddSlot(a.wheel(), r.nextInt(6), a.name()),
            (a, r) -> new RemoveSlot(a.wheel(), r.nextInt(6)), (a, r) -> new MoveSlot(a.wheel(), r.nextInt(6), r.nextInt(6)),
            (a, r) -> new SetSlot(a.wheel(), r.nextInt(6), a.name(), "#ff8800", null, null, null, null),
            (a, r) -> new PutCurve("Bent", List.of(new PutCurve.Piece(0, 0, 1, 0, 0))),
            (a, r) -> new LayCurve(a.function(), r.nextBoolean() ? "Bent" : ""),
            (a, r) -> new PutEmitter(a.name(), 0.6, 0.3, 20, null), (a, r) -> new PutFilter(a.name(), 0.6, 0.3, 20),
            (a, r) -> new RemoveLightPart(a.pick(List.of(RemoveLightPart.Kind.values())), a.pick(List.of("Ruby", "Rust"))),
            (a, r) -> new SetLightPart(a.function(), r.nextBoolean() ? "Ruby" : "", r.nextBoolean() ? "Rust" : ""),
            (a, r) -> new SetWheelCare(a.wheel(), WheelCare.Kind.PRISMS, null, null),
            (a, r) -> new ChangeAddresses(a.channel(), List.of(a.address(), a.address())));

    /** {@return an edit that may fit, or not} */
    public static Edit of(FixtureType type, Random random) {
        return KINDS.get(random.nextInt(KINDS.size())).apply(new Aim(type, random), random);
    }

    /** {@return the kinds that are made} */
    static Stream<Class<?>> kinds() {
        var type = yellowkite.core.Fixtures.nestedCells();
        return KINDS.stream().<Class<?>>map(each -> each.apply(new Aim(type, new Random(1)), new Random(1)).getClass());
    }
}
