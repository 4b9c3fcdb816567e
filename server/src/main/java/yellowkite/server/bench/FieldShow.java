package yellowkite.server.bench;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.field.CellColour;
import yellowkite.core.bench.field.Field;
import yellowkite.core.bench.field.Sampling;
import yellowkite.core.gobo.Picture;
import yellowkite.server.web.Refusal;

/**
 * A picture, or a film of pictures, that goes out onto the cells of fixtures. There is one at a time; it is no state that has to survive.
 */
@Service
class FieldShow {
    private static final int FASTEST = 40;
    private @Nullable FieldPlaces onto;
    private int number;

    FieldShow(LiveOutput live) {
        live.onBreak(this::rest);
    }

    /** What is to be shown. @param framesASecond of a film */
    record Asked(FieldPlaces onto, Field field, Sampling sampling, List<Picture> frames, double framesASecond) {}

    /** It goes live, over and over. */
    void show(Asked asked, String author) {
        var frames = asked.frames().stream().map(each -> CellColour.of(asked.field(), asked.sampling().of(each, asked.field()))).toList();
        int mine = begin(asked.onto(), author);
        Thread.ofVirtual().start(() -> play(asked.onto(), frames, Math.clamp(asked.framesASecond(), 0.1, FASTEST), mine));
    }

    private synchronized int begin(FieldPlaces next, String author) {
        stop();
        try {
            next.open(author);
        } catch (IOException failed) {
            throw Refusal.unfit("destination", "The output cannot be started here.");
        }
        onto = next;
        return number;
    }

    private void play(FieldPlaces onto, List<List<Hands>> frames, double framesASecond, int mine) {
        try {
            for (long i = 0;; i++) {
                synchronized (this) {
                    if (number != mine || !onto.send(frames.get((int) (i % frames.size())))) {
                        return;
                    }
                }
                if (frames.size() == 1) {
                    return; // it stands, and the output keeps it going
                }
                TimeUnit.NANOSECONDS.sleep((long) (TimeUnit.SECONDS.toNanos(1) / framesASecond));
            }
        } catch (Refusal changed) {
            stop(mine); // a unit of it is something else by now
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    /** {@return whether a picture goes out} */
    synchronized boolean isShown() {
        return onto != null && onto.isLive();
    }

    /** It ends at the start values. */
    synchronized void stop() {
        number++;
        var ending = onto;
        onto = null;
        if (ending != null) {
            ending.end();
        }
    }

    private synchronized void stop(int mine) {
        if (number == mine) {
            stop();
        }
    }

    /** What was shown does not come back by itself: its fixtures stand at their start values until they are ended. */
    private synchronized void rest() {
        number++;
        onto = null;
    }

    @EventListener(ContextClosedEvent.class)
    synchronized void end() {
        number++;
    }
}
