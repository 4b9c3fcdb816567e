package yellowkite.server.rigs;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;

import org.junit.jupiter.api.Test;

class PatchSheetTest extends OnARig {
    private static final String AS_FOUND = "{\"decisions\": [], \"twice\": \"RENUMBER\"}";

    @Test
    void aSheetIsShownKindByKindAndThenTaken() {
        fixture("Quarrel");
        added("1 Quarrel Nine from 1.1 as 7");
        var table = "Unit,Maker,Instrument,Mode,Channels,DMX\n7,Sluicegate Works,Quarrel,Nine,9,2.1\n8,Nobody,Old lamp,,3,2/20\n";

        var read = sheet("/sheet-reading", table, AS_FOUND).json();

        assertThat(read.path("count").asInt()).isEqualTo(2);
        assertThat(read.at("/kinds/0/kind/found/how").asString()).isEqualTo("EXACT");
        assertThat(read.at("/kinds/1/kind/found/how").asString()).isEqualTo("PLACEHOLDER");
        assertThat(read.at("/kinds/1/words").asString()).isEqualTo("Nobody Old lamp");
        assertThat(read.at("/columns/Instrument").asString()).isEqualTo("Model");
        assertThat(read.path("twice").toString()).isEqualTo("[\"7\"]");
        assertThat(addresses(get(rig).json())).containsExactly("7 1.1");

        var taken = sheet("/sheet-taking", table, AS_FOUND).json();
        assertThat(addresses(taken)).containsExactly("7 1.1", "9 2.1", "8 2.20");
        assertThat(taken.at("/history/0/sentence").asString()).isEqualTo("2 units from 'patch.csv'");
    }

    @Test
    void aWholeKindIsDecidedAtOnce() {
        fixture("Quoin");
        var table = "Id,Fixture,Footprint,Address\n1,Old lamp,3,1.1\n2,Old lamp,3,1.20\n3,Other lamp,4,1.30\n";
        var quoin = get(rig + "/fixtures?words=Quoin%20Nine").json().path(0).toString();
        var how = "{\"twice\": \"LEAVE_OUT\", \"decisions\": [{\"asked\": {\"spec\": \"@Old lamp.gdtf\", \"mode\": \"\", \"footprint\": 3},"
                + " \"leaveOut\": false, \"found\": " + quoin + "}, {\"asked\": {\"spec\": \"@Other lamp.gdtf\", \"mode\": \"\","
                + " \"footprint\": 4}, \"leaveOut\": true, \"found\": null}]}";

        var taken = sheet("/sheet-taking", table, how).json();

        assertThat(addresses(taken)).containsExactly("1 1.1", "2 1.20");
        assertThat(taken.at("/kinds/0/model").asString()).isEqualTo("Quoin");
        assertThat(taken.at("/units/1/addresses/0/to").asInt()).isEqualTo(28);
    }

    @Test
    void whatIsNoSheetIsRefusedInWordsAndChangesNothing() {
        assertThat(text(sheet("/sheet-reading", "Some,thing\n1,2\n", AS_FOUND))).contains("is no patch sheet");
        assertThat(text(sheet("/sheet-taking", "Id,Address\n" + "1,1.1\n".repeat(50_000), AS_FOUND))).contains("has 50000 rows");
        var disagreeing = sheet("/sheet-reading", "Id,Universe,Address\n1,2,3.7\n", AS_FOUND).json();
        assertThat(disagreeing.at("/doubts/0/says").asString()).startsWith("Its columns disagree: universe 2, but address 3.7.");
        assertThat(sheet("/sheet-taking", "Id,Address\n1,1.1\n", "{\"decisions\": null, \"twice\": \"RENUMBER\"}").status()).isEqualTo(400);
        assertThat(get(rig).json().path("units").size()).isZero();
    }

    @Test
    void aTableHoldsTheColumnsThatAreAskedFor() {
        fixture("Quaver");
        added("1 Quaver Nine from 1.1 as 7");

        assertThat(text(get(rig + "/sheet?form=csv&columns=Address&columns=Id"))).endsWith("Id,Address\r\n7,1\r\n");
        assertThat(get("/api/rig-columns").json().at("/table/0").asString()).isEqualTo("Id");
        assertThat(get("/api/rig-columns").json().at("/print/0").asString()).isEqualTo("Name");
        assertThat(text(get(rig + "/sheet?form=pdf&columns=Layer&columns=Path"))).startsWith("%PDF");
    }
}
