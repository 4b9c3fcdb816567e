package yellowkite.neighbour;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.archive.FormatException;
import yellowkite.core.gdtf.GdtfFile;

/** The library over HTTP, on this machine alone. The interface: docs/neighbour-api.md. */
public final class NeighbourServer implements AutoCloseable {
    /** Who may sign in, and with what. */
    public static final String NAME = "marigold";
    public static final String SECRET = "lantern";
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_LISTED = 200;
    private static final int MOST_TOLD = 20;
    private static final int MOST_SAID = 64 << 10;
    private static final int MOST_STARS = 5;
    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");
    private static final Pattern RANGE = Pattern.compile("bytes=(\\d{1,10})-(\\d{0,10})");
    private final NeighbourLibrary library = NeighbourLibrary.furnished();
    private final Map<String, String> tokens = new ConcurrentHashMap<>();
    private final Manners manners;
    private final HttpServer server;
    private final ExecutorService hands = Executors.newVirtualThreadPerTaskExecutor();

    /** @param port 0 = any that is free */
    public NeighbourServer(int port, boolean slow, boolean flaky) throws IOException {
        manners = new Manners(slow, flaky);
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.setExecutor(hands);
        server.createContext("/v1/", this::answer);
        server.start();
    }

    public int port() {
        return server.getAddress().getPort();
    }

    private static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final int status;

