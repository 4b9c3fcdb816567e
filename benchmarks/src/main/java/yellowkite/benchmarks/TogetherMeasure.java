package yellowkite.benchmarks;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ConfigurableApplicationContext;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.GeneratedFixtures;
import yellowkite.server.KiteServer;
import yellowkite.server.database.LocalMariaDb;

/**
 * {@code ./kite measure together}: fifty people on ten drafts at once, who edit, undo, send again what was answered, look, search and
 * import. Ends with 1 if anything was answered by an error of the server, or an accepted change is not there exactly once.
 */
public final class TogetherMeasure {
    private static final int PEOPLE = 50;
    private static final int DRAFTS = 10;
    private static final int SEVERAL = 60;
    private final Asked asked;
    private final List<String> drafts = new ArrayList<>();
    private final List<List<Integer>> channels = new ArrayList<>();
    /** By draft: the ids of the changes that were accepted, each with how often it was sent. */
    private final List<Map<String, Integer>> accepted = new ArrayList<>();
    private final List<Double> times = Collections.synchronizedList(new ArrayList<>());
    private final Map<Integer, AtomicInteger> statuses = new ConcurrentHashMap<>();
    private final AtomicInteger made = new AtomicInteger();

    private TogetherMeasure(ConfigurableApplicationContext server) {
        this.asked = new Asked(server);
    }

    /** @param arguments the folder for the data, and for how many seconds */
    public static void main(String[] arguments) throws Exception {
        int seconds = Integer.parseInt(arguments[1]);
        var database = LocalMariaDb.startOver(Path.of(arguments[0]).toAbsolutePath());
        var server = KiteServer.start(database, "--server.port=0");
        boolean well;
        try {
            well = new TogetherMeasure(server).run(seconds);
        } finally {
            server.close();
            database.close();
        }
        System.exit(well ? 0 : 1);
    }

    private boolean run(int seconds) throws Exception {
        for (int i = 0; i < DRAFTS; i++) {
            begin();
        }
        long end = System.nanoTime() + seconds * 1_000_000_000L;
        try (var people = Executors.newFixedThreadPool(PEOPLE); var watch = Executors.newSingleThreadScheduledExecutor()) {
            watch.scheduleAtFixedRate(() -> System.out.printf(Locale.ROOT, "used memory %d MB, %d requests%n", used() >> 20, times.size()),
                    0, Math.max(1, seconds / 10), TimeUnit.SECONDS);
            var working = IntStream.range(0, PEOPLE).<Callable<Void>>mapToObj(person -> () -> work(person, end)).toList();
            for (var done : people.invokeAll(working)) {
                done.get();
            }
            watch.shutdownNow();
        }
        return told(seconds);
    }

    private void begin() throws IOException, InterruptedException {
        var type = Fixtures.fixture(1, SEVERAL).with(f -> f.fixtureTypeId = UUID.randomUUID().toString().toUpperCase(Locale.ROOT));
        var profile = asked.send("/api/intake", Map.of("together.gdtf", new GdtfFile(GdtfDescription.of(type), Map.of()).write()))
            .at("/0/accepted/profileId")
            .asString();
        var view = asked.read("/api/profiles/" + profile + "/draft");
        drafts.add("/api/drafts/" + view.path("id").asString());
        channels.add(view.at("/map/order").values().stream().map(each -> each.asInt()).toList());
        accepted.add(new ConcurrentHashMap<>());
    }

    private @Nullable Void work(int person, long end) throws IOException, InterruptedException {
        var random = new Random(person);
        var name = "Person%20" + person;
        int draft = person % DRAFTS;
        int seen = 0;
        while (System.nanoTime() < end) {
            int dice = random.nextInt(100);
            if (dice < 45) {
                seen = edit(draft, name, seen, random);
            } else if (dice < 55) {
                seen = change(drafts.get(draft) + "/undo", draft, name, "{\"version\":" + seen + "}", random);
            } else if (dice < 75) {
                seen = Asked.JSON.readTree(look(drafts.get(draft), name)).path("version").asInt();
            } else if (dice < 82) {
                look(drafts.get(draft) + "/checks", name);
            } else if (dice < 97) {
                look("/api/library?search=" + (random.nextBoolean() ? "spot" : "16%20bit%20pan"), name);
            } else {
                var file = GeneratedFixtures.file(1_000 + made.incrementAndGet()).write();
                asked.send("/api/intake", Map.of("made.gdtf", file));
            }
        }
        return null;
    }

    private int edit(int draft, String name, int seen, Random random) throws IOException, InterruptedException {
        int channel = channels.get(draft).get(random.nextInt(SEVERAL));
        return change(drafts.get(draft) + "/edits", draft, name, "{\"version\":" + seen
                + ",\"edit\":{\"type\":\"setCare\",\"channels\":[" + channel + "],\"tint\":null,\"note\":\"" + UUID.randomUUID() + "\"}}",
                random);
    }

    /** {@return the version that is known now} Every tenth is sent twice, as by a page whose answer was lost. */
    private int change(String path, int draft, String name, String body, Random random) throws IOException, InterruptedException {
        var id = UUID.randomUUID().toString();
        int version = Integer.MIN_VALUE;
        for (int i = 0; i < (random.nextInt(10) == 0 ? 2 : 1); i++) {
            var answer = timed(() -> asked.any(path, name, id, body.getBytes(StandardCharsets.UTF_8), "application/json"));
            if (answer.statusCode() == 200) {
                accepted.get(draft).merge(id, 1, Integer::sum);
                version = Asked.JSON.readTree(answer.body()).path("version").asInt();
            }
        }
        return version == Integer.MIN_VALUE ? Asked.JSON.readTree(look(drafts.get(draft), name)).path("version").asInt() : version;
    }

    private byte[] look(String path, String name) throws IOException, InterruptedException {
        return timed(() -> asked.any(path, name, "", new byte[0], "")).body();
    }

    private interface Asking {
        HttpResponse<byte[]> ask() throws IOException, InterruptedException;
    }

    private HttpResponse<byte[]> timed(Asking asking) throws IOException, InterruptedException {
        long start = System.nanoTime();
        var answer = asking.ask();
        times.add((System.nanoTime() - start) / 1e6);
        statuses.computeIfAbsent(answer.statusCode(), status -> new AtomicInteger()).incrementAndGet();
        return answer;
    }

    private boolean told(int seconds) throws IOException, InterruptedException {
        boolean well = true;
        int all = 0;
        for (int i = 0; i < DRAFTS; i++) {
            int version = asked.read(drafts.get(i) + "/version").path("version").asInt();
            int changes = accepted.get(i).size();
            all += changes;
            if (version != changes) { // each accepted change is one step, however often it was sent
                System.out.println("draft " + i + " stands at " + version + " after " + changes + " accepted changes");
                well = false;
            }
        }
        var sorted = times.stream().sorted().toList();
        int wrong = statuses.entrySet().stream().filter(each -> each.getKey() >= 500).mapToInt(each -> each.getValue().get()).sum();
        System.out.printf(Locale.ROOT,
                "%d people on %d drafts for %d s: %d requests, %d accepted changes, each there once: %s; median %.0f ms, 95th percentile %.0f ms; answers by status: %s%n",
                PEOPLE, DRAFTS, seconds, sorted.size(), all, well ? "yes" : "NO", sorted.get(sorted.size() / 2),
                sorted.get(sorted.size() * 95 / 100), statuses);
        return well && wrong == 0;
    }

    private static long used() {
        System.gc();
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
    }
}
