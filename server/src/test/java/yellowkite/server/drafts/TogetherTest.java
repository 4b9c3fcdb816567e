package yellowkite.server.drafts;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.Flow;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
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
        draft = get("/api/profiles/" + profile + "/draft").json();
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

    @Test
    void whoeverShowsADraftIsToldOfEachEditAtOnce() throws Exception {
        var editor = RunningKite.get("/api/profiles/" + RunningKite.takeIn(RunningKite.fresh(DemoHouse.moth())) + "/draft").json();
        var draft = "/api/drafts/" + editor.path("id").asString();
        var told = new LinkedBlockingQueue<String>();
        var client = HttpClient.newHttpClient();
        try {
            client.sendAsync(RunningKite.request(draft + "/events").GET().build(),
                    HttpResponse.BodyHandlers.fromLineSubscriber(new Lines(told)));
            assertThat(told.poll(20, TimeUnit.SECONDS)).as("how far it is").isEqualTo("data:{\"version\":0,\"open\":true}");

            RunningKite.post(draft + "/edits", "Teun",
                    "{\"version\": 0, \"edit\": {\"type\": \"renameProfile\", \"to\": \"Moth of Teun\"}}");
            assertThat(told.poll(20, TimeUnit.SECONDS)).isEqualTo("data:{\"version\":1,\"open\":true}");

            RunningKite.post(draft + "/discard", "Teun", "{\"version\": 1}");
            assertThat(told.poll(20, TimeUnit.SECONDS)).contains("\"open\":false");
        } finally {
            client.shutdownNow(); // a stream does not end by itself
        }
        assertThat(RunningKite.get(draft + "/events").status()).isEqualTo(404);
    }

    @Test
    void whoeverOnlyLookedIsToldThatTheProfileWentIntoTheBin() throws Exception {
        var profile = RunningKite.takeIn(RunningKite.fresh(DemoHouse.moth()));
        var draft = "/api/drafts/" + get("/api/profiles/" + profile + "/draft").json().path("id").asString();
        var told = new LinkedBlockingQueue<String>();
        var client = HttpClient.newHttpClient();
        try {
            client.sendAsync(RunningKite.request(draft + "/events").GET().build(),
                    HttpResponse.BodyHandlers.fromLineSubscriber(new Lines(told)));
            assertThat(told.poll(20, TimeUnit.SECONDS)).contains("\"open\":true");

            post("/api/bin", "{\"profiles\": [\"" + profile + "\"]}");

            assertThat(told.poll(20, TimeUnit.SECONDS)).contains("\"open\":false");
            assertThat(get(draft + "/version").status()).isEqualTo(404);
        } finally {
            client.shutdownNow(); // a stream does not end by itself
        }
    }

    /** Keeps the lines of a stream that say something. */
    private record Lines(BlockingQueue<String> told) implements Flow.Subscriber<String> {
        @Override
        public void onSubscribe(Flow.Subscription subscription) {
            subscription.request(Long.MAX_VALUE);
        }

        @Override
        public void onNext(String line) {
            if (!line.isEmpty()) {
                told.add(line);
            }
        }

        @Override
        public void onError(Throwable ended) {}

        @Override
        public void onComplete() {}
    }

    @Test
    void aPointOfTheHistoryIsReachedInOneOrNotAtAll() {
        var editor = RunningKite.get("/api/profiles/" + RunningKite.takeIn(RunningKite.fresh(DemoHouse.moth())) + "/draft").json();
        var draft = "/api/drafts/" + editor.path("id").asString();
        for (int version = 0; version < 5; version++) {
            RunningKite.post(draft + "/edits", "{\"version\": " + version + ", \"edit\": {\"type\": \"renameProfile\", \"to\": \"Moth "
                    + version + "\"}}");
        }
        var change = UUID.randomUUID().toString();

        var there = RunningKite.post(draft + "/point", "Ines", change, "{\"version\": 5, \"done\": 2}");
        var again = RunningKite.post(draft + "/point", "Ines", change, "{\"version\": 5, \"done\": 2}");

        assertThat(there.json().path("name").asString()).isEqualTo("Moth 1");
        assertThat(there.json().path("version").asInt()).as("three steps back, each of them kept").isEqualTo(8);
        assertThat(again.json().path("version").asInt()).as("asked for again, because the answer was lost").isEqualTo(8);
        assertThat(RunningKite.post(draft + "/point", "{\"version\": 8, \"done\": 9}").status()).isEqualTo(422);
        assertThat(RunningKite.get(draft + "/version").json().path("version").asInt()).isEqualTo(8);
    }
}
