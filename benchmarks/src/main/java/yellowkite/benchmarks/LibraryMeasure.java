package yellowkite.benchmarks;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import yellowkite.demo.GeneratedFixtures;
import yellowkite.server.KiteServer;
import yellowkite.server.database.LocalMariaDb;
import yellowkite.server.intake.Filling;
import yellowkite.server.library.ListedRepository;
import yellowkite.server.library.ProfileRepository;

/**
 * The second part of {@code ./kite measure}: what the running server needs at 20,000 profiles. Searches go over HTTP as the page sends
 * them; their floor is the database giving the same rows by their keys. The files of the import come in as the page sends them.
 */
public final class LibraryMeasure {
    private static final int PROFILES = 20_000;
    private static final int TOO_MANY = 30_000;
    private static final int FILES = 1_000;
    private static final int IN_A_BATCH = 10;
    private static final int AT_ONCE = 2;
    private static final int ROUNDS = 3;
    /** Of a profile, that a list shows. */
    private static final int MODES = 12;
    private static final double BUDGET_MILLIS = 40;
    private static final double BUDGET_FILES = 90;
    private final Asked asked;
    private final ListedRepository profiles;

    private LibraryMeasure(ConfigurableApplicationContext server) {
        this.asked = new Asked(server);
        this.profiles = server.getBean(ListedRepository.class);
    }

    /** @param arguments the folder that keeps the filled library between calls */
    public static void main(String[] arguments) throws Exception {
        var home = Path.of(arguments[0]).toAbsolutePath();
        var database = LocalMariaDb.start(home);
        var server = KiteServer.start(database, "--server.port=0");
        try {
            if (server.getBean(ProfileRepository.class).count() > TOO_MANY) {
                server.close();
                database.close();
                database = LocalMariaDb.startOver(home);
                server = KiteServer.start(database, "--server.port=0");
            }
            server.getBean(Filling.class).fill(PROFILES, System.err::println);
            var measure = new LibraryMeasure(server);
            measure.searches();
            measure.files();
            new DraftMeasure(server).run();
        } finally {
            server.close();
            database.close();
        }
    }

    private void searches() throws IOException, InterruptedException {
        var recorded = recorded();
        var times = new double[recorded.size()];
        var floors = new double[recorded.size()];
        Arrays.fill(times, Double.MAX_VALUE);
        Arrays.fill(floors, Double.MAX_VALUE);
        for (int round = 0; round <= ROUNDS; round++) { // the first one warms up
            for (int i = 0; i < times.length; i++) {
                long start = System.nanoTime();
                var answer = asked.get("/api/library?search=" + URLEncoder.encode(recorded.get(i), StandardCharsets.UTF_8));
                double time = (System.nanoTime() - start) / 1e6;
                var ids = Asked.JSON.readTree(answer).path("profiles").values().stream().map(each -> each.path("id").asString()).toList();
                start = System.nanoTime();
                byKey(ids);
                if (round > 0) {
                    times[i] = Math.min(times[i], time);
                    floors[i] = Math.min(floors[i], (System.nanoTime() - start) / 1e6);
                }
            }
        }
        Arrays.sort(times);
        Arrays.sort(floors);
        System.out.printf(Locale.ROOT,
                "search, %d recorded, each the fastest of " + ROUNDS + ": median %.1f ms, 95th percentile %.1f ms (budget %.0f ms)%n",
                times.length, times[times.length / 2], times[times.length * 95 / 100], BUDGET_MILLIS);
        System.out.printf(Locale.ROOT,
                "the same rows by key: median %.1f ms, 95th percentile %.1f ms; search / rows by key = %.2f (budget 4.0)%n",
                floors[floors.length / 2], floors[floors.length * 95 / 100], times[times.length / 2] / floors[floors.length / 2]);
    }

    private void byKey(List<String> ids) {
        profiles.modes(profiles.of(ids).values().stream().map(ListedRepository.Listed::revisionId).toList(), MODES);
    }

    private static List<String> recorded() throws IOException {
        try (var in = LibraryMeasure.class.getResourceAsStream("searches.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines()
                .filter(line -> !line.startsWith("#") && !line.isBlank())
                .toList();
        }
    }

    private void files() throws Exception {
        int first = 1_000_000 + (int) (System.nanoTime() & 0xFFFFFF);
        var numbers = IntStream.range(first, first + FILES).boxed().toList();
        var announced = numbers.stream()
            .map(number -> "{\"name\": \"" + number + ".gdtf\", \"size\": 1}")
            .collect(Collectors.joining(", "));
        var run = asked.post("/api/intake/runs", "{\"files\": [" + announced + "]}")
            .at("/run/id")
            .asString();
        var bodies = IntStream.range(0, FILES / IN_A_BATCH).mapToObj(batch -> batch * IN_A_BATCH).toList();
        long before = used();
        long start = System.nanoTime();
        try (var senders = Executors.newFixedThreadPool(AT_ONCE)) {
            List<Callable<JsonNode>> batches = bodies.stream()
                .<Callable<JsonNode>>map(from -> () -> send(run, numbers.subList(from, from + IN_A_BATCH), from))
                .toList();
            for (var sent : senders.invokeAll(batches)) {
                if (sent.get().values().stream().anyMatch(result -> result.path("accepted").isNull())) {
                    throw new IllegalStateException("a file was refused: " + sent.get());
                }
            }
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        System.out.printf(Locale.ROOT, "import of %d files: %.0f a second (budget %.0f); used memory %d MB before, %d MB after%n", FILES,
                FILES / seconds, BUDGET_FILES, before >> 20, used() >> 20);
    }

    private static long used() {
        System.gc();
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
    }

    private JsonNode send(String run, List<Integer> numbers, int from) throws IOException, InterruptedException {
        var files = new LinkedHashMap<String, byte[]>();
        numbers.forEach(number -> files.put(number + ".gdtf", GeneratedFixtures.file(number).write()));
        var places = IntStream.range(from, from + numbers.size()).mapToObj(Integer::toString).collect(Collectors.joining(","));
        return asked.send("/api/intake/runs/" + run + "/files?brief=true&at=" + places, files);
    }
}
