package yellowkite.server.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Frames;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.LightOut;
import yellowkite.core.bench.Slots;
import yellowkite.core.bench.field.CellColour;
import yellowkite.core.bench.field.Field;
import yellowkite.core.bench.field.Sampling;
import yellowkite.core.bench.rdm.SlotIds;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gobo.Picture;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Placing;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.server.web.Refusal;

/**
 * A picture, or a film of pictures, that goes out onto the cells of fixtures. There is one at a time; it is no state that has to survive.
 */
@Service
class FieldShow {
    private static final String HOLDER = "picture";
    private static final int FASTEST = 40;
    private final Addresses addresses;
    private final LiveOutput live;
    private List<Integer> universes = List.of();
    private int number;

    FieldShow(Addresses addresses, LiveOutput live) {
        this.addresses = addresses;
        this.live = live;
    }

    /**
     * What is to be shown.
     *
     * @param universe of the first fixture, with its address; the others follow straight on. @param framesASecond of a film
     */
    record Asked(CompiledMode mode, String destination, int universe, int address, Field field, Sampling sampling, List<Picture> frames,
            double framesASecond) {}

    /** It goes live, over and over. */
    void show(Asked asked, String author) {
        var patches = patches(asked);
        var frames = asked.frames()
            .stream()
            .map(each -> frames(patches, CellColour.of(asked.field(), asked.sampling().of(each, asked.field()))))
            .toList();
        stop();
        try {
            open(asked, patches, author);
        } catch (IOException failed) {
            throw Refusal.unfit("destination", "The output cannot be started here.");
        }
        int mine;
        synchronized (this) {
            mine = ++number;
        }
        Thread.ofVirtual().start(() -> play(frames, Math.clamp(asked.framesASecond(), 0.1, FASTEST), mine));
    }

    private static List<Patch> patches(Asked asked) {
        try {
            var one = new TreeMap<>(Map.of(1, Slots.of(asked.mode()).count()));
            var each = Collections.<SortedMap<Integer, Integer>>nCopies(asked.field().across() * asked.field().down(), one);
            return Placing.straight(each, new At(asked.universe(), asked.address())).stream().map(List::getFirst).toList();
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit("address", String.valueOf(unfit.getMessage()));
        }
    }

    private static Frames frames(List<Patch> patches, List<Hands> fixtures) {
        var frames = new Frames(patches);
        for (int i = 0; i < fixtures.size(); i++) {
            frames.lay(List.of(patches.get(i)), fixtures.get(i).mode(), fixtures.get(i).raws());
        }
        return frames;
    }

    private void open(Asked asked, List<Patch> patches, String author) throws IOException {
        var mode = asked.mode();
        var rest = frames(patches, Collections.nCopies(patches.size(), Hands.atStart(mode)));
        var dark = frames(patches, Collections.nCopies(patches.size(), new Hands(mode, LightOut.none(mode))));
        var opened = new ArrayList<Integer>();
        for (int each : rest.universes()) {
            var to = addresses.require(asked.destination(), each);
            live.open(new Command.Open(each, List.of(to.toString()), SacnPacket.USUAL_PRIORITY, rest.of(each), dark.of(each)), author,
                    new LiveOutput.Holder(HOLDER, "Picture on " + mode.type().name(), owners(patches, mode, each)));
            opened.add(each);
            synchronized (this) {
                universes = List.copyOf(opened);
            }
        }
    }

    private static List<String> owners(List<Patch> patches, CompiledMode mode, int universe) {
        var owners = new ArrayList<>(Collections.nCopies(AddressMap.UNIVERSE, ""));
        for (int fixture = 0; fixture < patches.size(); fixture++) {
            var patch = patches.get(fixture);
            for (int i = 0; patch.universe() == universe && i < Slots.of(mode).count(); i++) {
                owners.set(patch.from() - 1 + i, "fixture " + (fixture + 1) + " " + SlotIds.describe(mode, i).orElse(""));
            }
        }
        return owners;
    }

    private void play(List<Frames> frames, double framesASecond, int mine) {
        try {
            for (long i = 0;; i++) {
                var frame = frames.get((int) (i % frames.size()));
                for (int each : frame.universes()) {
                    synchronized (this) {
                        if (number != mine || !live.send(HOLDER, new Command.Levels(each, frame.of(each)))) {
                            return;
                        }
                    }
                }
                if (frames.size() == 1) {
                    return; // it stands, and the output keeps it going
                }
                TimeUnit.NANOSECONDS.sleep((long) (TimeUnit.SECONDS.toNanos(1) / framesASecond));
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    /** It ends at the start values. */
    void stop() {
        List<Integer> closing;
        synchronized (this) {
            number++;
            closing = universes;
            universes = List.of();
        }
        closing.forEach(each -> live.close(each, HOLDER));
    }

    @EventListener(ContextClosedEvent.class)
    synchronized void end() {
        number++;
    }
}
