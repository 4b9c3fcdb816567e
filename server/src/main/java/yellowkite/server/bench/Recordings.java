package yellowkite.server.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.server.web.Refusal;

/** The last minute of a universe, to be played again. There is one at a time; it lasts as long as the server. */
@Service
class Recordings {
    static final String HOLDER = "recording";
    private static final long LONGEST = TimeUnit.SECONDS.toNanos(60);
    private static final int MOST_FRAMES = 60 * 100;
    /** The process that sends may have to come up first, ms. */
    private static final int COMES_UP = 5_000;
    private final LiveOutput live;
    private final Incoming incoming;
    private final List<Frame> frames = new ArrayList<>();
    private State state = State.NONE;
    private boolean fromOutside;
    private int universe;
    private long begunAt;
    private int playing;

    /** @param at ns since it began */
    private record Frame(long at, byte[] levels) {}

    /** What it does. */
    enum State {
        NONE, RECORDING, DONE, PLAYING
    }

    /** @param incoming whether it came in. @param seconds that it lasts, or has lasted until now */
    record Recording(State state, int universe, boolean incoming, double seconds, int frames) {}

    Recordings(LiveOutput live, Incoming incoming) {
        this.live = live;
        this.incoming = incoming;
        live.onFrames((of, levels) -> take(of, levels, false));
        incoming.onFrames((of, levels) -> take(of, levels, true));
        live.onBreak(this::rest);
    }

    synchronized Recording state() {
        long lasts = state == State.RECORDING ? Math.min(LONGEST, System.nanoTime() - begunAt)
                : frames.isEmpty() ? 0 : frames.getLast().at();
        if (state == State.RECORDING && lasts >= LONGEST) {
            state = State.DONE;
        } else if (state == State.RECORDING && !fromOutside) {
            live.look(universe); // its frames are told for as long as somebody asks
        }
        return new Recording(state, universe, fromOutside, lasts / 1e9, frames.size());
    }

    /** Begins anew. @throws Refusal 422 if there is nothing to record */
    synchronized void record(int of, boolean outside) {
        var now = outside ? incoming.levels(of) : live.look(of).map(LiveOutput.Leaving::levels);
        frames.clear();
        frames.add(new Frame(0, now.orElseThrow(() -> Refusal.unfit("universe",
                outside ? "Nobody sends universe " + of + " to this machine." : "Universe " + of + " is not live."))));
        playing++;
        state = State.RECORDING;
        fromOutside = outside;
        universe = of;
        begunAt = System.nanoTime();
    }

    private synchronized void take(int of, byte[] levels, boolean outside) {
        long at = System.nanoTime() - begunAt;
        if (state != State.RECORDING || of != universe || outside != fromOutside) {
            return;
        } else if (at > LONGEST || frames.size() >= MOST_FRAMES) {
            state = State.DONE;
            return;
        }
        frames.add(new Frame(at, levels.clone()));
    }

    /** It ends: what was recorded stays, what is played goes dark. */
    void stop() {
        int of;
        synchronized (this) {
            if (state == State.RECORDING) {
                frames.add(new Frame(Math.min(LONGEST, System.nanoTime() - begunAt), frames.getLast().levels()));
            }
            state = frames.isEmpty() ? State.NONE : State.DONE;
            playing++;
            of = universe;
        }
        live.close(of, HOLDER);
    }

    /** Plays it, once. @param to where the universe goes */
    synchronized void play(String to, String author) {
        if (state != State.DONE) {
            throw Refusal.unfit("recording", "There is nothing recorded to play.");
        }
        try {
            var nothing = new byte[AddressMap.UNIVERSE];
            live.open(new Command.Open(universe, List.of(to), SacnPacket.USUAL_PRIORITY, nothing, nothing), author,
                    LiveOutput.Holder.ofNothing(HOLDER, "Recording"));
        } catch (IOException failed) {
            throw Refusal.unfit("destination", "The output cannot be started here.");
        }
        state = State.PLAYING;
        int number = ++playing;
        var all = List.copyOf(frames);
        Thread.ofVirtual().start(() -> play(all, number));
    }

    private void play(List<Frame> all, int number) {
        try {
            for (int i = 0; i < COMES_UP && !live.leaves(universe); i++) {
                TimeUnit.MILLISECONDS.sleep(1);
            }
            long begun = System.nanoTime();
            for (var frame : all) {
                long left = frame.at() - (System.nanoTime() - begun);
                if (left > 0) {
                    TimeUnit.NANOSECONDS.sleep(left);
                }
                synchronized (this) {
                    if (playing != number || !live.send(HOLDER, new Command.Levels(universe, frame.levels()))) {
                        break;
                    }
                }
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
        synchronized (this) {
            if (playing != number) {
                return;
            }
            state = State.DONE;
        }
        live.close(universe, HOLDER);
    }

    /** What is played does not go on by itself. */
    private synchronized void rest() {
        if (state == State.PLAYING) {
            state = State.DONE;
            playing++;
        }
    }

    @EventListener(ContextClosedEvent.class)
    synchronized void end() {
        playing++;
    }
}
