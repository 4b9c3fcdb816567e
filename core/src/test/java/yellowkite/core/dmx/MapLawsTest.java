package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.stream.LongStream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.jspecify.annotations.Nullable;
import yellowkite.core.Choices;
import yellowkite.core.SoundDocuments;
import yellowkite.core.edit.RandomEdits;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** The way back, and what stands in for another profile, held against trying every value. */
class MapLawsTest {
    @Provide
    Arbitrary<FixtureType> documents() {
        return SoundDocuments.any();
    }

    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(60);
    }

    @Property(tries = 150)
    void noValueComesNearerThanTheOneThatWasFound(@ForAll("documents") FixtureType type, @ForAll("choices") Random random) {
        var mode = CompiledMode.of(type, type.modes().get(random.nextInt(type.modes().size())));
        for (var wide : mode.mode().channels()) {
            if (wide.bytes() > 2) {
                continue;
            }
            var attribute = wide.functions().findFirst().orElseThrow().attribute();
            double asked = mode.spans(wide).getFirst().reachedAt(random.nextInt((int) wide.max() + 1)) + random.nextDouble() - 0.5;
            if (!(Wanted.find(Probe.atStart(mode), Map.of(attribute, asked)) instanceof Wanted.Result.Found found)) {
                continue;
            }
            for (var reached : found.reached()) {
                var channel = mode.map()
                    .channels()
                    .stream()
                    .filter(each -> each.name().equals(reached.channel()))
                    .findFirst()
                    .orElseThrow()
                    .channel();
                double best = mode.spans(channel)
                    .stream()
                    .filter(span -> span.function().attribute().equals(attribute) && span.from() <= span.to())
                    .mapToDouble(span -> LongStream.rangeClosed(span.from(), Math.min(span.to(), span.from() + 0xFFFF))
                        .mapToDouble(raw -> Math.abs(span.reachedAt(raw) - asked))
                        .min()
                        .orElseThrow())
                    .min()
                    .orElseThrow();
                assertThat(Math.abs(reached.got() - asked)).as(reached + " asked of " + type.name())
                    .isCloseTo(best, within(1e-6 * Math.max(1, Math.abs(asked))));
            }
        }
    }

    @Property(tries = 150)
    void whatWasFoundIsWhatTheValuesMean(@ForAll("documents") FixtureType type, @ForAll("choices") Random random) {
        var mode = CompiledMode.of(type, type.modes().get(random.nextInt(type.modes().size())));
        for (var channel : mode.mode().channels()) {
            var span = mode.spans(channel).getFirst();
            double asked = span.reachedAt(span.from() + (long) (random.nextDouble() * (span.to() - span.from())));
            if (Wanted.find(Probe.atStart(mode), Map.of(span.function().attribute(), asked)) instanceof Wanted.Result.Found found) {
                var probe = Probe.atStart(mode).with(found.values());
                for (var reached : found.reached()) {
                    var meaning = probe.meanings()
                        .get(mode.map().channels().stream().map(PlacedChannel::name).toList().indexOf(reached.channel()));
                    assertThat(Objects.requireNonNull(meaning.function()).function().attribute()).isEqualTo(reached.attribute());
                }
            }
        }
    }

    /** What one value means, names and looks aside. */
    private record Said(@Nullable String attribute, @Nullable Double physical, int slot) {}

    private static List<Said> said(CompiledMode mode, long share) {
        var raws = mode.map().channels().stream().mapToLong(each -> each.channel().max() * share / 255).toArray();
        return mode.resolve(raws)
            .stream()
            .map(each -> new Said(each.function() == null ? null : each.function().function().attribute(),
                    each.function() == null ? null : each.physical(),
                    each.range() == null ? 0 : each.range().range().slot()))
            .toList();
    }

    @Property(tries = 400)
    void whatStandsInForAnotherMeansTheSameAtEveryValue(@ForAll("documents") FixtureType origin, @ForAll("choices") Random random) {
        var type = origin;
        for (int step = 0; step < 4; step++) {
            if (RandomEdits.of(type, random).acceptedOn(type) instanceof Outcome.Applied<FixtureType> applied
                    && KeptMap.broken(origin, applied.after()).isEmpty()) {
                type = applied.after();
            }
        }
        for (int m = 0; m < origin.modes().size(); m++) {
            var was = CompiledMode.of(origin, origin.modes().get(m));
            var now = CompiledMode.of(type, type.modes().get(m));
            for (long share = 0; share <= 255; share += 5) {
                assertThat(said(now, share)).isEqualTo(said(was, share));
            }
        }
    }
}
