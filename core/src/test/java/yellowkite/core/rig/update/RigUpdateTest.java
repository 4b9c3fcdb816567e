package yellowkite.core.rig.update;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.PAR;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.after;
import static yellowkite.core.rig.Rigs.unit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import yellowkite.core.Choices;
import yellowkite.core.body.Place;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.DeleteAside;
import yellowkite.core.rig.edit.RestoreAside;
import yellowkite.core.rig.update.RigUpdate.Base;
import yellowkite.core.rig.update.RigUpdate.Chosen;
import yellowkite.core.rig.update.RigUpdate.Side;

class RigUpdateTest {
    /** As the scene said it, and as the rig was right after it: 1 and 2 spots, 3 a par. */
    private final Rig base = Rigs.of(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.101"), unit("3", PAR, "2.1"));

    private static List<String> told(RigUpdate update) {
        return update.changed()
            .stream()
            .map(each -> each.ours().id() + " " + each.field() + " " + each.was() + " > " + each.oursInWords() + " | "
                    + each.theirsInWords()
                    + " " + each.side())
            .toList();
    }

    private static Rig taken(Rig ours, RigUpdate update, Chosen chosen) {
        return after(ours, update.taken("'Summer.mvr'", chosen));
    }

    @Nested
    class WhoChangedWhat {
        @Test
        void nothingIsToldWhereTheFileSaysWhatTheRigHas() {
            var update = RigUpdate.of(Base.of(base), base, base.units());

            assertThat(update.changed()).isEmpty();
            assertThat(update.added()).isEmpty();
            assertThat(update.removed()).isEmpty();
            assertThat(taken(base, update, update.all(true))).isSameAs(base);
        }

        @Test
        void theirsIsTakenUnlessOursWasChangedToo() {
            var ours = base.mapUnits(List.of("2", "3"), unit -> unit.with(f -> f.name = "Mast " + unit.id()));
            var theirs = base.mapUnits(List.of("1", "2"), unit -> unit.with(f -> f.name = "Bow " + unit.id())).units();

            var update = RigUpdate.of(Base.of(base), ours, theirs);

            assertThat(told(update)).containsExactly("1 NAME Unit 1 > Unit 1 | Bow 1 THEIRS", "2 NAME Unit 2 > Mast 2 | Bow 2 BOTH",
                    "3 NAME Unit 3 > Mast 3 | Unit 3 OURS");
            assertThat(taken(ours, update, update.all(false)).units()).extracting(Unit::name).containsExactly("Bow 1", "Mast 2", "Mast 3");
            assertThat(taken(ours, update, update.all(true)).units()).extracting(Unit::name).containsExactly("Bow 1", "Bow 2", "Unit 3");
        }

        /** Another mode stands for the same words since somebody chose it here. */
        @Test
        void aFixtureThatWasReplacedHereIsOurs() {
            var ours = base.mapUnits(List.of("3"), unit -> unit.as(SPOT));

            assertThat(told(RigUpdate.of(Base.of(base), ours, base.units())))
                .containsExactly("3 FIXTURE Lumbrook Moth, Nine > Tidewick Petrel Spot, Extended | Lumbrook Moth, Nine OURS");
        }

        /** The file said "Bow" last time, and nobody took it: it has not changed since, and is not proposed again. */
        @Test
        void whatWasNotTakenThenIsOursUntilTheFileChangesItAgain() {
            var bow = base.mapUnits(List.of("1"), unit -> unit.with(f -> f.name = "Bow")).units();
            var stem = base.mapUnits(List.of("1"), unit -> unit.with(f -> f.name = "Stem")).units();
            var then = new Base(base, bow);

            assertThat(told(RigUpdate.of(then, base, bow))).containsExactly("1 NAME Unit 1 > Unit 1 | Bow OURS");
            assertThat(told(RigUpdate.of(then, base, stem))).containsExactly("1 NAME Unit 1 > Unit 1 | Stem THEIRS");
        }

        /** What was never exchanged has no side: it is asked. */
        @Test
        void withoutAnExchangeBothHaveChanged() {
            var theirs = base.mapUnits(List.of("1"), unit -> unit.with(f -> f.layer = "Floor")).units();

            assertThat(told(RigUpdate.of(Base.NONE, base, theirs))).containsExactly("1 LAYER null >  | Floor BOTH");
        }
    }

    @Nested
    class WhichUnits {
        @Test
        void aNewOneIsAddedAndOneThatIsGoneGoesAsideWithAllThatWasProgrammed() {
            var scaled = new ChannelAdjustment(false, List.of(), 0.5, 0, 1, false, null, null);
            var ours = base.mapUnits(List.of("3"), unit -> unit.with(f -> f.adjustments = Adjustments.NONE.with("Dimmer", scaled)));
            var theirs = List.of(base.units().get(0), base.units().get(1), unit("4", PAR, "2.20"));

            var update = RigUpdate.of(Base.of(base), ours, theirs);

            assertThat(update.added()).extracting(RigUpdate.Coming::side).containsExactly(Side.THEIRS);
            assertThat(update.removed()).extracting(RigUpdate.Going::side).containsExactly(Side.BOTH);
            var now = taken(ours, update, update.all(true));
            assertThat(Rigs.addresses(now)).containsExactly("1 1.1", "2 1.101", "4 2.20");
            assertThat(now.aside()).containsExactly(ours.units().get(2));
            assertThat(after(now, new RestoreAside(List.of("3"))).units()).contains(ours.units().get(2));
            assertThat(after(now, new DeleteAside(List.of("3"))).aside()).isEmpty();
        }

        @Test
        void oneThatWasAddedHereStaysAndOneThatWasRemovedHereIsNotBroughtBack() {
            var ours = Rigs.of(base.units().get(0), base.units().get(1), unit("9", PAR, "3.1"));

            var update = RigUpdate.of(Base.of(base), ours, base.units());

            assertThat(update.removed()).isEmpty();
            assertThat(update.added()).extracting(each -> each.unit().id() + " " + each.side()).containsExactly("3 OURS");
            assertThat(taken(ours, update, update.all(false))).isSameAs(ours);
        }

        @Test
        void oneThatWasLeftOutThenIsNotNewNow() {
            var theirs = new ArrayList<>(base.units());
            theirs.add(unit("4", PAR, "2.20"));

            var update = RigUpdate.of(new Base(base, theirs), base, theirs);

            assertThat(update.added()).extracting(RigUpdate.Coming::side).containsExactly(Side.OURS);
        }

        @Test
        void oneThatComesBackHasWhatWasProgrammedOnIt() {
            var set = base.withUnits(base.units().subList(0, 2))
                .withAside(List.of(base.units().get(2).with(f -> f.colour = "teal")));

            var update = RigUpdate.of(Base.of(base), set, base.mapUnits(List.of("3"), unit -> unit.with(f -> f.name = "Stern")).units());
            var now = taken(set, update, update.all(false));

            assertThat(now.aside()).isEmpty();
            assertThat(now.units().getLast().colour()).isEqualTo("teal");
            assertThat(now.units().getLast().name()).isEqualTo("Stern");
        }

        @Test
        void whatOnlyItsIdKnowsKeepsOurUuid() {
            var theirs = base.mapUnits(List.of("1"), unit -> unit.with(f -> {
                f.uuid = "new";
                f.name = "Bow";
            })).units();

            var update = RigUpdate.of(Base.of(base), base, theirs);

            assertThat(update.byUuid()).isEqualTo(2);
            assertThat(taken(base, update, update.all(false)).find("1").orElseThrow().name()).isEqualTo("Bow");
        }

        @Test
        void aFileOfAnotherShowIsKnownByNobodysUuid() {
            var other = List.of(unit("1", SPOT, f -> f.uuid = "a", "1.1"), unit("70", PAR, f -> f.uuid = "b", "2.1"));

            assertThat(RigUpdate.of(Base.of(base), base, other).isOfAnother()).isTrue();
            assertThat(RigUpdate.of(Base.of(base), base, base.units()).isOfAnother()).isFalse();
        }

        /** Somebody drew a second 3: the one that is known keeps its number, and the new one is new. */
        @Test
        void anIdThatTheFileHasTwiceStaysWithTheUnitThatIsKnown() {
            var theirs = List.of(unit("3", PAR, f -> f.uuid = "drawn", "3.1"), base.units().get(0), base.units().get(1),
                    base.units().get(2));

            var update = RigUpdate.of(Base.of(base), base, theirs);

            assertThat(told(update)).isEmpty();
            assertThat(update.added()).extracting(RigUpdate.Coming::side).containsExactly(Side.THEIRS);
            assertThat(Rigs.addresses(taken(base, update, update.all(false)))).containsExactly("1 1.1", "2 1.101", "3 2.1", "4 3.1");
        }

        @Test
        void anIdThatIsTakenHereGoesOnToTheNextNumber() {
            var ours = base.mapUnits(List.of("1"), unit -> unit.with(f -> f.id = "4"));
            var theirs = new ArrayList<>(base.units());
            theirs.add(unit("4", PAR, f -> f.uuid = "four", "2.20"));

            var update = RigUpdate.of(Base.of(base), ours, theirs);
            var now = taken(ours, update, update.all(false));

            assertThat(now.units()).extracting(Unit::id).containsExactly("4", "2", "3", "5");
        }
    }

    @Nested
    class Geometry {
        @Test
        void followsTheFileQuietlyUnlessItWasMovedHere() {
            var ours = base.mapUnits(List.of("2"), unit -> unit.with(f -> f.place = new Place(9, 9, 9)));
            var theirs = base.mapUnits(List.of("1", "2"), unit -> unit.with(f -> f.place = new Place(1, 2, 3))).units();

            var update = RigUpdate.of(Base.of(base), ours, theirs);

            assertThat(told(update)).containsExactly("2 PLACE  > 9, 9, 9 | 1, 2, 3 BOTH");
            assertThat(taken(ours, update, new Chosen(Set.of(), Set.of(), Map.of())).find("1").orElseThrow().place())
                .isEqualTo(new Place(1, 2, 3));
        }
    }

    /** Of adjustments a scene says no more than that pan and tilt are inverted. */
    @Test
    void anInversionIsTakenAndNothingElseThatWasProgrammedIsLost() {
        var own = new ChannelAdjustment(false, List.of(), 1, 0.25, 0.75, false, null, null);
        var ours = base.mapUnits(List.of("1"), unit -> unit.with(f -> f.adjustments = Adjustments.NONE.with("Pan", own)));
        var theirs = base.mapUnits(List.of("1"),
                unit -> unit.with(f -> f.adjustments = Adjustments.NONE.with("Pan", ChannelAdjustment.NONE.withInvert(true))))
            .units();

        var update = RigUpdate.of(Base.of(base), ours, theirs);

        assertThat(taken(ours, update, update.all(false)).units().getFirst().adjustments().channels()).containsEntry("Pan",
                own.withInvert(true));
    }

    /** 40 addresses where there were 9: it keeps its place, and is as large as it is. */
    @Test
    void anAddressIsAsLargeAsTheFixtureThatIsTakenWithIt() {
        var wide = Found.chosen("wide", "Lumbrook", "Moth", "Wide", new TreeMap<>(Map.of(1, 40)));
        var theirs = base.mapUnits(List.of("3"), unit -> unit.as(wide).with(f -> f.asked = Asked.of("Lumbrook", "Moth", "Wide", null)))
            .units();

        var update = RigUpdate.of(Base.of(base), base, theirs);

        assertThat(told(update)).containsExactly("3 FIXTURE Lumbrook Moth, Nine > Lumbrook Moth, Nine | Lumbrook Moth, Wide THEIRS");
        assertThat(taken(base, update, update.all(false)).units().getLast().addresses().getFirst().to()).isEqualTo(40);
    }

    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(160);
    }

