package yellowkite.benchmarks;

import java.io.IOException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.IntFunction;
import org.springframework.context.ConfigurableApplicationContext;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;

/** What editing costs at the server, over HTTP, one after the other. The floor is a request that reads one row. */
final class DraftMeasure {
    private static final int WARM = 150;
    private static final int EDITS = 60;
    private static final int PUBLISHES = 12;
    private static final int PAGES = 60;
    private final Asked asked;

    DraftMeasure(ConfigurableApplicationContext server) {
        this.asked = new Asked(server);
    }

    void run() throws IOException, InterruptedException {
        var wide = takeIn(Fixtures.fixture(1, 512));
        var draft = "/api/drafts/" + asked.read("/api/profiles/" + wide + "/draft").path("id").asString();
        var channels = asked.read(draft).at("/map/order");
        int version = 0;
        for (int i = 0; i < WARM; i++) {
            edit(draft, channels.get(i % channels.size()).asInt(), version++);
        }
        var floor = new double[EDITS];
        var edits = new double[EDITS];
        for (int i = 0; i < EDITS; i++) {
            int now = version++;
            int channel = channels.get(i * 7 % channels.size()).asInt();
            edits[i] = timed(() -> edit(draft, channel, now));
            floor[i] = timed(() -> asked.get(draft + "/version"));
        }
        say("an edit on 512 channels", edits, floor, 8);

        var typical = takeIn(Fixtures.fixture(8, 60));
        var publishes = new double[PUBLISHES];
        for (int i = -PUBLISHES; i < PUBLISHES; i++) {
            var open = asked.read("/api/profiles/" + typical + "/draft");
            var id = "/api/drafts/" + open.path("id").asString();
            edit(id, open.at("/map/order").get(0).asInt(), 0, "Round " + i);
            double time = timed(() -> asked.post(id + "/publish", "{\"version\":1,\"summary\":\"Measured\",\"despite\":\"a measure\"}"));
            publishes[Math.max(0, i)] = time;
        }
        say("publishing 8 modes of 60 channels", publishes, floor, 60);
        say("the page of that profile", times(PAGES, i -> "/api/profiles/" + typical), floor, 20);
    }

    private double[] times(int count, IntFunction<String> path) throws IOException, InterruptedException {
        var times = new double[count];
        for (int i = -count; i < count; i++) {
            var asks = path.apply(i);
            times[Math.max(0, i)] = timed(() -> asked.get(asks));
        }
        return times;
    }

    private String takeIn(FixtureType type) throws IOException, InterruptedException {
        var own = type.with(f -> f.fixtureTypeId = UUID.randomUUID().toString().toUpperCase(Locale.ROOT));
        return asked.send("/api/intake", Map.of("measured.gdtf", new GdtfFile(GdtfDescription.of(own), Map.of()).write()))
            .at("/0/accepted/profileId")
            .asString();
    }

    private Object edit(String draft, int channel, int version) throws IOException, InterruptedException {
        return edit(draft, channel, version, "Note " + version);
    }

    private Object edit(String draft, int channel, int version, String note) throws IOException, InterruptedException {
        return asked.post(draft + "/edits", "{\"version\":" + version + ",\"edit\":{\"type\":\"setCare\",\"channels\":[" + channel
                + "],\"tint\":null,\"note\":\"" + note + "\"}}");
    }

    private interface Work {
        Object run() throws IOException, InterruptedException;
    }

    private static double timed(Work work) throws IOException, InterruptedException {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e6;
    }

    private static void say(String what, double[] times, double[] floor, double budget) {
        Arrays.sort(times);
        Arrays.sort(floor);
        System.out.printf(Locale.ROOT, "%s: median %.1f ms, 95th percentile %.1f ms (budget %.0f ms); %.1f times the reading of one row%n",
                what, times[times.length / 2], times[times.length * 95 / 100], budget, times[times.length / 2] / floor[floor.length / 2]);
    }
}
