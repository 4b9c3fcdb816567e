package yellowkite.sim;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.bench.Slots;
import yellowkite.core.bench.rdm.SlotIds;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.WireText;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.Parameter;
import yellowkite.core.wire.rdm.Personality;
import yellowkite.core.wire.rdm.RdmMessage;
import yellowkite.core.wire.rdm.RdmMessage.Command;
import yellowkite.core.wire.rdm.SlotInfo;
import yellowkite.core.wire.rdm.SlotValue;

/** What the fixture answers over RDM. */
final class Responder {
    private static final long SOFTWARE = 0x01000000L;
    private final SimulatedFixture fixture;
    private String label = "";

    Responder(SimulatedFixture fixture) {
        this.fixture = fixture;
    }

    /** It cannot do that. */
    private static final class Refused extends Exception {
        private static final long serialVersionUID = 1;
        private final int reason;

        Refused(int reason) {
            super(null, null, false, false);
            this.reason = reason;
        }
    }

    Optional<RdmMessage> answer(RdmMessage asked) {
        if (asked.command().isAnswer() || asked.command() == Command.DISCOVER || !asked.to().includes(fixture.uid())) {
            return Optional.empty(); // discovery on the line is the node's own affair
        }
        RdmMessage answer;
        try {
            answer = asked.answer(fixture.uid(), RdmMessage.ACK, asked.command() == Command.GET ? get(asked) : set(asked));
        } catch (Refused refused) {
            answer = asked.answer(fixture.uid(), RdmMessage.NACK, word(refused.reason));
        }
        return asked.to().isBroadcast() ? Optional.empty() : Optional.of(answer);
    }

    private Bytes get(RdmMessage asked) throws Refused {
        var data = asked.data();
        return switch (asked.parameter()) {
            case Parameter.SUPPORTED_PARAMETERS -> supported();
            case Parameter.DEVICE_INFO -> info().write();
            case Parameter.DEVICE_MODEL_DESCRIPTION -> text(fixture.type().name());
            case Parameter.MANUFACTURER_LABEL -> text(fixture.type().manufacturer());
            case Parameter.DEVICE_LABEL -> text(label);
            case Parameter.SOFTWARE_VERSION_LABEL -> text(fixture.firmware());
            case Parameter.DMX_PERSONALITY -> Bytes.of((byte) fixture.personality(), (byte) personalities());
            case Parameter.DMX_PERSONALITY_DESCRIPTION -> described(required(data, 1).at(0)).write();
            case Parameter.DMX_START_ADDRESS -> word(fixture.address());
            case Parameter.SLOT_INFO -> SlotInfo.write(slots().stream().limit(SlotInfo.MOST).toList());
            case Parameter.SLOT_DESCRIPTION -> description(required(data, 2).reader().getShort() & 0xffff);
            case Parameter.DEFAULT_SLOT_VALUE -> SlotValue.write(starts().stream().limit(SlotValue.MOST).toList());
            case Parameter.IDENTIFY_DEVICE -> Bytes.of((byte) (fixture.identifies() ? 1 : 0));
            default -> throw new Refused(Parameter.Reason.UNKNOWN);
        };
    }