    private static Unit any(int number, Random random) {
        var found = random.nextInt(2) == 0 ? SPOT : PAR;
        return unit(String.valueOf(number), found, f -> {
            f.uuid = "uuid " + number;
            f.name = "Unit " + random.nextInt(3);
            f.layer = "Layer " + random.nextInt(2);
            f.groups = List.of("Group " + random.nextInt(2));
            f.position = random.nextInt(2) == 0 ? null : "Mast";
            f.number = random.nextInt(2) == 0 ? null : random.nextInt(4);
            f.unitClass = random.nextInt(2) == 0 ? null : "Spare";
            f.place = random.nextInt(2) == 0 ? null : new Place(random.nextInt(3), 0, 1);
            f.note = random.nextInt(2) == 0 ? "" : "Lens";
            f.adjustments = Adjustments.NONE.with("Tilt", ChannelAdjustment.NONE.withInvert(random.nextInt(2) == 0));
        }, (1 + random.nextInt(3)) + "." + (1 + random.nextInt(400)));
    }

    private static Rig some(Random random) {
        var units = new ArrayList<Unit>();
        for (int number = 1; number <= 12; number++) {
            if (random.nextInt(3) > 0) {
                units.add(any(number, random));
            }
        }
        return Rig.EMPTY.withUnits(units);
    }

