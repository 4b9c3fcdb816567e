package yellowkite.core;

import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;

/**
 * Decisions that stand in a list instead of coming from a seed: with fewer of them, and smaller ones, whatever is made from them is
 * smaller, so that a law that fails is shown on a document that a person can read. Beyond the list every decision is 0.
 */
public final class Choices extends Random {
    private static final long serialVersionUID = 1;
    private final transient List<Integer> decisions;
    private int next;

    private Choices(List<Integer> decisions) {
        super(0);
        this.decisions = decisions;
    }

    public static Arbitrary<Random> any(int most) {
        return Arbitraries.integers().list().ofMaxSize(most).map(Choices::new);
    }

    @Override
    protected int next(int bits) {
        int decision = decisions != null && next < decisions.size() ? decisions.get(next++) : 0;
        return decision >>> 32 - bits;
    }

    @Override
    public synchronized double nextGaussian() {
        return 4 * nextDouble() - 2; // the platform's way would wait for a luckier number for ever
    }
}