    private Bytes set(RdmMessage asked) throws Refused {
        var data = asked.data();
        switch (asked.parameter()) {
            case Parameter.DEVICE_LABEL -> {
                if (data.size() > Parameter.LONGEST) {
                    throw new Refused(Parameter.Reason.FORMAT);
                }
                label = WireText.read(data.reader(), data.size());
            }
            case Parameter.DMX_PERSONALITY -> {
                int number = required(data, 1).at(0);
                described(number);
                fixture.become(number);
            }
            case Parameter.DMX_START_ADDRESS -> {
                int address = required(data, 2).reader().getShort() & 0xffff;
                if (address < 1 || address > AddressMap.UNIVERSE) {
                    throw new Refused(Parameter.Reason.OUT_OF_RANGE);
                }
                fixture.moveTo(address);
            }
            case Parameter.IDENTIFY_DEVICE -> {
                int on = required(data, 1).at(0);
                if (on > 1) {
                    throw new Refused(Parameter.Reason.OUT_OF_RANGE);
                }
                fixture.identify(on == 1);
            }
            case Parameter.SUPPORTED_PARAMETERS, Parameter.DEVICE_INFO, Parameter.DEVICE_MODEL_DESCRIPTION, Parameter.MANUFACTURER_LABEL,
                    Parameter.SOFTWARE_VERSION_LABEL, Parameter.DMX_PERSONALITY_DESCRIPTION, Parameter.SLOT_INFO,
                    Parameter.SLOT_DESCRIPTION, Parameter.DEFAULT_SLOT_VALUE ->
                throw new Refused(Parameter.Reason.UNSUPPORTED_CLASS);
            default -> throw new Refused(Parameter.Reason.UNKNOWN);
        }
        return Bytes.NONE;
    }

    private static Bytes required(Bytes data, int size) throws Refused {
        if (data.size() != size) {
            throw new Refused(Parameter.Reason.FORMAT);
        }
        return data;
    }

    private static Bytes word(int value) {
        return Bytes.of(ByteBuffer.allocate(2).putShort((short) value).array());
    }

    private static Bytes text(String words) {
        return Bytes.of(WireText.cut(words, Parameter.LONGEST));
    }

    private static Bytes supported() {
        int[] all = {Parameter.DEVICE_MODEL_DESCRIPTION, Parameter.MANUFACTURER_LABEL, Parameter.DEVICE_LABEL,
                Parameter.SOFTWARE_VERSION_LABEL, Parameter.DMX_PERSONALITY, Parameter.DMX_PERSONALITY_DESCRIPTION, Parameter.SLOT_INFO,
                Parameter.SLOT_DESCRIPTION, Parameter.DEFAULT_SLOT_VALUE};
        var out = ByteBuffer.allocate(2 * all.length);
        for (int each : all) {
            out.putShort((short) each);
        }
        return Bytes.of(out.array());
    }

    private DeviceInfo info() {
        boolean moves = fixture.mode().mode().channels().stream().anyMatch(each -> each.carries("Pan") || each.carries("Tilt"));
        return new DeviceInfo(SlotIds.modelOf(fixture.type()), moves ? DeviceInfo.MOVING : DeviceInfo.FIXED, SOFTWARE, fixture.footprint(),
                fixture.personality(), personalities(), fixture.footprint() == 0 ? DeviceInfo.NO_ADDRESS : fixture.address(), 0, 0);
    }

    private int personalities() {
        return Math.min(255, fixture.type().modes().size());
    }

    private Personality described(int number) throws Refused {
        if (number < 1 || number > personalities()) {
            throw new Refused(Parameter.Reason.OUT_OF_RANGE);
        }
        var mode = fixture.type().modes().get(number - 1);
        int footprint = number == fixture.personality() ? fixture.footprint()
                : Slots.of(CompiledMode.of(fixture.type(), mode)).count();
        return new Personality(number, footprint, mode.name());
    }

    private List<SlotInfo> slots() {
        return SlotIds.slotsOf(fixture.mode());
    }

    private Bytes description(int offset) throws Refused {
        var words = SlotIds.describe(fixture.mode(), offset);
        if (words.isEmpty()) {
            throw new Refused(Parameter.Reason.OUT_OF_RANGE);
        }
        var text = WireText.cut(words.get(), Parameter.LONGEST);
        return Bytes.of(ByteBuffer.allocate(2 + text.length).putShort((short) offset).put(text).array());
    }

    private List<SlotValue> starts() {
        var bytes = Slots.of(fixture.mode()).bytes(fixture.mode().startValues());
        var values = new ArrayList<SlotValue>();
        for (int i = 0; i < bytes.length; i++) {
            values.add(new SlotValue(i, bytes[i] & 0xff));
        }
        return values;
    }
}
