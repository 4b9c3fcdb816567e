package yellowkite.sim;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;
import yellowkite.core.bench.Flaw;
import yellowkite.core.bench.Moving;
import yellowkite.core.bench.Obeying;
import yellowkite.core.bench.Seen;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.wire.UniverseSources;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.rdm.RdmMessage;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.core.wire.sacn.SacnPacket;

/** One fixture: it hears a universe, does what its profile says but for its flaws, and answers RDM. Several threads may share it. */
public final class SimulatedFixture {
    private static final double NANOS = 1e9;
    private final FixtureType type;
    private final Uid uid;
    private final int universe;
    private final List<Flaw> flaws;
    private final String firmware;
    private final LongSupplier clock;
    private final UniverseSources sources = new UniverseSources();
    private final Responder responder;
    private int personality;
    private int address;
    private boolean identifies;
    private Obeying obeying;
    private Moving moving;
    private long frames;
    private byte @Nullable [] heard;

    /** @param personality of the type's modes, from 1. @param firmware as it says. @param clock ns */
    public SimulatedFixture(FixtureType type, int personality, int universe, int address, Uid uid, List<Flaw> flaws, String firmware,
            LongSupplier clock) {
        this.type = type;
        this.personality = Flaw.first(flaws, Flaw.OtherPersonality.class)
            .map(Flaw.OtherPersonality::number)
            .filter(number -> number <= type.modes().size())
            .orElse(personality);
        this.universe = universe;
        this.address = address;
        this.uid = uid;
        this.flaws = flaws.stream().filter(each -> !(each instanceof Flaw.OtherPersonality)).toList();
        this.firmware = firmware;
        this.clock = clock;
        this.obeying = obeying();
        this.moving = standing();
        this.responder = new Responder(this);
    }

    private Obeying obeying() {
        return Obeying.of(CompiledMode.of(type, type.modes().get(personality - 1)), flaws);
    }

    private Moving standing() {
        return new Moving(obeying.mode(), obeying.atFirst());
    }

    public Uid uid() {
        return uid;
    }

    /** {@return the universe that it hears, from 1} */
    public int universe() {
        return universe;
    }

    /** {@return the port-address that it hears: Art-Net counts from 0} */
    public int portAddress() {
        return universe - 1;
    }

    FixtureType type() {
        return type;
    }

    CompiledMode mode() {
        return obeying.mode();
    }

    String firmware() {
        return firmware;
    }

    int footprint() {
        return obeying.footprint();
    }

    int personality() {
        return personality;
    }

    int address() {
        return address;
    }

    boolean identifies() {
        return identifies;
    }

    void identify(boolean to) {
        identifies = to;
    }

    void moveTo(int to) {
        address = to;
        obey();
    }

    /** It begins anew in another personality: nothing that it did before is of any worth there. */
    void become(int to) {
        personality = to;
        obeying = obeying();
        moving = standing();
        obey();
    }

    public synchronized void take(SacnPacket packet) {
        long now = clock.getAsLong();
        if (packet.universe() == universe && sources.take(packet, now)) {
            frame(now);
        }
    }

    /** @param from who sent it */
    public synchronized void take(ArtDmx packet, String from) {
        long now = clock.getAsLong();
        if (packet.portAddress() == portAddress() && sources.take(packet, from, now)) {
            frame(now);
        }
    }

    private void frame(long now) {
        sources.levels(now).ifPresent(levels -> {
            frames++;
            if (!Arrays.equals(levels, heard)) {
                heard = levels;
                obey();
            }
        });
    }

    private void obey() {
        var levels = heard;
        if (levels != null) {
            var slots = Arrays.copyOfRange(levels, Math.min(address - 1, AddressMap.UNIVERSE),
                    Math.min(AddressMap.UNIVERSE, address - 1 + footprint()));
            moving.aim(obeying.meanings(slots), obeying.at(slots), clock.getAsLong() / NANOS);
        }
    }

    /** {@return what instruments see of it now} */
    public synchronized Seen look() {
        long now = clock.getAsLong();
        var dmx = new TreeMap<Integer, Integer>();
        var levels = heard;
        for (int i = 0; levels != null && i < footprint() && address - 1 + i < AddressMap.UNIVERSE; i++) {
            dmx.put(i + 1, levels[address - 1 + i] & 0xff);
        }
        var winning = sources.winning(now);
        return moving.at(now / NANOS)
            .told(frames, winning.isEmpty() ? null : winning.getFirst().name(), dmx, identifies, address, personality);
    }

    /** {@return the answer; empty where it is not asked, or everybody is} */
    public synchronized Optional<RdmMessage> answer(RdmMessage asked) {
        return responder.answer(asked);
    }
}
