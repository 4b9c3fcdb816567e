package yellowkite.output;

import java.util.List;
import java.util.Map;

/** What the process is told. As JSON, one a line: {@link CommandJson}. */
public sealed interface Command {
    /**
     * A universe begins, at rest. @param to destinations as written. @param rest levels that it ends at. @param dark levels without light
     */
    record Open(int universe, List<String> to, int priority, byte[] rest, byte[] dark) implements Command {
        public Open {
            to = List.copyOf(to);
        }
    }

    /**
     * Other levels. @param seconds that it takes to get there; 0 = at once. @param wide bytes of channels that have several, from 0
     *
     * @param jumps places that are there at once, whatever it takes
     */
    record Levels(int universe, byte[] levels, double seconds, List<List<Integer>> wide, List<Integer> jumps) implements Command {
        public Levels {
            wide = List.copyOf(wide);
            jumps = List.copyOf(jumps);
        }

        /** At once. */
        public Levels(int universe, byte[] levels) {
            this(universe, levels, 0, List.of(), List.of());
        }
    }

    /** Addresses that stay at a value, whatever is sent; only dark is stronger. @param values by address from 1; none = all are let go */
    record Hold(int universe, Map<Integer, Integer> values) implements Command {
        public Hold {
            values = Map.copyOf(values);
        }
    }

    /** Whether every frame of a universe that differs from the one before is told. */
    record Watch(int universe, boolean on) implements Command {}

    /** A universe ends at its rest. */
    record Close(int universe) implements Command {}

    /** All light stops at once, and stays so until it is let out again. */
    record Dark(boolean on) implements Command {}

    /** Whoever drives it is there: the lease goes on. Every other command says so, too. */
    record Alive() implements Command {}

    /** Everything ends at its rest. */
    record End() implements Command {}
}
