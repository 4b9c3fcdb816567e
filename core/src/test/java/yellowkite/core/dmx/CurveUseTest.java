package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.curve.Curve;
import yellowkite.core.curve.Shelf;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.LayCurve;
import yellowkite.core.edit.PutCurve;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

class CurveUseTest {
    private static FixtureType after(FixtureType type, Edit edit) {
        return ((Outcome.Applied<FixtureType>) edit.applyTo(type)).after();
    }

    /** By hand: a quarter of 255 is 64 of 255, through the square law 0.062991, of 1000 cd. */
    @Test
    void tellsWhatAnotherCurveWouldChange() {
        var plain = ProfileBuilder.profile("T", "T")
            .attribute("Dimmer", "Dimmer", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .body(part(Kind.Beam, "B"))
            .mode("M", "B", mode -> mode.channel("Dimmer", "B", at(1), c -> c.function("Level", 0, f -> f.physical(0, 1_000))))
            .build();
        var function = plain.modes().getFirst().channels().getFirst().functions().findFirst().orElseThrow();
        var put = after(plain, new PutCurve("Ours", Shelf.SQUARE.pieces(0).stream().map(PutCurve.Piece::of).toList()));
        var laid = after(put, new LayCurve(function.id(), "Ours"));

        var uses = CurveUse.of(laid, "Ours");

        assertThat(CurveUse.of(put, "Ours")).isEmpty();
        assertThat(uses).extracting(use -> use.mode().name() + " " + use.channel().name() + " " + use.span().name())
            .containsExactly("M B_Dimmer Level");
        assertThat(CurveUse.with(put, "Ours", function.id())).hasSize(1);
        var changes = uses.getFirst().through(new Curve(List.of()));
        assertThat(changes).extracting(CurveUse.Change::raw).containsExactly(64L, 128L, 191L);
        assertThat(changes.getFirst().before()).isCloseTo(62.991, within(0.001));
        assertThat(changes.getFirst().after()).isCloseTo(250.980, within(0.001));
    }
}
