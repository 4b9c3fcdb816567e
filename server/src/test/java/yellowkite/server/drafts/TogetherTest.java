package yellowkite.server.drafts;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

/** Two people at one draft, and one whose answers get lost. */
class TogetherTest {
    private JsonNode draft;
    private String profile;

    @BeforeEach
    void aFreshDraft() {
        profile = RunningKite.takeIn(RunningKite.fresh(DemoHouse.petrelSpot()));
        draft = post("/api/profiles/" + profile + "/draft", "{}").json();
    }

    private String address() {
        return "/api/drafts/" + draft.path("id").asString();
    }

    private int channel(String attribute) {
        return draft.at("/map/channels")
            .values()
            .stream()
            .filter(each -> each.path("attribute").asString().equals(attribute))
            .findFirst()
            .orElseThrow()
            .path("id")
            .asInt();
    }

    private static String body(int version, String edit) {
        return "{\"version\": " + version + ", \"edit\": " + edit + "}";
    }

    private RunningKite.Answer edit(String author, int version, String edit) {
        return post(address() + "/edits", author, body(version, edit));
    }

    private String start(String attribute, int value) {
        return "{\"type\": \"setStartValue\", \"channel\": " + channel(attribute) + ", \"value\": " + value + "}";
    }

    private int startOf(String attribute) {
        return get(address()).json()
            .at("/map/channels")
            .values()
            .stream()
            .filter(each -> each.path("attribute").asString().equals(attribute))
            .findFirst()
            .orElseThrow()
            .path("start")
            .asInt();
    }

    @Nested
    class OfTwo {
        @Test
        void whatIsDoneToTwoChannelsAtOnceStandsBoth() {
            edit("Teun", 0, start("Zoom", 11));

            var answer = edit("Ines", 0, start("Iris", 22));

            assertThat(answer.status()).isEqualTo(200);
            assertThat(answer.json().path("version").asInt()).isEqualTo(2);
            assertThat(answer.json().at("/map/channels")).as("all rows, since some are new to who asks")
                .hasSameSizeAs(draft.at("/map/channels"));
            assertThat(startOf("Zoom")).isEqualTo(11);
            assertThat(startOf("Iris")).isEqualTo(22);
        }

        @Test
        void eachUndoesTheirOwn() {
            int zoom = startOf("Zoom");
            edit("Teun", 0, start("Zoom", 11));
            edit("Ines", 1, start("Iris", 22));

            var undone = post(address() + "/undo", "Teun", "{\"version\": 2}");

            assertThat(undone.json().at("/history/0/sentence").asString()).startsWith("Start value of channel 'Head_Zoom'");
            assertThat(undone.json().at("/history/0/undone").asBoolean()).isTrue();
            assertThat(undone.json().at("/history/1/author").asString()).isEqualTo("Ines");
            assertThat(startOf("Zoom")).isEqualTo(zoom);
            assertThat(startOf("Iris")).isEqualTo(22);
            assertThat(post(address() + "/redo", "Teun", "{\"version\": 3}").status()).isEqualTo(200);
            assertThat(startOf("Zoom")).isEqualTo(11);
        }

        @Test
        void whatOthersHaveBuiltUponIsNotUndoneAlone() {
            edit("Teun", 0, start("Zoom", 11));
            edit("Ines", 1, start("Zoom", 22));

            assertThat(post(address() + "/undo", "Teun", "{\"version\": 2}").detail()).contains("cannot be undone alone");
            assertThat(post(address() + "/undo", "Joost", "{\"version\": 2}").detail()).startsWith("None of these edits is yours.");
        }
    }

    @Nested
    class OfOneWhoseAnswerWasLost {
        private final String change = UUID.randomUUID().toString();

        @Test
        void anEditIsMadeOnce() {
            var first = post(address() + "/edits", "Ines", change, body(0, start("Zoom", 11)));

            var again = post(address() + "/edits", "Ines", change, body(0, start("Zoom", 11)));

            assertThat(again.status()).isEqualTo(200);
            assertThat(again.json().path("version").asInt()).isEqualTo(1).isEqualTo(first.json().path("version").asInt());
            assertThat(again.json().path("history")).hasSize(1);
        }

        @Test
        void undoIsMadeOnce() {
            edit("Ines", 0, start("Zoom", 11));
            edit("Ines", 1, start("Iris", 22));
            post(address() + "/undo", "Ines", change, "{\"version\": 2}");

            post(address() + "/undo", "Ines", change, "{\"version\": 2}");

            assertThat(startOf("Zoom")).isEqualTo(11);
        }

        @Test
        void aRevisionIsMadeOnce() {
            edit("Ines", 0, start("Zoom", 11));
            var body = "{\"version\": 1, \"summary\": \"Zoom starts at 11\"}";
            post(address() + "/publish", "Ines", change, body);

            var again = post(address() + "/publish", "Ines", change, body);

            assertThat(again.status()).isEqualTo(200);
            assertThat(again.json().path("revision").asInt()).isEqualTo(2);
            assertThat(post(address() + "/publish", "Ines", UUID.randomUUID().toString(), body).status()).as("another one comes too late")
                .isEqualTo(409);
        }

        @Test
        void aProfileIsBegunOnce() {
            var body = "{\"manufacturer\": \"Tidewick\", \"name\": \"Begun " + change + "\", \"body\": \"FIXED\"}";
            var first = post("/api/profiles", "Ines", change, body);

            assertThat(post("/api/profiles", "Ines", change, body).json().path("profileId")).isEqualTo(first.json().path("profileId"));
        }

        @Test
        void aWishIsMadeOnce() {
            var body = "{\"manufacturer\": \"Tidewick\", \"manufacturer\": \"Tidewick\", \"model\": \"Wished " + change
                    + "\", \"mode\": \"\", \"neededBy\": null, \"words\": \"\"}";
            var first = post("/api/wanted", "Ines", change, body);

            assertThat(post("/api/wanted", "Ines", change, body).json().path("id")).isEqualTo(first.json().path("id"));
        }

        @Test
        void anIdThatIsNoneIsSaid() {
            assertThat(post(address() + "/edits", "Ines", "once", body(0, start("Zoom", 11))).detail())
                .isEqualTo("The id of a change is a UUID.");
        }
    }
}
