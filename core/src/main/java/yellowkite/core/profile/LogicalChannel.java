package yellowkite.core.profile;

import java.util.List;
import java.util.function.UnaryOperator;
import yellowkite.core.xml.Source;

/**
 * The functions of a channel that share one attribute: GDTF {@code LogicalChannel}.
 *
 * @param mibFade seconds that a move in black takes
 * @param dmxChangeTimeLimit seconds
 */
public record LogicalChannel(int id, String attribute, Snap snap, Master master, double mibFade, double dmxChangeTimeLimit,
        List<ChannelFunction> functions, Source source) {

    /** Whether fades jump. Source: GDTF {@code LogicalChannel/@Snap}. */
    public enum Snap {
        YES, NO, ON, OFF
    }

    /** Which masters scale it. Source: GDTF {@code LogicalChannel/@Master}. */
    public enum Master {
        NONE, GRAND, GROUP
    }

    public LogicalChannel {
        functions = List.copyOf(functions);
    }

    public static LogicalChannel of(int id, String attribute, List<ChannelFunction> functions) {
        return new LogicalChannel(id, attribute, Snap.NO, Master.NONE, 0, 0, functions, Source.NONE);
    }

    public LogicalChannel withAttribute(String to) {
        return new LogicalChannel(id, to, snap, master, mibFade, dmxChangeTimeLimit, functions, source);
    }

    public LogicalChannel withFunctions(List<ChannelFunction> to) {
        return to == functions ? this
                : new LogicalChannel(id, attribute, snap, master, mibFade, dmxChangeTimeLimit, to, source);
    }

    public LogicalChannel withSnap(Snap to) {
        return new LogicalChannel(id, attribute, to, master, mibFade, dmxChangeTimeLimit, functions, source);
    }

    public LogicalChannel withMaster(Master to) {
        return new LogicalChannel(id, attribute, snap, to, mibFade, dmxChangeTimeLimit, functions, source);
    }

    public LogicalChannel mapFunctions(UnaryOperator<ChannelFunction> change) {
        return withFunctions(Trees.map(functions, change));
    }

    /**
     * {@return the function's name, or the one it is known by if the file gives none: its attribute, a space, and its 1-based number in
     * this logical channel}
     */
    public String nameOf(ChannelFunction function) {
        return function.name().isEmpty() ? nameAt(functions.indexOf(function)) : function.name();
    }

    /** Like {@link #nameOf}, for the function at that index, 0 = the first. */
    public String nameAt(int index) {
        var function = functions.get(index);
        return function.name().isEmpty() ? function.attribute() + " " + (index + 1) : function.name();
    }
}
