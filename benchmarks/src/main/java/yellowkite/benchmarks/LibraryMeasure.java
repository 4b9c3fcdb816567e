package yellowkite.benchmarks;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.demo.GeneratedFixtures;
import yellowkite.server.KiteServer;
import yellowkite.server.database.LocalMariaDb;
import yellowkite.server.intake.Filling;
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
    private static final double BUDGET_MILLIS = 50;
    private static final double BUDGET_FILES = 60;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;
    private final ProfileRepository profiles;

    private LibraryMeasure(ConfigurableApplicationContext server) {
        this.address = "http://127.0.0.1:" + Objects.requireNonNull(((WebServerApplicationContext) server).getWebServer()).getPort();
        this.profiles = server.getBean(ProfileRepository.class);
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
                var answer = get("/api/library?search=" + URLEncoder.encode(recorded.get(i), StandardCharsets.UTF_8));
                double time = (System.nanoTime() - start) / 1e6;
                var ids = JSON.readTree(answer).path("profiles").values().stream().map(each -> each.path("id").asString()).toList();
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
        System.out.printf(Locale.ROOT, "the same rows by key: median %.1f ms, 95th percentile %.1f ms; search / rows by key = %.2f%n",
                floors[floors.length / 2], floors[floors.length * 95 / 100], times[times.length / 2] / floors[floors.length / 2]);
    }

    private void byKey(List<String> ids) {
        profiles.modes(profiles.listed(ids).values().stream().map(ProfileRepository.Listed::revisionId).toList());
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
        var run = post("/api/intake/runs", "application/json", ("{\"files\": [" + announced + "]}").getBytes(StandardCharsets.UTF_8))
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
        var body = new ByteArrayOutputStream();
        for (int number : numbers) {
            body.writeBytes(("--kite\r\nContent-Disposition: form-data; name=\"files\"; filename=\"" + number + ".gdtf\"\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
            body.writeBytes(GeneratedFixtures.file(number).write());
            body.writeBytes("\r\n".getBytes(StandardCharsets.UTF_8));
        }
        body.writeBytes("--kite--\r\n".getBytes(StandardCharsets.UTF_8));
        var places = IntStream.range(from, from + numbers.size()).mapToObj(Integer::toString).collect(Collectors.joining(","));
        return post("/api/intake/runs/" + run + "/files?brief=true&at=" + places, "multipart/form-data; boundary=kite", body.toByteArray());
    }

    private byte[] get(String path) throws IOException, InterruptedException {
        var answer = client.send(HttpRequest.newBuilder(URI.create(address + path)).build(), BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " was answered with " + answer.statusCode());
        }
        return answer.body();
    }

    private JsonNode post(String path, String type, byte[] body) throws IOException, InterruptedException {
        var answer = client.send(HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", type)
            .header("Kite-Author", "The%20mill")
            .POST(HttpRequest.BodyPublishers.ofByteArray(body))
            .build(), BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(
                    path + " was answered with " + answer.statusCode() + ": " + new String(answer.body(), StandardCharsets.UTF_8));
        }
        return JSON.readTree(answer.body());
    }
}
