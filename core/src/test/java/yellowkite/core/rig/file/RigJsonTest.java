package yellowkite.core.rig.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static yellowkite.core.rig.Rigs.SPOT;
import static yellowkite.core.rig.Rigs.unit;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.archive.FormatException;
import yellowkite.core.body.Place;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;

class RigJsonTest {
    @Test
    void writesTheContractsKeysInTheirOrder() {
        var json = RigJson.write("summer.json", Rigs.of(unit("101", SPOT, "2.1")));

        assertThat(json).isEqualTo("{\"file\":\"summer.json\",\"name\":\"Summer\",\"units\":[{\"id\":\"101\",\"uuid\":\"101\","
                + "\"name\":\"Unit 101\",\"number\":null,\"layer\":\"\",\"groups\":[],\"position\":null,\"class\":null,"
                + "\"asked\":{\"spec\":\"Tidewick@Petrel Spot.gdtf\",\"mode\":\"Extended\",\"footprint\":null},"
                + "\"found\":{\"how\":\"EXACT\",\"file\":\"spot\",\"maker\":\"Tidewick\",\"model\":\"Petrel Spot\",\"mode\":\"Extended\","
                + "\"footprint\":22,\"sure\":1.0,\"why\":\"Chosen.\"},"
                + "\"addresses\":[{\"break\":1,\"universe\":2,\"address\":1,\"to\":22}],\"place\":null,"
                + "\"adjustments\":{\"swapPanTilt\":false,\"outsideMaster\":false,\"warmUp\":null,\"channels\":{}},\"note\":\"\"}],"
                + "\"universes\":[{\"universe\":2,\"used\":22,\"free\":490}],\"collisions\":[],\"findings\":[]}");
    }

    @Test
    void keepsWhatItDoesNotKnow() {
        var text = "{\"units\": [{\"id\": \"1\", \"uuid\": \"u\", \"lens\": {\"degrees\": 19}}], \"season\": [1, 2]}";

        var written = RigJson.write("x.json", RigJson.read(text));

        assertThat(written).contains("\"lens\":{\"degrees\":19}").contains("\"season\":[1,2]");
    }

    @Test
    void unitsWithoutAUuidHaveTheSameWheneverTheyAreRead() {
        var text = "{\"units\": [{\"id\": \"1\"}, {\"id\": \"1\"}, {\"id\": \"2\", \"uuid\": \"a\"}, {\"id\": \"3\", \"uuid\": \"a\"}]}";

        var rig = RigJson.read(text);

        assertThat(RigJson.read(text)).isEqualTo(rig);
        assertThat(rig.units()).extracting(Unit::uuid).doesNotHaveDuplicates().contains("a");
    }

    @Test
    void keepsTheFactsOfTheRig() {
        var unit = unit("1", SPOT, f -> {
            f.place = new Place(1, 2, 3, 0, 90, 0);
            f.colour = "teal";
            f.dipOffset = 1;
            f.hangsOn = "2";
            f.note = "lens is new";
        }, "1.1");
        var rig = new Rig("Summer", "Opera", LocalDate.of(2026, 6, 1), LocalDate.of(2026, 9, 1), "by water", 8,
                List.of(new UniverseFacts(1, "Rail", "Deck", new Output(Output.Kind.SACN_UNICAST, "10.0.0.7"), "red")), List.of(unit),
                List.of(Rigs.unit("gone", Rigs.PAR, "3.1")), "");

        assertThat(RigJson.read(RigJson.write("x", rig))).isEqualTo(rig);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"[] | is no rig: it has no list of units", "{ | is no JSON that can be read",
            "{\"units\": [{\"addresses\": [{\"universe\": 1, \"address\": 0}]}]} | cannot be read at units[0]: Address 0 does not exist: a"
                    + " universe has addresses 1 to 512.",
            "{\"units\": [{\"number\": 1.5}]} | cannot be read at units[0]: 'number' is a whole number, not 1.5.",
            "{\"units\": [{\"found\": {\"how\": \"MAYBE\"}}]} | cannot be read at units[0]: 'MAYBE' is none of [EXACT, PROFILE, MODE, GUESS,"
                    + " PLACEHOLDER, NONE].",
            "{\"units\": [{\"adjustments\": {\"channels\": {\"Pan\": {\"scale\": 3}}}}]} | cannot be read at units[0]: The scale is from 0 to"
                    + " 200 %.",
            "{\"units\": [], \"from\": \"soon\"} | cannot be read at the rig: 'soon' is no date such as 2026-07-02."})
    void saysWhereItCannotBeRead(String text, String end) {
        assertThatThrownBy(() -> RigJson.read(text)).isInstanceOf(FormatException.class).hasMessage(end);
    }
}
