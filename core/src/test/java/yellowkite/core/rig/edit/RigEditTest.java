package yellowkite.core.rig.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.rig.Rigs.BATTEN;
import static yellowkite.core.rig.Rigs.PAR;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.addresses;
import static yellowkite.core.rig.Rigs.after;
import static yellowkite.core.rig.Rigs.refused;
import static yellowkite.core.rig.Rigs.unit;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.Place;
import yellowkite.core.history.Meanwhile;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;
import yellowkite.core.rig.edit.Describe.Column;
import yellowkite.core.rig.edit.PutCells.Cell;

class RigEditTest {
    private static final String SEED = "00000000-0000-0000-0000-000000000001";
    private final Rig rig = Rigs.of(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.23"), unit("3", PAR, "2.1"), unit("4", PAR));

    private static AddUnits add(Found fixture, int count, String at, String id, String name) {
        return new AddUnits(SEED, fixture, count, at, id, name, "", List.of(), null, null, false);
    }

    @Nested
    class Adding {
        @Test
        void countsIdsAndNamesOnAndCrossesNoUniverse() {
            var after = after(rig, add(SPOT, 3, "3.480", "201", "Rail 1"));

            assertThat(addresses(after)).endsWith("201 3.480", "202 4.1", "203 4.23").startsWith("1 1.1");
        }

        @Test
        void proposesTheNextIdTheModelsNameAndTheFirstGaps() {
            var after = after(rig, add(PAR, 2, null, null, null));

            assertThat(after.units().subList(4, 6)).extracting(unit -> unit.id() + " " + unit.name() + " " + unit.addressWords())
                .containsExactly("5 Moth 1 1.45", "6 Moth 2 1.54");
        }

        @Test
        void aNumberOfTheModelIsNotCountedOn() {
            assertThat(after(rig, add(BATTEN, 2, "3.1", null, null)).units().subList(4, 6)).extracting(Unit::name)
                .containsExactly("Reedline 10, 1", "Reedline 10, 2");
        }

        @Test
        void eachBreakHasItsPlace() {
            assertThat(addresses(after(rig, add(BATTEN, 1, "3.1", null, null)))).endsWith("5 break 1: 3.1, break 2: 3.5");
        }

        @Test
        void aCollisionIsRefusedWithBothUnitsAndTheNextFreePlace() {
            var why = refused(rig, add(SPOT, 1, "1.40", "9", "New"));

            assertThat(why.field()).isEqualTo("at");
            assertThat(why.reason())
                .isEqualTo("Units 2 (Unit 2) and 9 (New) collide on addresses 1.40 to 1.44. The next free place is 1.45.");
        }

        @Test
        void sharingOnPurposeIsAllowedAndMarked() {
            var shared = new AddUnits(SEED, PAR, 2, "2.1", "9", null, "", List.of(), null, "3", true);

            var after = after(rig, shared);

            assertThat(Collisions.of(after.units())).allMatch(Collisions.Collision::meant);
            assertThat(after.units().getLast().hangsOn()).isEqualTo("3");
        }

        @Test
        void refusesWhatCannotBe() {
            assertThat(refused(rig, add(SPOT, 0, null, null, null)).reason()).isEqualTo("At once 1 to 5000 units are added, not 0.");
            assertThat(refused(rig, add(SPOT, 100_000, null, null, null)).field()).isEqualTo("count");
            assertThat(refused(rig, add(SPOT, 2, "5.1", "1", null)).reason()).isEqualTo("There is a unit 1 already.");
            assertThat(refused(rig, add(SPOT, 1, "1.513", null, null)).reason())
                .isEqualTo("Address 513 does not exist: a universe has addresses 1 to 512.");
            assertThat(refused(rig, add(SPOT, 1, "64000.1", null, null)).field()).isEqualTo("at");
        }

        @Test
        void theSameEditMakesTheSameUnits() {
            assertThat(after(rig, add(SPOT, 2, null, null, null))).isEqualTo(after(rig, add(SPOT, 2, null, null, null)));
        }

        @Test
        void saysWhatItDoes() {
            assertThat(add(SPOT, 8, "2.1", null, null).describe(rig)).isEqualTo("8 x Tidewick Petrel Spot, Extended added from 2.1");
        }
    }

    @Nested
    class Addressing {
        @Test
        void aUnitIsPutAnywhereThatExists() {
            assertThat(addresses(after(rig, new PutUnit("3", null, "1.10")))).contains("3 1.10");
            assertThat(addresses(after(rig, new PutUnit("4", null, "515")))).contains("4 2.3");
            assertThat(refused(rig, new PutUnit("1", null, "1.500")).reason())
                .isEqualTo("Unit 1 (Unit 1) takes 22 addresses; from 1.500 it would run over the end of universe 1.");
            assertThat(refused(rig, new PutUnit("1", null, "2.")).field()).isEqualTo("to");
        }

        @Test
        void oneBreakMovesAlone() {
            var batten = Rigs.of(unit("7", BATTEN, "1.1", "2.1"));

            assertThat(addresses(after(batten, new PutUnit("7", 2, "3.100")))).containsExactly("7 break 1: 1.1, break 2: 3.100");
            assertThat(refused(batten, new PutUnit("7", 3, "3.100")).reason()).isEqualTo("Unit 7 (Unit 7) has no break 3.");
        }

        @Test
        void aSelectionKeepsItsDistances() {
            assertThat(addresses(after(rig, new ShiftUnits(List.of("1", "2"), 2, 10)))).startsWith("1 3.11", "2 3.33");
            assertThat(refused(rig, new ShiftUnits(List.of("1", "2"), 0, -1)).reason())
                .isEqualTo("Address 0 does not exist: a universe has addresses 1 to 512.");
            assertThat(refused(rig, new ShiftUnits(List.of("2"), 0, 480)).reason())
                .isEqualTo("From 1.503 it would run over the end of universe 1.");
        }

        @Test
        void accessoriesMoveAlong() {
            var hung = after(rig, new HangOn(List.of("3"), "1"));

            assertThat(addresses(after(hung, new ShiftUnits(List.of("1"), 1, 0)))).containsExactly("1 2.1", "2 1.23", "3 3.1",
                    "4 no address");
        }

        @Test
        void unitsAreAddressedStraightThroughInTheOrderOfTheSelection() {
            assertThat(addresses(after(rig, new Readdress(List.of("3", "1", "4"), "2.490", false)))).containsExactly("1 3.1", "2 1.23",
                    "3 2.490", "4 3.23");
        }

        @Test
        void orAroundThoseThatStay() {
            assertThat(addresses(after(rig, new Readdress(List.of("3", "4"), "1.1", true)))).endsWith("3 1.45", "4 1.54");
        }

        @Test
        void orWithTheirGapsKept() {
            assertThat(addresses(after(rig, new MoveUnits(List.of("2", "1"), "5.11")))).containsExactly("1 5.11", "2 5.33",
                    "3 2.1", "4 no address");
            assertThat(refused(rig, new MoveUnits(List.of("4"), "5.11")).reason()).isEqualTo("None of these units has an address.");
            assertThat(refused(rig, new MoveUnits(List.of("1", "2"), "5.480")).reason())
                .isEqualTo("From 5.502 it would run over the end of universe 5.");
        }

        @Test
        void addressesAreTakenAway() {
            assertThat(addresses(after(rig, new Unaddress(List.of("1", "3"))))).containsExactly("1 no address", "2 1.23", "3 no address",
                    "4 no address");
        }

        @Test
        void sharingJoinsThoseWhoShareAlready() {
            var shared = after(rig, new ShareAddresses(List.of("1", "2"), true), new ShareAddresses(List.of("2", "3"), true));

            assertThat(shared.units()).extracting(Unit::sharedAs).containsExactly("1", "1", "1", "");
            assertThat(after(shared, new ShareAddresses(List.of("1"), false)).units()).extracting(Unit::sharedAs)
                .containsExactly("", "1", "1",
                        "");
        }
    }

    @Nested
    class Hanging {
        @Test
        void aPlaceInTheRoomIsTyped() {
            var after = after(rig, new Describe(List.of("1", "2"), Column.PLACE, "1.5, 0, 6; 0, 0, 90", false),
                    new Describe(List.of("2"), Column.PLACE, "", false));

            assertThat(after.units()).extracting(Unit::place).containsExactly(new Place(1.5, 0, 6, 0, 0, 90), null, null, null);
            assertThat(refused(rig, new Describe(List.of("1"), Column.PLACE, "up there", false)).reason())
                .startsWith("'up there' is no place.");
        }
    }

    @Nested
    class Pasting {
        private static final List<Cell> COLUMNS = List.of(Cell.ID, Cell.NAME, Cell.ADDRESS);

        @Test
        void aBlockOfCellsIsSaidAtOnce() {
            var after = after(rig, new PutCells(List.of("1", "2"), COLUMNS, List.of(List.of("2", "Left", "3.1"), List.of("1", "", ""))));

            assertThat(addresses(after)).containsExactly("2 3.1", "1 no address", "3 2.1", "4 no address");
            assertThat(after.units()).extracting(Unit::name).containsExactly("Left", "", "Unit 3", "Unit 4");
        }

        @Test
        void aRowThatEndsEarlyLeavesTheRest() {
            assertThat(addresses(after(rig, new PutCells(List.of("1"), COLUMNS, List.of(List.of("11")))))).contains("11 1.1");
        }

        @Test
        void whatDoesNotFitIsToldWithItsRowAndNothingChanges() {
            assertThat(refused(rig, new PutCells(List.of("1", "2"), COLUMNS, List.of(List.of("8"), List.of("9", "x", "0")))).reason())
                .isEqualTo("Row 2 (unit 2): Address 0 does not exist: addresses begin at 1.");
            assertThat(refused(rig, new PutCells(List.of("1"), COLUMNS, List.of(List.of("3")))).reason())
                .isEqualTo("There would be two units 3.");
            assertThat(refused(rig, new PutCells(List.of("1"), COLUMNS, List.of(List.of("")))).reason())
                .isEqualTo("Row 1 (unit 1): A unit needs an id, such as 201.");
            assertThat(refused(rig, new PutCells(List.of("4"), List.of(Cell.NUMBER), List.of(List.of("7"), List.of("8")))).reason())
                .isEqualTo("There are 2 rows to paste and 1 unit from here on.");
            assertThat(refused(rig, new PutCells(List.of("4"), List.of(Cell.NUMBER), List.of(List.of("7", "8")))).reason())
                .isEqualTo("There are 2 columns to paste and 1 from here on.");
        }
    }

    @Nested
    class Describing {
        @Test
        void aColumnIsFilledOverASelection() {
            var after = after(rig, new Describe(List.of("2", "1"), Column.NAME, "Rail 5", true),
                    new Describe(List.of("3", "4"), Column.GROUPS, "Warm, Front", false),
                    new Describe(List.of("1", "2", "3"), Column.NUMBER, "7", true));

            assertThat(after.units()).extracting(Unit::name).containsExactly("Rail 6", "Rail 5", "Unit 3", "Unit 4");
            assertThat(after.units()).extracting(Unit::groups)
                .containsExactly(List.of(), List.of(), List.of("Warm", "Front"),
                        List.of("Warm", "Front"));
            assertThat(after.units()).extracting(Unit::number).containsExactly(7, 8, 9, null);
        }

        @Test
        void everyColumnSaysItsOwn() {
            var all = List.of("1");
            var unit = after(rig, new Describe(all, Column.LAYER, "Floor", false), new Describe(all, Column.POSITION, "Rail 2", false),
                    new Describe(all, Column.UNIT_CLASS, "Spots", false), new Describe(all, Column.NOTE, "lens is new", false),
                    new Describe(all, Column.COLOUR, "teal", false), new Describe(all, Column.DIP_OFFSET, "1", false))
                .units()
                .getFirst();

            assertThat(List.of(unit.layer(), unit.position(), unit.unitClass(), unit.note(), unit.colour(), unit.dipOffset()))
                .containsExactly("Floor", "Rail 2", "Spots", "lens is new", "teal", 1);
            assertThat(after(rig, new Describe(all, Column.POSITION, " ", false)).units().getFirst().position()).isNull();
        }

        @Test
        void aNumberIsANumber() {
            assertThat(refused(rig, new Describe(List.of("1"), Column.NUMBER, "x", false)).reason())
                .isEqualTo("The unit number is a whole number; 'x' is none.");
        }

        @Test
        void idsAreRenumberedAndStayUnique() {
            assertThat(addresses(after(rig, new Renumber(List.of("2", "1"), "101")))).startsWith("102 1.1", "101 1.23");
            assertThat(addresses(after(rig, new Unaddress(List.of("3")), new Renumber(List.of("2", "1"), "1")))).as("among themselves")
                .startsWith("2 1.1", "1 1.23");
        }

        @Test
        void anIdThatAnotherHasIsRefused() {
            assertThat(refused(rig, new Renumber(List.of("1"), "4")).reason()).isEqualTo("There is a unit 4 already.");
            assertThat(refused(rig, new Renumber(List.of("1"), " ")).reason()).isEqualTo("A unit needs an id, such as 201.");
        }

        @Test
        void marksThatNobodySeesAreRefused() {
            assertThat(refused(rig, new Describe(List.of("1"), Column.NAME, "Rail\u202E1", false)).reason())
                .isEqualTo("This stands in one line: it cannot hold breaks, nor marks that nobody sees.");
            assertThat(refused(rig, new Describe(List.of("1"), Column.NAME, "Rail\n1", false)).field()).isEqualTo("to");
            assertThat(after(rig, new Describe(List.of("1"), Column.NOTE, "Rail\n1", false)).units().getFirst().note())
                .isEqualTo("Rail\n1");
            assertThat(refused(rig, new Describe(List.of("1"), Column.NOTE, "x".repeat(10_001), false)).field()).isEqualTo("to");
        }

        @Test
        void theRigHasItsFacts() {
            var facts = new SetRigFacts("Winter", "Mooring", LocalDate.of(2026, 12, 1), LocalDate.of(2027, 2, 1), "by the quay", 4);

            var after = after(rig, facts,
                    new PutUniverse(new UniverseFacts(2, "Floor", "Deck", new Output(Output.Kind.ART_NET, "1"), "teal")));

            assertThat(after.name() + after.production() + after.from() + after.console()).isEqualTo("WinterMooring2026-12-014");
            assertThat(after.universes()).extracting(UniverseFacts::name).containsExactly("Floor");
            assertThat(after(after, new PutUniverse(new UniverseFacts(2, "", "", Output.NONE, ""))).universes()).isEmpty();
            assertThat(refused(rig, new SetRigFacts("W", "", LocalDate.of(2027, 1, 1), LocalDate.of(2026, 1, 1), "", null)).reason())
                .isEqualTo("It ends on 2026-01-01, before it begins on 2027-01-01.");
            assertThat(refused(rig, new PutUniverse(new UniverseFacts(64_000, "", "", Output.NONE, ""))).field()).isEqualTo("universe");
        }
    }

    @Nested
    class Replacing {
        private static final Found COMPACT = Found.chosen("spot", "Tidewick", "Petrel Spot", "Compact", new TreeMap<>(Map.of(1, 14)));
        private static final Found LARGE = Found.chosen("spot", "Tidewick", "Petrel Spot", "Large", new TreeMap<>(Map.of(1, 30)));

        @Test
        void aSmallerModeKeepsIdsNamesAndAddresses() {
            var after = after(rig, new ReplaceFixture(List.of("1", "2"), COMPACT));

            assertThat(addresses(after)).startsWith("1 1.1", "2 1.23");
            assertThat(after.units().getFirst().addresses().getFirst().footprint()).isEqualTo(14);
            assertThat(after.units().getFirst().found()).isEqualTo(COMPACT);
        }

        @Test
        void aLargerOneKeepsItsAddressWhereThereIsRoom() {
            assertThat(addresses(after(rig, new ReplaceFixture(List.of("1", "2"), LARGE)))).startsWith("1 1.1", "2 no address");
            assertThat(addresses(after(rig, new ReplaceFixture(List.of("2"), LARGE)))).startsWith("1 1.1", "2 1.23");
        }

        @Test
        void adjustmentsStay() {
            var inverted = after(rig, new AdjustChannel(List.of("1"), "Pan", ChannelAdjustment.NONE.withInvert(true)));

            assertThat(after(inverted, new ReplaceFixture(List.of("1"), COMPACT)).units().getFirst().adjustments().of("", "Pan").invert())
                .isTrue();
        }
    }

    @Nested
    class Removing {
        @Test
        void whatHangsOnAUnitGoesWithIt() {
            var hung = after(rig, new HangOn(List.of("3"), "2"), new HangOn(List.of("4"), "3"));

            assertThat(after(hung, new RemoveUnits(List.of("2"))).units()).extracting(Unit::id).containsExactly("1");
        }

        @Test
        void nothingHangsOnItself() {
            var hung = after(rig, new HangOn(List.of("3"), "2"));

            assertThat(refused(hung, new HangOn(List.of("2"), "3")).reason())
                .isEqualTo("A unit cannot hang on itself, nor on what hangs on it.");
        }

        @Test
        void whatIsGoneIsTold() {
            assertThat(refused(rig, new RemoveUnits(List.of("77"))).reason())
                .isEqualTo("A unit is not in this rig any more; someone may have removed it.");
            assertThat(refused(rig, new RemoveUnits(List.of())).reason()).isEqualTo("Select a unit first.");
        }
    }

    @Nested
    class TwoPeople {
        private Meanwhile<Rig> meanwhile(RigEdit theirs, RigEdit mine) {
            return Meanwhile.of(rig, after(rig, theirs), mine, RigPlaces.ALL);
        }

        @Test
        void editsOfDifferentUnitsStandBesideEachOther() {
            assertThat(meanwhile(new PutUnit("1", null, "5.1"), new PutUnit("2", null, "5.100")))
                .isInstanceOfSatisfying(Meanwhile.Free.class, free -> assertThat(addresses(((Outcome.Applied<Rig>) free.outcome()).after()))
                    .startsWith("1 5.1", "2 5.100"));
        }

        @Test
        void soDoEditsOfDifferentFieldsOfOne() {
            assertThat(meanwhile(new PutUnit("1", null, "5.1"), new Describe(List.of("1"), Column.NAME, "Rail", false)))
                .isInstanceOf(Meanwhile.Free.class);
        }

        @Test
        void ofTheSameFieldTheSecondIsTold() {
            assertThat(meanwhile(new PutUnit("1", null, "5.1"), new PutUnit("1", null, "6.1")))
                .isEqualTo(new Meanwhile.Conflict<>(List.of("the address of unit 1")));
            assertThat(meanwhile(new RemoveUnits(List.of("1")), new AdjustChannel(List.of("1"), "Pan",
                    ChannelAdjustment.NONE.withInvert(true))))
                .isEqualTo(new Meanwhile.Conflict<>(List.of("the adjustments of unit 1")));
        }
    }

    @Test
    void curesResolveACollision() {
        var crowded = Rigs.of(unit("1", SPOT, "1.1"), unit("2", SPOT, "1.17"), unit("3", PAR, "1.100"));
        var collision = Collisions.of(crowded.units()).getFirst();

        var cures = Cures.of(crowded, collision);

        assertThat(cures).extracting(Cures.Cure::says)
            .containsExactly("Move 2 behind 1, to 1.23", "Move 2 to another universe, 2.1", "They share the address on purpose",
                    "Leave 2 without an address");
        assertThat(cures)
            .allSatisfy(cure -> assertThat(Collisions.of(after(crowded, cure.edit()).units())).allMatch(Collisions.Collision::meant));
    }

    @Test
    void whereThereIsNoRoomBehindTheFirstGapIsProposed() {
        var crowded = Rigs.of(unit("1", SPOT, "1.10"), unit("2", SPOT, "1.17"), unit("3", PAR, "1.35"));

        assertThat(Cures.of(crowded, Collisions.of(crowded.units()).getFirst())).extracting(Cures.Cure::says)
            .startsWith("Move 2 to the first gap that fits, 1.44", "Move 2 to another universe, 2.1");
    }

    @Test
    void copiesGoToTheNextFreeAddressesAndCountOn() {
        var hung = after(rig, new HangOn(List.of("3"), "1"),
                new AdjustChannel(List.of("1"), "Pan", ChannelAdjustment.NONE.withInvert(true)));

        var after = after(hung, new CopyUnits(SEED, List.of("1", "3", "4")));

        assertThat(addresses(after)).endsWith("5 1.45", "6 1.67", "7 no address");
        assertThat(after.units().subList(4, 7)).extracting(Unit::name).containsExactly("Unit 5", "Unit 6", "Unit 7");
        assertThat(after.units().get(4).adjustments().of("", "Pan").invert()).isTrue();
        assertThat(after.units().get(5).hangsOn()).isEqualTo(after.units().get(4).uuid());
        assertThat(Collisions.of(after.units())).isEmpty();
        assertThat(refused(rig, new CopyUnits(SEED, List.of("77"))).field()).isEqualTo("units");
    }

    @Test
    void wholeUnitsAreTakenIfTheirIdsAreFreeAndTheirTextsShort() {
        var fresh = unit("9", PAR, "5.1");

        assertThat(addresses(after(rig, new TakeUnits("tour.csv", List.of(fresh))))).endsWith("9 5.1");
        assertThat(refused(rig, new TakeUnits("tour.csv", List.of(unit("1", PAR)))).reason()).isEqualTo("There would be two units 1.");
        assertThat(refused(rig, new TakeUnits("tour.csv", List.of(fresh.with(f -> f.layer = "x".repeat(201))))).reason())
            .isEqualTo("This text has at most 200 characters; it has 201.");
        assertThat(new TakeUnits("tour.csv", List.of(fresh)).describe(rig)).isEqualTo("1 unit from tour.csv");
    }

    @Test
    void severalCountAsOne() {
        var both = new SeveralRigEdits(List.of(new Unaddress(List.of("1")), new PutUnit("2", null, "1.1")));

        assertThat(addresses(after(rig, both))).startsWith("1 no address", "2 1.1");
        assertThat(refused(rig, new SeveralRigEdits(List.of(new Unaddress(List.of("1")), new Unaddress(List.of("77"))))).field())
            .isEqualTo("units");
    }

    @Test
    void whatAUnitDoesAsAWholeLeavesItsChannelsAlone() {
        var inverted = after(rig, new AdjustChannel(List.of("1"), "Pan", ChannelAdjustment.NONE.withInvert(true)));

        var after = after(inverted, new AdjustUnits(List.of("1", "2"), true, true, 0.1, false));

        assertThat(after.units()).extracting(unit -> unit.adjustments().swapPanTilt()).containsExactly(true, true, false, false);
        assertThat(after.units().getFirst().adjustments().of("", "Pan").invert()).isTrue();
        assertThat(refused(rig, new AdjustUnits(List.of("1"), false, false, 1.5, false)).reason())
            .isEqualTo("The warm-up level is from 0 to 100 %.");
    }

    @Test
    void adjustmentsAreLaidOntoASelection() {
        var path = new Adjustments(true, false, 0.1, false, Map.of("Tilt", ChannelAdjustment.NONE.withInvert(true)));

        var after = after(rig, new SetAdjustments(List.of("1", "2"), path));

        assertThat(after.units()).extracting(Unit::adjustments).containsExactly(path, path, Adjustments.NONE, Adjustments.NONE);
        assertThat(
                after(after, new AdjustChannel(List.of("1"), "Tilt", ChannelAdjustment.NONE)).units().getFirst().adjustments().channels())
            .as("what does as the profile says is not kept")
            .isEmpty();
    }
}
