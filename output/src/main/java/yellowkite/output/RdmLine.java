package yellowkite.output;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import yellowkite.core.bench.rdm.ToldDevice;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.WireText;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.core.wire.artnet.ArtRdm;
import yellowkite.core.wire.artnet.ArtTodControl;
import yellowkite.core.wire.artnet.ArtTodData;
import yellowkite.core.wire.artnet.ArtTodRequest;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.rdm.Parameter;
import yellowkite.core.wire.rdm.Personality;
import yellowkite.core.wire.rdm.RdmMessage;
import yellowkite.core.wire.rdm.RdmMessage.Command;
import yellowkite.core.wire.rdm.SlotInfo;
import yellowkite.core.wire.rdm.SlotValue;
import yellowkite.core.wire.rdm.Uid;

/** Questions over RDM to the devices on one port of an Art-Net node. Not for several threads. */
public final class RdmLine implements AutoCloseable {
    private static final Uid US = new Uid(0x7ff0, 0x4b495445L);
    private static final int ANSWERED_IN = 700;
    /** A node may send its table in blocks, and further nodes theirs. */
    private static final int TABLES_IN = 300;
    private static final int TRIES = 3;
    private static final int MOST_DEVICES = 400;
    private static final long NANOS = 1_000_000L;
    private final Socket socket;
    private final Destination.ArtNet to;
    private int transaction;

    public RdmLine(Destination.ArtNet to) throws IOException {
        this.to = to;
        this.socket = new Socket(to.address().getAddress());
    }

    /** It refused, or did not answer. The message is a sentence. */
    public static final class Refused extends Exception {
        private static final long serialVersionUID = 1;

        Refused(String says) {
            super(says, null, false, false);
        }
    }

    /**
     * {@return the devices there, each as it describes itself; one that does not answer is left out} @param anew look on the line again
     * first
     */
    public List<ToldDevice> devices(boolean anew) throws IOException {
        var devices = new ArrayList<ToldDevice>();
        for (var uid : table(anew)) {
            describe(uid).ifPresent(devices::add);
        }
        return devices;
    }

    /** {@return what the first device at a destination says of itself; empty where nobody answers, or RDM does not go there} */
    public static Optional<DeviceInfo> infoAt(Destination to) throws IOException {
        if (!(to instanceof Destination.ArtNet artNet)) {
            return Optional.empty();
        }
        try (var line = new RdmLine(artNet)) {
            var table = line.table(false);
            return table.isEmpty() ? Optional.empty()
                    : line.get(table.first(), Parameter.DEVICE_INFO, Bytes.NONE).flatMap(DeviceInfo::read);
        }
    }

    private TreeSet<Uid> table(boolean anew) throws IOException {
        socket.send(
                (anew ? new ArtTodControl(to.portAddress(), ArtTodControl.FLUSH) : new ArtTodRequest(List.of(to.portAddress()))).write(),
                to.address());
        var uids = new TreeSet<Uid>();
        long until = System.nanoTime() + ANSWERED_IN * NANOS;
        for (long left = ANSWERED_IN; left > 0 && uids.size() < MOST_DEVICES; left = (until - System.nanoTime()) / NANOS) {
            var answer = socket.receive((int) left).flatMap(ArtPacket::read);
            if (answer.isPresent() && answer.get() instanceof ArtTodData table && table.portAddress() == to.portAddress()) {
                uids.addAll(table.devices());
                until = Math.min(until, System.nanoTime() + TABLES_IN * NANOS);
            }
        }
        return uids;
    }