        private Refused(int status, String says) {
            super(says);
            this.status = status;
        }
    }

    private void answer(HttpExchange asked) throws IOException {
        try (asked) {
            try {
                if (manners.fails()) {
                    throw new Refused(503, "Not now; ask again.");
                }
                route(asked);
            } catch (Refused refused) {
                json(asked, refused.status, Map.of("says", String.valueOf(refused.getMessage())));
            } catch (FormatException refused) {
                json(asked, 422, Map.of("says", refused.sentence("The file")));
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
        }
    }

    private void route(HttpExchange asked) throws IOException {
        var path = asked.getRequestURI().getPath().substring("/v1".length());
        var what = asked.getRequestMethod() + " " + path.replaceFirst("^/profiles/[^/]+", "/profiles/ID");
        switch (what) {
            case "GET /about" -> json(asked, 200, Map.of("house", NeighbourLibrary.HOUSE, "interface", 1));
            case "POST /sign-in" -> signIn(asked);
            case "GET /profiles" -> list(asked);
            case "GET /profiles/ID" -> json(asked, 200, require(asked, path));
            case "GET /profiles/ID/file" -> file(asked, path);
            case "PUT /profiles/ID/rating" -> rate(asked, path);
            case "GET /changes" -> changes(asked);
            case "POST /offers" -> offer(asked);
            default -> throw new Refused(404, "There is no " + what + ".");
        }
    }

    private void signIn(HttpExchange asked) throws IOException {
        var said = said(asked);
        if (!said.path("name").asString("").equals(NAME) || !said.path("secret").asString("").equals(SECRET)) {
            throw new Refused(401, "Name or secret is not right.");
        }
        var token = UUID.randomUUID().toString();
        tokens.put(token, NAME);
        json(asked, 200, Map.of("token", token));
    }

    private String requireSignedIn(HttpExchange asked) {
        var said = Optional.ofNullable(asked.getRequestHeaders().getFirst("Authorization")).orElse("");
        var name = tokens.get(said.replaceFirst("^Bearer ", ""));
        if (name == null) {
            throw new Refused(401, "Sign in first.");
        }
        return name;
    }

    private void list(HttpExchange asked) throws IOException {
        requireSignedIn(asked);
        var said = query(asked);
        var found = library.search(said.getOrDefault("words", ""));
        int from = whole(said.getOrDefault("from", "0"));
        int count = Math.min(MOST_LISTED, whole(said.getOrDefault("count", "50")));
        json(asked, 200, Map.of("total", found.size(), "profiles", found.stream().skip(from).limit(count).toList()));
    }

    private HeldProfile require(HttpExchange asked, String path) {
        requireSignedIn(asked);
        return library.find(id(path)).orElseThrow(() -> new Refused(404, "There is no such profile here."));
    }

    private static String id(String path) {
        return path.split("/")[2];
    }

    private void file(HttpExchange asked, String path) throws IOException {
        var profile = require(asked, path);
        var bytes = library.file(profile.id()).orElseThrow(() -> new Refused(404, "There is no such profile here."));
        var headers = asked.getResponseHeaders();
        headers.set("ETag", "\"" + profile.sha256() + "\"");
        headers.set("Accept-Ranges", "bytes");
        headers.set("Content-Type", "application/octet-stream");
        var range = range(asked.getRequestHeaders().getFirst("Range"), bytes.length);
        if (range != null) {
            headers.set("Content-Range", "bytes " + range[0] + "-" + (range[1] - 1) + "/" + bytes.length);
        }
        int from = range == null ? 0 : range[0];
        int to = range == null ? bytes.length : range[1];
        asked.sendResponseHeaders(range == null ? 200 : 206, to - from);
        manners.paced(asked.getResponseBody()).write(bytes, from, to - from);
    }

    /** {@return first byte and the one behind the last; null if all is wanted} */
    private static int @Nullable [] range(@Nullable String header, int size) {
        if (header == null) {
            return null;
        }
        Matcher range = RANGE.matcher(header);
        if (!range.matches()) {
            throw new Refused(416, "A range is bytes=FROM-TO.");
        }
        long from = Long.parseLong(range.group(1));
        long to = range.group(2).isEmpty() ? size - 1L : Math.min(size - 1L, Long.parseLong(range.group(2)));
        if (from > to) {
            throw new Refused(416, "The file ends at " + size + ".");
        }
        return new int[]{(int) from, (int) to + 1};
    }

    private void rate(HttpExchange asked, String path) throws IOException {
        var by = requireSignedIn(asked);
        int stars = said(asked).path("stars").asInt(0);
        if (stars < 1 || stars > MOST_STARS) {
            throw new Refused(422, "One to five stars.");
        }
        json(asked, 200, library.rate(id(path), by, stars).orElseThrow(() -> new Refused(404, "There is no such profile here.")));
    }

    private void changes(HttpExchange asked) throws IOException {
        requireSignedIn(asked);
        var since = query(asked).getOrDefault("since", "0");
        json(asked, 200, DAY.matcher(since).matches() ? library.since(day(since)) : library.since(whole(since), MOST_TOLD));
    }

    private void offer(HttpExchange asked) throws IOException {
        var by = requireSignedIn(asked);
        var file = asked.getRequestBody().readNBytes(GdtfFile.MAX_BYTES + 1);
        if (file.length > GdtfFile.MAX_BYTES) {
            throw new Refused(413, "The file is too large.");
        }
        json(asked, 201, library.offer(file, by, query(asked).getOrDefault("note", "")));
    }

    private static LocalDate day(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeException none) {
            throw new Refused(400, "'" + text + "' is no day.");
        }
    }

    private static JsonNode said(HttpExchange asked) throws IOException {
        try {
            return JSON.readTree(asked.getRequestBody().readNBytes(MOST_SAID));
        } catch (JacksonException none) {
            throw new Refused(400, "This is no JSON.");
        }
    }

    private static int whole(String text) {
        if (!text.matches("\\d{1,9}")) {
            throw new Refused(400, "'" + text + "' is no whole number.");
        }
        return Integer.parseInt(text);
    }

    private static Map<String, String> query(HttpExchange asked) {
        var text = Optional.ofNullable(asked.getRequestURI().getRawQuery()).orElse("");
        return Arrays.stream(text.split("&"))
            .filter(each -> each.contains("="))
            .map(each -> each.split("=", 2))
            .collect(Collectors.toMap(each -> each[0], each -> URLDecoder.decode(each[1], StandardCharsets.UTF_8),
                    (first, second) -> second));
    }

    private static void json(HttpExchange asked, int status, Object value) throws IOException {
        var bytes = JSON.writeValueAsBytes(value);
        asked.getResponseHeaders().set("Content-Type", "application/json");
        asked.sendResponseHeaders(status, bytes.length);
        asked.getResponseBody().write(bytes);
    }

    @Override
    public void close() {
        server.stop(0);
        hands.shutdownNow();
    }
}
