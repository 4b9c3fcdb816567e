package yellowkite.core.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.Place;
import yellowkite.core.edit.AxisCures;
import yellowkite.core.edit.ExchangeAxes;
import yellowkite.core.edit.PlacePart;
import yellowkite.core.edit.SetFunctionPhysical;
import yellowkite.core.pose.Forward.Wrong;
import yellowkite.core.profile.FixtureType;

/** The profile says: at zero down; tilt +90 to the back; with pan +90 to the left. */
class ForwardTest {
    private final FixtureType head = Heads.head();

    private List<Forward.Answer> told(Heading... seen) {
        return Forward.explain(Heads.compiled(head), Arrays.asList(seen));
    }

    @Test
    void theStepsAskForZeroTiltAndPan() {
        assertThat(Forward.of(Heads.compiled(head)).steps())
            .extracting(Forward.Step::pan, Forward.Step::tilt, Forward.Step::expected)
            .containsExactly(tuple(0.0, 0.0, Heading.DOWN), tuple(0.0, 90.0, Heading.BACK), tuple(90.0, 90.0, Heading.LEFT));
    }

    @Test
    void eachStepSaysWhatIsSent() {
        assertThat(Forward.of(Heads.compiled(head)).steps()).flatExtracting(Forward.Step::sent)
            .extracting(Forward.Sent::attribute, Forward.Sent::raw)
            .containsExactly(tuple("Pan", 128L), tuple("Tilt", 128L), tuple("Pan", 128L), tuple("Tilt", 218L), tuple("Pan", 218L),
                    tuple("Tilt", 218L));
    }

    @Test
    void theSensesAreSaidInWords() {
        var forward = Forward.of(Heads.compiled(head));

        assertThat(forward.pan().rising()).isEqualTo("counter-clockwise as seen from above the hanging fixture");
        assertThat(forward.tilt().rising()).isEqualTo("from the front through zero to the back");
        assertThat(forward.tilt().atFull()).startsWith("to the back and up, 37\u00b0 off");
    }

    @Test
    void aFixtureThatAgreesIsNotBlamed() {
        assertThat(told(Heading.DOWN, Heading.BACK, Heading.LEFT)).first().satisfies(each -> assertThat(each.wrong()).isEmpty());
    }

    @Test
    void reversedPan() {
        assertThat(told(Heading.DOWN, Heading.BACK, Heading.RIGHT)).singleElement()
            .satisfies(each -> assertThat(each.wrong()).containsExactly(Wrong.PAN_REVERSED));
    }

    /** Tilt the other way looks like a body that is hung the other way round: both are said. */
    @Test
    void reversedTiltOrHalfATurn() {
        assertThat(told(Heading.DOWN, Heading.FRONT, Heading.RIGHT)).extracting(Forward.Answer::wrong)
            .containsExactlyInAnyOrder(List.of(Wrong.TILT_REVERSED), List.of(Wrong.PAN_ZERO));
    }

    /** The channel that is called tilt pans: the head stays down; then pan tilts it after it was panned. */
    @Test
    void exchangedAxes() {
        assertThat(told(Heading.DOWN, Heading.DOWN, Heading.LEFT)).anySatisfy(each -> {
            assertThat(each.wrong()).containsExactly(Wrong.AXES_EXCHANGED);
            assertThat(each.exchangedParts()).isFalse();
        });
    }

    /**
     * Addresses carry values, not degrees: 90 degrees of a pan of 540 are 170, which turn this tilt by 42 degrees, still nearest to down;
     * and what tilt is sent turns pan alone.
     */
    @Test
    void exchangedAddressesOfAxesThatReachDifferentlyFar() {
        var wide = new SetFunctionPhysical(Heads.compiled(head).mode().channels().getFirst().functions().findFirst().orElseThrow().id(),
                -270.0,
                270.0);
        var far = Heads.compiled(Heads.after(head, wide));

        assertThat(Forward.of(far).steps().getLast().sent()).extracting(Forward.Sent::raw).containsExactly(170L, 218L);
        assertThat(Forward.explain(far, List.of(Heading.DOWN, Heading.DOWN, Heading.DOWN))).singleElement().satisfies(each -> {
            assertThat(each.wrong()).containsExactly(Wrong.AXES_EXCHANGED);
            assertThat(each.exchangedParts()).isFalse();
        });
    }

    @Test
    void aZeroThatIsElsewhere() {
        assertThat(told(Heading.BACK, Heading.UP, Heading.UP)).singleElement().satisfies(each -> {
            assertThat(each.wrong()).containsExactly(Wrong.TILT_ZERO);
            assertThat(each.tiltZero()).isEqualTo(90);
        });
        assertThat(told(Heading.DOWN, Heading.LEFT, Heading.FRONT)).singleElement().satisfies(each -> {
            assertThat(each.wrong()).containsExactly(Wrong.PAN_ZERO);
            assertThat(each.panZero()).isEqualTo(90);
        });
    }

    @Test
    void stepsThatNobodyToldSayNothing() {
        assertThat(told(null, null, null)).first().satisfies(each -> assertThat(each.wrong()).isEmpty());
    }

    /** After its cure the profile says what was seen. */
    @Test
    void eachStatementHasACureThatMakesTheProfileAgree() {
        for (var seen : List.of(List.of(Heading.DOWN, Heading.BACK, Heading.RIGHT), List.of(Heading.DOWN, Heading.FRONT, Heading.RIGHT),
                List.of(Heading.BACK, Heading.UP, Heading.UP), List.of(Heading.DOWN, Heading.LEFT, Heading.FRONT))) {
            var compiled = Heads.compiled(head);
            for (var answer : Forward.explain(compiled, seen)) {
                var cures = AxisCures.of(head, Forward.of(compiled), answer);
                assertThat(cures).isNotEmpty();
                var mended = Heads.after(head, AxisCures.together(cures));
                // a reversed channel is sent the other value for the same degrees, so that is asked of the fixture's own degrees
                boolean reversed = answer.wrong().contains(Wrong.PAN_REVERSED) || answer.wrong().contains(Wrong.TILT_REVERSED);
                assertThat(
                        reversed || Forward.of(Heads.compiled(mended)).steps().stream().map(Forward.Step::expected).toList().equals(seen))
                    .isTrue();
            }
        }
    }

    @Test
    void threeStatementsHaveThreeCures() {
        var forward = Forward.of(Heads.compiled(head));

        assertThat(AxisCures.of(head, forward, new Forward.Answer(List.of(Wrong.AXES_EXCHANGED), true, 0, 0)))
            .extracting(AxisCures.Cure::edit)
            .containsExactly(new ExchangeAxes(ExchangeAxes.What.PARTS));
        assertThat(AxisCures.of(head, forward, new Forward.Answer(List.of(Wrong.PAN_ZERO), false, 90, 0))).extracting(AxisCures.Cure::edit)
            .containsExactly(new PlacePart("Yoke", new Place(0, 0, -0.25, 0, 0, 90)));
        var reversed = AxisCures.of(head, forward, new Forward.Answer(List.of(Wrong.TILT_REVERSED), false, 0, 0));
        assertThat(reversed).extracting(AxisCures.Cure::says).containsExactly("Tilt is reversed.");
        var tilt = Heads.after(head, reversed.getFirst().edit()).modes().getFirst().channels().get(1).functions().findFirst().orElseThrow();
        assertThat(tilt.physicalFrom()).isEqualTo(127);
    }
}