    private Optional<ToldDevice> describe(Uid uid) throws IOException {
        var info = get(uid, Parameter.DEVICE_INFO, Bytes.NONE).flatMap(DeviceInfo::read);
        if (info.isEmpty()) {
            return Optional.empty();
        }
        var personalities = new ArrayList<Personality>();
        for (int number = 1; number <= info.get().personalities(); number++) {
            get(uid, Parameter.DMX_PERSONALITY_DESCRIPTION, Bytes.of((byte) number)).flatMap(Personality::read)
                .ifPresent(personalities::add);
        }
        return Optional
            .of(new ToldDevice(uid, info.get(), text(uid, Parameter.MANUFACTURER_LABEL), text(uid, Parameter.DEVICE_MODEL_DESCRIPTION),
                    text(uid, Parameter.DEVICE_LABEL), text(uid, Parameter.SOFTWARE_VERSION_LABEL), personalities,
                    get(uid, Parameter.SLOT_INFO, Bytes.NONE).flatMap(SlotInfo::read).orElse(List.of()),
                    get(uid, Parameter.DEFAULT_SLOT_VALUE, Bytes.NONE).flatMap(SlotValue::read).orElse(List.of())));
    }

    private String text(Uid uid, int parameter) throws IOException {
        return get(uid, parameter, Bytes.NONE).map(each -> WireText.read(each.reader(), each.size())).orElse("");
    }

    private Optional<Bytes> get(Uid uid, int parameter, Bytes data) throws IOException {
        return ask(uid, Command.GET, parameter, data).filter(each -> each.portOrResponse() == RdmMessage.ACK).map(RdmMessage::data);
    }

    public void setAddress(Uid uid, int address) throws IOException, Refused {
        set(uid, Parameter.DMX_START_ADDRESS, Bytes.of(ByteBuffer.allocate(2).putShort((short) address).array()));
    }

    /** @param number from 1 */
    public void setPersonality(Uid uid, int number) throws IOException, Refused {
        set(uid, Parameter.DMX_PERSONALITY, Bytes.of((byte) number));
    }

    /** @param label what people call it; RDM has 32 bytes for that */
    public void setLabel(Uid uid, String label) throws IOException, Refused {
        set(uid, Parameter.DEVICE_LABEL, Bytes.of(WireText.cut(label, Parameter.LONGEST)));
    }

    public void identify(Uid uid, boolean on) throws IOException, Refused {
        set(uid, Parameter.IDENTIFY_DEVICE, Bytes.of((byte) (on ? 1 : 0)));
    }

    private void set(Uid uid, int parameter, Bytes data) throws IOException, Refused {
        var answer = ask(uid, Command.SET, parameter, data).orElseThrow(() -> new Refused("The fixture " + uid + " does not answer."));
        if (answer.portOrResponse() == RdmMessage.NACK) {
            throw new Refused("The fixture " + uid + " refuses it: " + reason(answer.data()) + ".");
        }
    }

    private static String reason(Bytes data) {
        int code = data.size() < 2 ? -1 : data.at(0) << 8 | data.at(1);
        return switch (code) {
            case Parameter.Reason.UNKNOWN -> "it does not know that";
            case Parameter.Reason.FORMAT -> "it wants it in another form";
            case Parameter.Reason.WRITE_PROTECTED -> "it is protected";
            case Parameter.Reason.UNSUPPORTED_CLASS -> "it cannot be set";
            case Parameter.Reason.OUT_OF_RANGE -> "the value is outside of what it has";
            default -> "for a reason of its own";
        };
    }

    /** {@return the answer; empty where none comes} */
    private Optional<RdmMessage> ask(Uid uid, Command command, int parameter, Bytes data) throws IOException {
        var asked = new RdmMessage(uid, US, transaction++ & 0xff, 1, 0, 0, command, parameter, data);
        for (int i = 0; i < TRIES; i++) {
            socket.send(new ArtRdm(to.portAddress(), asked).write(), to.address());
            long until = System.nanoTime() + ANSWERED_IN * NANOS;
            for (long left = ANSWERED_IN; left > 0; left = (until - System.nanoTime()) / NANOS) {
                var answer = socket.receive((int) left).flatMap(ArtPacket::read);
                if (answer.isPresent() && answer.get() instanceof ArtRdm rdm && isAnswer(rdm.message(), asked)) {
                    return Optional.of(rdm.message());
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isAnswer(RdmMessage message, RdmMessage asked) {
        return message.from().equals(asked.to()) && message.transaction() == asked.transaction() && message.parameter() == asked.parameter()
                && message.command() == asked.command().answer();
    }

    @Override
    public void close() {
        socket.close();
    }
}
