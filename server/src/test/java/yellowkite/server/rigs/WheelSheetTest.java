package yellowkite.server.rigs;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

class WheelSheetTest extends OnARig {
    private static void spot(String name) {
        var file = RunningKite.fresh(DemoHouse.petrelSpot());
        var named = file.description().type().with(f -> {
            f.manufacturer = "Sluicegate Works";
            f.name = name;
        });
        RunningKite.takeIn(new GdtfFile(GdtfDescription.of(named), file.others()));
    }

    private Answer send(String what, String table) {
        return RunningKite.uploadOne(rig + what, "order.csv", table.getBytes(StandardCharsets.UTF_8));
    }

    private static String wheel(String name) {
        return DemoHouse.petrelSpot()
            .description()
            .type()
            .wheels()
            .stream()
            .filter(each -> each.name().contains(name))
            .findFirst()
            .orElseThrow()
            .name();
    }

    @Test
    void aSheetMakesAVersionOfEachTypeAndTheNextOneUpdatesIt() {
        spot("Quarter");
        added("2 Quarter Extended from 1.1 as 1");
        var wheel = wheel("Col");
        var table = "Fixture,Wheel,Slot,Colour\nQuarter," + wheel + ",2,F24\nQuarter," + wheel + ",99,F24\nNobody,,1,F24\n";

        var plan = send("/wheel-plan", table).json();
        assertThat(plan.path("production").asString()).isEqualTo("Opera");
        assertThat(plan.at("/types/0/known").asBoolean()).isFalse();
        assertThat(plan.at("/types/0/units").asInt()).isEqualTo(2);
        assertThat(plan.at("/types/0/plan/lines/0/will").asString()).isEqualTo("F24 Amber");
        assertThat(plan.at("/types/0/plan/lines/1/fit").asString()).isEqualTo("NOT");
        assertThat(plan.path("lost").size()).isEqualTo(1);

        var made = send("/wheel-versions?use=true", table).json();
        assertThat(made.path(0).path("refused").asString()).isEmpty();
        assertThat(made.path(0).path("revision").asInt()).isEqualTo(1);
        var after = get(rig).json();
        version = after.path("version").asInt();
        assertThat(after.at("/kinds/0/profileId").asString()).isEqualTo(made.path(0).path("profileId").asString());
        assertThat(addresses(after)).containsExactly("1 1.1", "2 1." + after.at("/units/1/addresses/0/from").asInt());

        var again = send("/wheel-versions?use=true", table.replace("Quarter", after.at("/kinds/0/model").asString()).replace("F24", "F44"))
            .json();
        assertThat(again.path(0).path("profileId").asString()).isEqualTo(made.path(0).path("profileId").asString());
        assertThat(again.path(0).path("revision").asInt()).isEqualTo(2);
        assertThat(get(rig).json().at("/kinds/0/revision").asInt()).isEqualTo(2);

        var unchanged = send("/wheel-versions?use=true",
                table.replace("Quarter", after.at("/kinds/0/model").asString()).replace("F24", "F44"));
        assertThat(unchanged.json().path(0).path("refused").asString()).startsWith("Nothing has changed");
    }

    @Test
    void unitsAreSeenByThemselvesWithChannelsSwitchesAndCurves() {
        fixture("Quill");
        var after = added("1 Quill Nine from 2.201 as 1");
        var address = rig + "/units/" + unit(after, 0);

        var details = get(address).json();
        assertThat(details.at("/switches/0/switches/value").asInt()).isEqualTo(201);
        assertThat(details.at("/channels/0/addresses/0").asString()).isEqualTo("2.201");
        assertThat(get(address + "/curves").json().valueStream().anyMatch(each -> each.path("preset").asString("").equals("SQUARE")))
            .isTrue();
        assertThat(get(rig + "/units/none").status()).isEqualTo(404);
    }

    @Test
    void aModeCostsWhatItTakesAndAProfileSaysWhichRigsPinIt() {
        fixture("Quern stone");
        var after = added("3 Quern stone Nine from 1.1 as 1");

        var costs = get(rig + "/costs").json();
        assertThat(costs.at("/0/units").size()).isEqualTo(3);
        assertThat(costs.at("/0/others/0/cost/mode").asString()).isEqualTo("Six");
        assertThat(costs.at("/0/others/0/cost/addresses").asInt()).isEqualTo(-9);
        assertThat(get("/api/profiles/" + after.at("/kinds/0/profileId").asString()).json()
            .path("uses")
            .valueStream()
            .filter(each -> each.path("kind").asString().equals("RIG"))
            .map(each -> each.path("name").asString() + " " + each.path("units").asInt())).containsExactly("Weir 3");
        assertThat(get(rig + "/moves").json().size()).isZero();
    }

    @Test
    void anOlderRevisionMovesUpWithWhatThatBreaks() {
        fixture("Quittance");
        var after = added("2 Quittance Nine from 1.1 as 1");
        var profile = after.at("/kinds/0/profileId").asString();
        var draft = get("/api/profiles/" + profile + "/draft").json();
        var id = draft.path("id").asString();
        var edited = post("/api/drafts/" + id + "/edits", "{\"version\": 0, \"edit\": {\"type\": \"setDipStart\", \"fromZero\": true}}")
            .json();
        var channel = edited.at("/modes/0/id").asInt();
        assertThat(channel).isPositive();
        var renamed = post("/api/drafts/" + id + "/edits",
                "{\"version\": 1, \"edit\": {\"type\": \"renameProfile\", \"to\": \"Quittance II\"}}");
        assertThat(renamed.status()).as(text(renamed)).isEqualTo(200);
        var published = post("/api/drafts/" + id + "/publish", "{\"version\": 2, \"summary\": \"Another name\"}");
        assertThat(published.status()).as(text(published)).isEqualTo(200);

        var move = get(rig + "/moves").json().path(0);
        assertThat(move.path("revision").asInt() + " to " + move.path("newest").asInt()).isEqualTo("1 to 2");
        assertThat(move.at("/moving/effects").size()).isPositive();
        var moved = done(move.path("edit").toString());
        assertThat(moved.at("/kinds/0/revision").asInt()).isEqualTo(2);
        assertThat(addresses(moved)).containsExactly("1 1.1", "2 1.10");
        assertThat(get(rig + "/units/" + unit(moved, 0)).json().at("/switches/0/switches/value").asInt()).isZero();
    }
}