    /** Whatever the two are: what a file says, taken whole, is what the rig has then. */
    @Property(tries = 300)
    void whatIsTakenWholeGivesWhatTheFileSays(@ForAll("choices") Random random) {
        var older = some(random);
        var newer = some(random);

        var update = RigUpdate.of(Base.of(older), older, newer.units());
        var now = taken(older, update, update.all(true));
        assertThat(RigUpdate.of(Base.of(newer), newer, newer.units()).taken("", update.all(true)).applyTo(newer)).as("nothing of itself")
            .isEqualTo(new Outcome.Applied<>(newer));

        assertThat(now.units()).containsExactlyInAnyOrderElementsOf(newer.units());
        assertThat(now.aside()).hasSize(update.removed().size());
    }

    /** Whatever was done here: taking what nobody has changed here changes nothing of what was. */
    @Property(tries = 300)
    void whatWasChangedHereStaysUnlessItIsAskedFor(@ForAll("choices") Random random) {
        var older = some(random);
        var ours = older.mapUnits(older.units().stream().map(Unit::uuid).filter(none -> random.nextInt(2) == 0).toList(),
                unit -> unit.with(f -> {
                    f.name = "Ours";
                    f.adjustments = f.adjustments.with("Dimmer",
                            new ChannelAdjustment(true, List.of(), 0.5, 0, 1, false, null, null));
                }));

        var update = RigUpdate.of(Base.of(older), ours, some(random).units());
        var now = taken(ours, update, update.all(false));

        ours.units().stream().filter(unit -> unit.name().equals("Ours")).forEach(unit -> {
            var is = now.find(unit.uuid()).orElseThrow(); // changed here, so that it does not go aside by itself
            assertThat(is.name()).isEqualTo("Ours");
            assertThat(is.adjustments().channels().get("Dimmer")).isEqualTo(unit.adjustments().channels().get("Dimmer"));
        });
    }
}
