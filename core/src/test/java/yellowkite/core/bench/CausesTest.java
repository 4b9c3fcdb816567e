package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Objects;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Each flaw is found, and nothing else is blamed. */
class CausesTest {
    private static final CompiledMode HEAD = BenchFixtures.first(BenchFixtures.head());
    private static final CompiledMode BATTEN = BenchFixtures.first(BenchFixtures.batten());

    @ParameterizedTest
    @ValueSource(strings = {"wheel:Reeds:+1", "wheel:Reeds:+2", "reversed:Pan", "reversed:Dimmer", "reversed:Zoom", "swapped:Pan:Tilt",
            "fine:Tilt",
            "shift:Lens_Gobo1:1", "shift:Lens_Gobo1:5", "shift:Lens_Zoom:-3", "shift:Yoke_Pan:1000", "start:Lens_Dimmer:255",
            "start:Yoke_Pan:0",
            "start:Lens_Gobo1:40", "bent:Dimmer", "bent:Zoom", "footprint:6", "footprint:12", "personality:2", "deaf:Lens_Zoom",
            "deaf:Yoke_Pan"})
    void aFlawOfAHeadIsFound(String flaw) throws Proof.Gone {
        assertThat(BenchFixtures.causes(HEAD, flaw)).containsExactly(flaw);
    }

    @ParameterizedTest
    @ValueSource(strings = {"order:reverse", "bent:Dimmer", "deaf:Cell 3_ColorAdd_W", "reversed:ColorAdd_R",
            "swapped:ColorAdd_R:ColorAdd_W"})
    void aFlawOfCellsIsFound(String flaw) throws Proof.Gone {
        assertThat(BenchFixtures.causes(BATTEN, flaw)).containsExactly(flaw);
    }

    @ParameterizedTest
    @ValueSource(strings = {"wheel:Reeds:+1 reversed:Pan", "bent:Dimmer shift:Lens_Gobo1:5", "deaf:Lens_Zoom reversed:Tilt",
            "fine:Pan bent:Zoom", "reversed:Pan reversed:Tilt start:Lens_Dimmer:255"})
    void severalFlawsAreFoundBesideEachOther(String flaws) throws Proof.Gone {
        var all = flaws.split(" ");

        assertThat(BenchFixtures.causes(HEAD, all)).containsExactlyInAnyOrder(all);
    }

    /** Light is seen as a share of all that there is, whether the profile counts it in candela or in nothing. */
    @ParameterizedTest
    @ValueSource(strings = {"bent:Dimmer", "reversed:Dimmer", "deaf:Lens_Dimmer", "start:Lens_Dimmer:255"})
    void aFlawOfADimmerInCandelaIsFound(String flaw) throws Proof.Gone {
        var inCandela = BenchFixtures.head()
            .mapModes(mode -> mode.mapChannels(channel -> channel
                .mapFunctions(each -> each.attribute().equals("Dimmer") ? each.with(f -> f.physicalTo = 14_500) : each)));

        assertThat(BenchFixtures.causes(BenchFixtures.first(inCandela), flaw)).containsExactly(flaw);
        assertThat(BenchFixtures.causes(BenchFixtures.first(inCandela))).isEmpty();
    }

    @Test
    void aFixtureThatObeysIsBlamedForNothing() throws Proof.Gone {
        assertThat(BenchFixtures.causes(HEAD)).isEmpty();
        assertThat(BenchFixtures.causes(BATTEN)).isEmpty();
    }

    @Test
    void whereNothingIsMeasuredNothingIsBlamed() {
        var walk = Walk.of(HEAD, false);

        var proof = Proof.of(walk, walk.steps().stream().map(each -> Answer.of(each, walk.wanted(each), null)).toList(), null);

        assertThat(proof.count(Walk.Verdict.CANNOT_TELL)).isEqualTo(walk.steps().size());
        assertThat(proof.causes()).isEmpty();
    }

    /** A person says that something differs, not by how much. */
    @Test
    void whatHandsAnsweredIsBlamedOnNothing() {
        var walk = Walk.of(HEAD, false);

        var proof = Proof.of(walk,
                walk.steps().stream().map(each -> new Answer(each, Walk.Verdict.DIFFERS, walk.wanted(each), null)).toList(), null);

        assertThat(proof.count(Walk.Verdict.DIFFERS)).isEqualTo(walk.steps().size());
        assertThat(proof.causes()).isEmpty();
    }

    @Test
    void whatDiffersIsSaidInAWord() throws Proof.Gone {
        var proof = Proof.of(Walk.of(HEAD, false), BenchFixtures.differing(HEAD, "wheel:Reeds:+1"), done -> {});

        var differing = proof.answers()
            .stream()
            .filter(each -> each.verdict() == Walk.Verdict.DIFFERS && each.step().dmx() == 40)
            .findFirst();
        assertThat(differing.orElseThrow().says()).isEqualTo("Lens_Gobo1 at 40 there is slot 4 where the profile says slot 3.");
        assertThat(proof.causes().getFirst().says()).isEqualTo("Wheel 'Reeds' is one slot off.");
        // twelve of the channel, the start, the highlight, and before the first frame
        assertThat(proof.causes().getFirst().steps()).isEqualTo(15);
    }

    /** Once its fix is made, the profile says what the fixture does: nothing differs any more. */
    @ParameterizedTest
    @ValueSource(strings = {"wheel:Reeds:+1", "wheel:Reeds:-1", "reversed:Pan", "reversed:Dimmer", "swapped:Pan:Tilt", "fine:Tilt",
            "shift:Lens_Gobo1:5", "shift:Lens_Gobo1:-5", "bent:Dimmer", "start:Lens_Gobo1:40"})
    void theFixMakesTheProfileTrue(String flaw) throws Proof.Gone {
        fixed(HEAD, flaw);
    }

    @ParameterizedTest
    @ValueSource(strings = {"order:reverse", "swapped:ColorAdd_R:ColorAdd_W"})
    void theFixOfCellsMakesTheProfileTrue(String flaw) throws Proof.Gone {
        fixed(BATTEN, flaw);
    }

    private static void fixed(CompiledMode mode, String flaw) throws Proof.Gone {
        var cause = Proof.of(Walk.of(mode, false), BenchFixtures.differing(mode, flaw), done -> {}).causes().getFirst();
        var outcome = Objects.requireNonNull(cause.fix()).edit().applyTo(mode.type());

        assertThat(outcome).isInstanceOf(Outcome.Applied.class);
        var after = ((Outcome.Applied<FixtureType>) outcome).after();
        var fixed = CompiledMode.of(after, after.modes().getFirst());
        var real = BenchFixtures.differing(mode, flaw);
        var differing = Proof.of(Walk.of(fixed, false), new Proof.AtHand() {
            @Override
            public Optional<Seen> look() {
                return Optional.empty();
            }

            @Override
            public Optional<Seen> send(byte[] slots, Proof.Hoped hoped, double patience) throws Proof.Gone {
                return real.send(slots, hoped, patience);
            }

            @Override
            public Optional<Integer> footprint() throws Proof.Gone {
                return real.footprint();
            }
        }, done -> {}).answers().stream().filter(each -> each.verdict() == Walk.Verdict.DIFFERS).map(Answer::says).toList();
        assertThat(differing).as(cause.says()).isEmpty();
    }
}
