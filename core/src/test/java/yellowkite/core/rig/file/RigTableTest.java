package yellowkite.core.rig.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static yellowkite.core.rig.Rigs.BATTEN;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.unit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.archive.FormatException;
import yellowkite.core.body.Place;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.Unit;
import yellowkite.core.text.Delimited;

class RigTableTest {
    private static RigTable.Reading read(String... lines) {
        return RigTable.read(Delimited.rows(String.join("\n", lines)));
    }

    private static List<String> addresses(RigTable.Reading reading) {
        return reading.units().stream().map(unit -> unit.id() + " " + unit.addressWords()).toList();
    }

    @Test
    void whatWeWriteWeReadBack() {
        var rig = Rigs.of(unit("101", SPOT, f -> {
            f.layer = "Floor";
            f.groups = List.of("Warm", "Front");
            f.position = "Rail, left";
            f.number = 7;
            f.unitClass = "Spots";
            f.note = "lens \"new\"";
            f.colour = "teal";
            f.dipOffset = 1;
            f.place = new Place(1.5, -2, 0.25, 0, 90, 0);
            f.adjustments = f.adjustments.with("Pan", ChannelAdjustment.NONE.withInvert(true));
            f.hangsOn = "102";
            f.sharedAs = "x";
        }, "2.17"), unit("102", BATTEN, "3.1", "4.100"), unit("103", SPOT));

        var read = RigTable.read(RigTable.write(rig));

        assertThat(read.doubts()).isEmpty();
        assertThat(read.units().stream().map(each -> each.as(rig.find(each.uuid()).map(Unit::found).orElse(Found.NOTHING))).toList())
            .usingRecursiveComparison()
            .ignoringFields("asked.footprint")
            .isEqualTo(rig.units());
    }

    @Test
    void sheetsOfOthersAreKnownByTheirWords() {
        var read = read("Made for the summer tour;;;;;", ";;;;;", "Fixture ID;Label;Instrument Type;Personality;DMX Channels;Patch",
                "201;Rail 1;Petrel Spot;Extended;22;2.1", ";;;;;", "202;Rail 2;Petrel Spot;Extended;22;2/23",
                "203;Rail 3;Moth;Nine;9;1069");

        assertThat(addresses(read)).containsExactly("201 2.1", "202 2.23", "203 3.45");
        assertThat(read.units().getFirst().asked().model()).isEqualTo("Petrel Spot");
        assertThat(read.units().getFirst().addresses().getFirst().to()).isEqualTo(22);
        assertThat(read.columns()).containsEntry("Instrument Type", "Model").containsEntry("Patch", "Address");
    }

    @Test
    void anAddressMayStandInTwoColumns() {
        assertThat(addresses(read("id,universe,address", "1,3,17", "2,3.0,512", "3,2,2.40", "4,,", "5,,-"))).containsExactly("1 3.17",
                "2 3.512", "3 2.40", "4 no address", "5 no address");
    }

    @Test
    void columnsThatDisagreeAreToldAndTheUnitStaysWithoutAddress() {
        var read = read("id,universe,address", "1,2,3.1", "2,1,600", "3,1,0");

        assertThat(addresses(read)).containsExactly("1 no address", "2 no address", "3 no address");
        assertThat(read.doubts()).extracting(each -> each.place() + ": " + each.says())
            .containsExactly("row 2: Its columns disagree: universe 2, but address 3.1. The unit is left without an address.",
                    "row 3: Its columns disagree: universe 1, but address 600. The unit is left without an address.",
                    "row 4: Address 0 does not exist: a universe has addresses 1 to 512. The unit is left without an address.");
    }

    @Test
    void aColumnOfAddressesIsKnownByWhatStandsInIt() {
        assertThat(addresses(read("unit\tlabel\twhere", "1\tA\t2.1", "2\tB\t2/30"))).containsExactly("1 2.1", "2 2.30");
    }

    @Test
    void numbersThatAreNoneAreLeftOutAndTold() {
        var read = read("id,name,footprint,unit number,x", "1,A,many,7,1,5", "2,B,12.0,x,left");

        assertThat(read.units()).extracting(Unit::number).containsExactly(7, null);
        assertThat(read.units().get(1).asked().footprint()).isEqualTo(12);
        assertThat(read.doubts()).extracting(RigTable.Doubt::says)
            .containsExactly("Footprint 'many' is no whole number; it is left out.", "Unit number 'x' is no whole number; it is left out.",
                    "X 'left' is no number; 0 is taken.");
    }

    @Test
    void refusesWhatIsNoPatchSheetAndWhatIsTooLong() {
        assertThatThrownBy(() -> read("a,b,c", "1,2,3")).isInstanceOf(FormatException.class)
            .hasMessage("is no patch sheet: no row has two headings such as Id, Name, Fixture, Mode, Universe and Address");
        var long50 = new ArrayList<List<String>>(List.of(List.of("id", "address")));
        long50.addAll(Collections.nCopies(50_000, List.of("1", "1.1")));
        assertThatThrownBy(() -> RigTable.read(long50)).isInstanceOf(FormatException.class)
            .hasMessage("has 50000 rows; a rig holds at most 20000 units");
    }
}
