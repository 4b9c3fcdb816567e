package yellowkite.server.rigs;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.post;

import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

/** Tests that each have a rig of their own. */
public abstract class OnARig {
    protected String rig;
    protected int version;

    @BeforeEach
    void begun() {
        var begun = post("/api/rigs", "{\"name\": \"Weir\", \"production\": \"Opera\"}").json();
        rig = "/api/rigs/" + begun.path("id").asString();
        version = begun.path("version").asInt();
    }

    protected static String fixture(String name) {
        var file = RunningKite.fresh(DemoHouse.moth());
        var named = file.description().type().with(f -> {
            f.manufacturer = "Sluicegate Works";
            f.name = name;
        });
        return RunningKite.takeIn(new GdtfFile(GdtfDescription.of(named), file.others()));
    }

    protected static String text(Answer answer) {
        return new String(answer.body(), StandardCharsets.ISO_8859_1);
    }

    protected JsonNode line(String text) {
        return post(rig + "/line", "{\"text\": \"" + text + "\"}").json();
    }

    protected Answer edit(String edit) {
        return post(rig + "/edits", "{\"version\": " + version + ", \"edit\": " + edit + "}");
    }

    protected JsonNode done(String edit) {
        var answer = edit(edit);
        assertThat(answer.status()).as(text(answer)).isEqualTo(200);
        version = answer.json().path("version").asInt();
        return answer.json();
    }

    protected JsonNode added(String text) {
        return done(line(text).path("edit").toString());
    }

    protected static List<String> addresses(JsonNode rig) {
        var all = new ArrayList<String>();
        rig.path("units").forEach(unit -> all.add(unit.path("id").asString() + " " + unit.path("address").asString()));
        return all;
    }

    protected static String unit(JsonNode rig, int at) {
        return rig.path("units").path(at).path("uuid").asString();
    }

    /** Sends a table as a file, and beside it what is to be done with it. */
    protected Answer sheet(String what, String table, String how) {
        var body = "--kite\r\nContent-Disposition: form-data; name=\"file\"; filename=\"patch.csv\"\r\n\r\n" + table
                + "\r\n--kite\r\nContent-Disposition: form-data; name=\"how\"\r\nContent-Type: application/json\r\n\r\n" + how
                + "\r\n--kite--\r\n";
        return RunningKite.send(RunningKite.request(rig + what)
            .header("Content-Type", "multipart/form-data; boundary=kite")
            .header("Kite-Author", RunningKite.author("Ines"))
            .POST(BodyPublishers.ofString(body))
            .build());
    }
}
