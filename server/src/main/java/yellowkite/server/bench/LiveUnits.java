package yellowkite.server.bench;

import java.io.IOException;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import yellowkite.core.bench.RigLight;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.RigLevels;
import yellowkite.core.rig.Unit;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.server.web.Refusal;

/**
 * Units that go out together: at their start values, through their adjustments, until something else is played. Not for several threads.
 */
final class LiveUnits {
    private final LiveOutput live;
    private final String holder;
    private final List<Unit> units;
    private final Function<Unit, @Nullable CompiledMode> modes;
    private final RigLevels levels;

    /** @param holder as whom they hold their universes. @param modes what a unit is; null where nobody knows */
    LiveUnits(LiveOutput live, String holder, List<Unit> units, Function<Unit, @Nullable CompiledMode> modes) {
        this.live = live;
        this.holder = holder;
        this.units = List.copyOf(units);
        this.modes = modes;
        this.levels = RigLevels.of(units, modes);
    }

    /** {@return what is played} */
    RigLevels levels() {
        return levels;
    }

    Collection<Integer> universes() {
        return levels.frames().keySet();
    }

    boolean isOut() {
        return universes().stream().anyMatch(each -> live.isHeldBy(each, holder));
    }

    /** @param to where each universe goes. @param what goes out, in few words. @throws Refusal 422 if one cannot: then none does */
    void open(Map<Integer, String> to, String what, String author) throws IOException {
        var rest = RigLevels.of(units, modes);
        var dark = RigLight.dark(units, modes);
        rest.send(1);
        dark.send(1);
        try {
            for (int each : universes()) {
                live.open(
                        new Command.Open(each, List.of(Objects.requireNonNull(to.get(each))), SacnPacket.USUAL_PRIORITY, frame(rest, each),
                                frame(dark, each)),
                        author, new LiveOutput.Holder(holder, what, RigLight.owners(rest, each)));
            }
        } catch (IOException | Refusal refused) {
            close();
            throw refused;
        }
    }

    /** What is played goes out. {@return whether it does} */
    boolean send() {
        return show(levels, universes(), 0);
    }

    /** All are back at their start values, as they are in the output. */
    void rest() {
        levels.lines().forEach(RigLevels.Line::rest);
    }

    /** @param shown instead of what is played, or that itself. @param seconds that it takes to get there; 0 = at once */
    boolean show(RigLevels shown, Collection<Integer> universes, double seconds) {
        shown.send(1);
        return universes.stream()
            .allMatch(each -> live.send(holder,
                    seconds > 0 ? new Command.Levels(each, frame(shown, each), seconds, shown.wide(each), shown.jumps(each))
                            : new Command.Levels(each, frame(shown, each))));
    }

    private static byte[] frame(RigLevels levels, int universe) {
        return Objects.requireNonNull(levels.frames().get(universe)).clone();
    }

    void close(int universe) {
        live.close(universe, holder);
    }

    void close() {
        universes().forEach(this::close);
    }
}
