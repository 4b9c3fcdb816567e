package yellowkite.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.SoundDocuments;
import yellowkite.core.archive.Sha256;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;

class WalkTest {
    private static String steps(Walk walk, String channel) {
        return String.join(" ",
                walk.steps().stream().filter(each -> each.channel().equals(channel)).map(each -> each.kind() + "@" + each.dmx()).toList());
    }

    @Test
    void everyFunctionIsTriedAtItsEndsAndEveryRangeAtItsBoundaries() {
        var walk = Walk.of(BenchFixtures.first(BenchFixtures.head()), false);

        // zero lies between 32767 and 32768; of two that are equally near, the upper
        assertThat(steps(walk, "Yoke_Pan")).isEqualTo("FIRST@0 ZERO@32768 MIDDLE@32767 LAST@65535");
        assertThat(steps(walk, "Lens_Zoom")).isEqualTo("FIRST@0 MIDDLE@127 LAST@255");
        assertThat(steps(walk, "Lens_Gobo1"))
            .isEqualTo("FIRST@0 LAST@19 MIDDLE@9 FIRST@20 LAST@39 MIDDLE@29 FIRST@40 LAST@59 MIDDLE@49 FIRST@60 LAST@255 MIDDLE@157");
        assertThat(walk.steps().getFirst().kind()).isEqualTo(Step.Kind.UNSENT);
        assertThat(walk.steps().get(1).kind()).isEqualTo(Step.Kind.START);
        assertThat(walk.steps().getLast().kind()).isEqualTo(Step.Kind.HIGHLIGHT);
    }

    @Test
    void onlyWhatChangedIsWalkedAgain() {
        var walk = Walk.of(BenchFixtures.first(BenchFixtures.head(60)), false);

        var changed = walk.since(Walk.of(BenchFixtures.first(BenchFixtures.head(44)), false));

        // the zoom is wider: its middle and its end are elsewhere, its narrow end is not
        assertThat(changed.steps().stream().filter(each -> !each.channel().isEmpty()).map(each -> each.channel() + " " + each.kind()))
            .containsExactly("Lens_Zoom MIDDLE", "Lens_Zoom LAST");
        assertThat(changed.steps().stream().map(Step::number))
            .containsExactlyElementsOf(IntStream.rangeClosed(1, changed.steps().size()).boxed().toList());
        assertThat(walk.since(walk).steps()).isEmpty();
    }

    /** Answers are kept by the numbers of their steps: whoever makes other steps raises the edition. */
    @Test
    void theStepsAreThoseOfTheirEdition() {
        var made = Stream.of(BenchFixtures.head(), BenchFixtures.batten(), Fixtures.tidySpot())
            .flatMap(type -> Stream.of(true, false)
                .flatMap(quick -> Walk.of(CompiledMode.of(type, type.modes().getFirst()), quick).steps().stream()))
            .map(each -> each.number() + " " + each.kind() + " " + each.channel() + " " + each.dmx() + " " + Arrays.toString(each.raws()))
            .collect(Collectors.joining("\n"));

        assertThat(Sha256.of(made.getBytes(StandardCharsets.UTF_8))).as("raise Walk.EDITION and write its sum here")
            .isEqualTo(Map.of(1, "4c82c34f788c060febb11436a7874ef10738ba5b44096b1d2d5da9213e99ed5d").get(Walk.EDITION));
    }

    @Test
    void aQuickWalkTriesTheMiddlesOfRangesAndTheEndsOfFunctions() {
        var walk = Walk.of(BenchFixtures.first(BenchFixtures.head()), true);

        assertThat(steps(walk, "Yoke_Pan")).isEqualTo("FIRST@0 LAST@65535");
        assertThat(steps(walk, "Lens_Gobo1")).isEqualTo("MIDDLE@9 MIDDLE@29 MIDDLE@49 MIDDLE@157");
    }

    @Test
    void aFunctionThatWaitsForAMasterIsReachedThroughIt() {
        var type = Fixtures.tidySpot();
        var walk = Walk.of(CompiledMode.of(type, Fixtures.mode(type)), false);

        var strobes = walk.steps().stream().filter(each -> each.function().equals("Strobe")).toList();
        assertThat(strobes).isNotEmpty().allSatisfy(each -> assertThat(each.raws()[3]).isBetween(128L, 255L));
    }

    @Test
    void eachCellIsLitAlone() {
        var walk = Walk.of(BenchFixtures.first(BenchFixtures.batten()), false);

        var cells = walk.steps().stream().filter(each -> each.kind() == Step.Kind.CELL).toList();
        assertThat(cells).extracting(Step::channel).containsExactly("Cell 1", "Cell 2", "Cell 3", "Cell 4");
        assertThat(walk.wanted(cells.get(2)).cells().stream().map(each -> each.level() > 0)).containsExactly(false, false, true, false);
    }

    @Provide
    Arbitrary<FixtureType> sound() {
        return SoundDocuments.any();
    }

    /** Whatever a profile is: a fixture that obeys it agrees at every step, and every function that can count is tried. */
    @Property(tries = 40)
    void whatObeysAgrees(@ForAll("sound") FixtureType type) throws Proof.Gone {
        for (var each : type.modes()) {
            var mode = CompiledMode.of(type, each);
            var proof = Proof.of(Walk.of(mode, false), BenchFixtures.differing(mode), done -> {});

            assertThat(proof.count(Walk.Verdict.DIFFERS)).isZero();
            assertThat(proof.causes()).isEmpty();
            var numbers = new HashSet<Integer>();
            proof.answers().forEach(answer -> assertThat(numbers.add(answer.step().number())).isTrue());
        }
    }
}
