package yellowkite.server.wanted;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

class WantedTest {
    private static final byte[] CHART = "%PDF-1.4 a chart".getBytes(StandardCharsets.ISO_8859_1);

    private static RunningKite.Answer ask(String model, String neededBy) {
        return post("/api/wanted", "Joost", "{\"manufacturer\": \"Tidewick\", \"model\": \"" + model
                + "\", \"mode\": \"M2\", \"neededBy\": " + neededBy + ", \"words\": \"17 channels, LED spot\"}");
    }

    private static JsonNode listed(String model) {
        return get("/api/wanted").json()
            .values()
            .stream()
            .filter(each -> each.path("model").asString().equals(model))
            .findFirst()
            .orElseThrow();
    }

    private static RunningKite.Answer change(JsonNode wish, String what, String more) {
        return post("/api/wanted/" + wish.path("id").asString() + "/" + what, "{\"version\": " + wish.path("version") + more + "}");
    }

    @Test
    void filesWhoseNamesDifferInALetterAreTwo() {
        var wish = "/api/wanted/" + ask("Skiff", "null").json().path("id").asString();
        for (var name : List.of("a.pdf", "á.pdf", "A.pdf", "x😀.pdf", "x🎉.pdf")) {
            assertThat(RunningKite.uploadOne(wish + "/files", name, CHART).status()).isEqualTo(200);
        }
        var files = RunningKite.uploadOne(wish + "/files", "A.pdf", CHART).json().path("files");
        assertThat(files.size()).as("the last one came twice").isEqualTo(5);
    }

    @Test
    void aWishIsTakenAnsweredAndItsChartStaysWithTheProfile() {
        var wish = ask("Storm Petrel", "\"2026-12-24\"").json();
        assertThat(wish.path("askedBy").asString()).isEqualTo("Joost");
        var with = RunningKite.uploadOne("/api/wanted/" + wish.path("id").asString() + "/files", "chart.pdf", CHART).json();
        assertThat(with.at("/files/0").asString()).isEqualTo("chart.pdf");

        var taken = change(wish, "take", "").json();
        assertThat(taken.path("takenBy").asString()).isEqualTo("Ines");
        assertThat(change(wish, "take", "").status()).as("of the version before").isEqualTo(409);
        assertThat(change(wish, "take", "").detail()).isEqualTo("This request was taken by Ines meanwhile. Look at it again.");

        var profile = RunningKite.takeIn(RunningKite.fresh(DemoHouse.moth()));
        var answered = change(taken, "answer", ", \"profileId\": \"" + profile + "\", \"revision\": 1").json();

        assertThat(answered.at("/answer/name").asString()).isEqualTo("Lumbrook Moth");
        assertThat(get("/api/profiles/" + profile + "/sources").json().at("/0/name").asString()).isEqualTo("chart.pdf");
        assertThat(get("/api/profiles/" + profile + "/source?name=chart.pdf").body()).isEqualTo(CHART);
        assertThat(change(answered, "drop", "").detail()).isEqualTo("This request has been answered meanwhile. Look at it again.");
        assertThat(change(answered, "give-back", "").status()).isEqualTo(409);
    }

    @Test
    void whatIsNeededFirstStandsFirstAndLateOnesSaySo() {
        ask("Later", "\"2199-01-02\"");
        ask("Sooner", "\"2001-01-02\"");
        ask("Some day", "null");

        var models = get("/api/wanted").json().findValuesAsString("model");

        assertThat(models.indexOf("Sooner")).isLessThan(models.indexOf("Later"));
        assertThat(models.indexOf("Later")).isLessThan(models.indexOf("Some day"));
        assertThat(listed("Sooner").path("late").asBoolean()).isTrue();
        assertThat(listed("Later").path("late").asBoolean()).isFalse();
    }

    @Test
    void aWishThatIsNoLongerOneIsForgottenWithItsFiles() {
        var wish = ask("Never mind", "null").json();
        RunningKite.uploadOne("/api/wanted/" + wish.path("id").asString() + "/files", "chart.pdf", CHART);

        assertThat(change(wish, "drop", "").status()).isEqualTo(204);

        assertThat(change(wish, "drop", "").status()).isEqualTo(404);
        assertThat(get("/api/wanted/" + wish.path("id").asString() + "/file?name=chart.pdf").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"'', null, 422", "' ', null, 422", "Fine, '\"tomorrow\"', 400", "Fine, '\"2026-02-31\"', 400",
            "Fine, '\"0001-01-01\"', 422", "'un\u202eseen', null, 422"})
    void whatIsNoWishIsRefused(String model, String neededBy, int status) {
        assertThat(ask(model, neededBy).status()).isEqualTo(status);
    }

    @Test
    void onlyChartsAndPhotographsAreKept() {
        var files = "/api/wanted/" + ask("Paper only", "null").json().path("id").asString() + "/files";

        assertThat(RunningKite.uploadOne(files, "page.pdf", "<html><script>".getBytes(StandardCharsets.UTF_8)).detail())
            .isEqualTo("'page.pdf' is no chart or photograph: PDF, PNG, JPEG and GIF can be added.");
        assertThat(RunningKite.uploadOne(files, "..\\\\..\\\\etc/chart.pdf", CHART).json().at("/files/0").asString())
            .isEqualTo("chart.pdf");
        for (int i = 1; i < 12; i++) {
            assertThat(RunningKite.uploadOne(files, "chart " + i + ".pdf", CHART).status()).isEqualTo(200);
        }
        assertThat(RunningKite.uploadOne(files, "one more.pdf", CHART).detail()).isEqualTo("A request holds at most 12 files.");
        assertThat(RunningKite.uploadOne("/api/profiles/nobody/sources", "chart.pdf", CHART).status()).isEqualTo(404);
    }
}
