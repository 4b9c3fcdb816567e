package yellowkite.core.bench.rdm;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import yellowkite.core.bench.Slots;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.wire.rdm.SlotInfo;

/** RDM's ids of what a slot does, and the attributes that mean the same. Source: ANSI E1.20, table of slot ids. */
public final class SlotIds {
    public static final int UNDEFINED = 0xffff;
    private static final int STILL_GOBO = 0x0301;
    private static final int TURNING_GOBO = 0x0302;
    private static final Map<String, Integer> BY_ATTRIBUTE = Map.ofEntries(Map.entry("Dimmer", 0x0001), Map.entry("Pan", 0x0101),
            Map.entry("Tilt", 0x0102), Map.entry("Color1", 0x0201), Map.entry("ColorSub_C", 0x0202), Map.entry("ColorSub_Y", 0x0203),
            Map.entry("ColorSub_M", 0x0204), Map.entry("ColorAdd_R", 0x0205), Map.entry("ColorAdd_G", 0x0206),
            Map.entry("ColorAdd_B", 0x0207),
            Map.entry("CTC", 0x0208), Map.entry("CTO", 0x0208), Map.entry("CTB", 0x0208), Map.entry("Prism1", 0x0303),
            Map.entry("Iris", 0x0401),
            Map.entry("Frost1", 0x0403), Map.entry("Shutter1", 0x0404), Map.entry("Shutter1Strobe", 0x0404), Map.entry("Zoom", 0x0405),
            Map.entry("ShaperRot", 0x0407), Map.entry("LampControl", 0x0501), Map.entry("Control1", 0x0502), Map.entry("Function", 0x0502),
            Map.entry("PositionMSpeed", 0x0503), Map.entry("Effects1", 0x0304), Map.entry("ColorMacro1", 0x0504));
    private static final Map<Integer, String> BY_ID = Map.ofEntries(Map.entry(0x0001, "Dimmer"), Map.entry(0x0002, "Dimmer"),
            Map.entry(0x0101, "Pan"), Map.entry(0x0102, "Tilt"), Map.entry(0x0201, "Color1"), Map.entry(0x0202, "ColorSub_C"),
            Map.entry(0x0203, "ColorSub_Y"), Map.entry(0x0204, "ColorSub_M"), Map.entry(0x0205, "ColorAdd_R"),
            Map.entry(0x0206, "ColorAdd_G"),
            Map.entry(0x0207, "ColorAdd_B"), Map.entry(0x0208, "CTC"), Map.entry(0x0301, "Gobo1"), Map.entry(0x0302, "Gobo1"),
            Map.entry(0x0303, "Prism1"), Map.entry(0x0304, "Effects1"), Map.entry(0x0401, "Iris"), Map.entry(0x0403, "Frost1"),
            Map.entry(0x0404, "Shutter1"), Map.entry(0x0405, "Zoom"), Map.entry(0x0406, "Blade1A"), Map.entry(0x0407, "ShaperRot"),
            Map.entry(0x0408, "Shutter1"), Map.entry(0x0501, "LampControl"), Map.entry(0x0502, "Control1"),
            Map.entry(0x0503, "PositionMSpeed"), Map.entry(0x0504, "ColorMacro1"));
    private static final Pattern GOBO = Pattern.compile("Gobo(\\d+)");
    private static final Pattern BLADE = Pattern.compile("Blade\\d+(A|B|Rot)");

    private SlotIds() {}

    /** {@return the id of what an attribute does; {@link #UNDEFINED} where the table has none} */
    public static int of(CompiledMode mode, String attribute) {
        var gobo = GOBO.matcher(attribute);
        if (gobo.matches()) {
            return mode.mode().channels().stream().anyMatch(each -> each.attribute().startsWith(attribute + "Pos")) ? TURNING_GOBO
                    : STILL_GOBO;
        }
        return BLADE.matcher(attribute).matches() ? 0x0406 : BY_ATTRIBUTE.getOrDefault(attribute, UNDEFINED);
    }

    /** {@return the attribute that an id means} */
    public static Optional<String> attribute(int id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    /** {@return the slots of a mode, in their order} */
    public static List<SlotInfo> slotsOf(CompiledMode mode) {
        var slots = Slots.of(mode);
        var infos = new SlotInfo[slots.count()];
        for (int i = 0; i < infos.length; i++) {
            infos[i] = new SlotInfo(i, SlotInfo.PRIMARY, UNDEFINED);
        }
        for (var placed : mode.map().channels()) {
            for (int at = 0; at < placed.addresses().size(); at++) {
                int index = slots.index(placed, at);
                infos[index] = at == 0 ? new SlotInfo(index, SlotInfo.PRIMARY, of(mode, placed.channel().attribute()))
                        : new SlotInfo(index, SlotInfo.FINE, slots.index(placed, 0));
            }
        }
        return List.of(infos);
    }

    /** {@return what a slot is called; empty where there is no such slot} @param offset from 0 */
    public static Optional<String> describe(CompiledMode mode, int offset) {
        var slots = Slots.of(mode);
        var found = new ArrayList<String>();
        for (var placed : mode.map().channels()) {
            for (int at = 0; at < placed.addresses().size(); at++) {
                if (slots.index(placed, at) == offset) {
                    found.add(words(placed, at));
                }
            }
        }
        return found.isEmpty() ? offset < slots.count() ? Optional.of("") : Optional.empty() : Optional.of(found.getFirst());
    }

    private static String words(PlacedChannel placed, int at) {
        var cell = placed.path().isEmpty() ? "" : " " + placed.geometry();
        var fine = placed.byteWord(at);
        return placed.channel().attribute() + cell + (at == 0 || fine.isEmpty() ? "" : " " + fine);
    }

    /** {@return the model id of a type: its own, where it states one for RDM; else one that is made of its identity} */
    public static int modelOf(FixtureType type) {
        var rdm = type.protocols().rdm();
        if (rdm != null) {
            return rdm.deviceModelId() & 0xffff;
        }
        int hash = type.fixtureTypeId().hashCode();
        return (hash ^ hash >>> 16) & 0xffff;
    }
}
