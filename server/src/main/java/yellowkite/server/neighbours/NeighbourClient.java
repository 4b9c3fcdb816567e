package yellowkite.server.neighbours;

import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.gdtf.GdtfFile;

/**
 * Asks neighbours, as docs/neighbour-api.md says. Each answer has a limit of time and of size; no neighbour sends anybody elsewhere.
 * Whatever goes wrong is a {@link NeighbourTrouble} with a sentence.
 */
@Component
class NeighbourClient {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Duration CONNECT = Duration.ofSeconds(4);
    private static final Duration ANSWER = Duration.ofSeconds(12);
    private static final Duration FILE = Duration.ofSeconds(90);
    private static final int MOST_JSON = 4 << 20;
    private static final int LONGEST_SAID = 200;
    private static final int UNAUTHORIZED = 401;
    private static final int PARTIAL = 206;
    private final HttpClient client = HttpClient.newBuilder()
        .connectTimeout(CONNECT)
        .followRedirects(HttpClient.Redirect.NEVER)
        .version(HttpClient.Version.HTTP_1_1)
        .build();
    private final Map<String, String> tokens = new ConcurrentHashMap<>();

    NeighbourClient() {}

    /** Where a neighbour is and how to get in. */
    record Access(String id, String name, String address, String login, String secret) {
        @Override
        public String toString() {
            return "neighbour " + name; // without its secret, wherever it is written
        }
    }

    record FoundThere(int total, List<ToldProfile> profiles) {}

    FoundThere list(Access at, String words, int count) {
        var json = json(signedIn(at, "GET", "/profiles?count=" + count + "&words=" + encoded(words), BodyPublishers.noBody(), ANSWER,
                MOST_JSON), at);
        if (!json.path("profiles").isArray()) {
            throw odd(at);
        }
        var profiles = ToldProfile.all(json.path("profiles"));
        return new FoundThere(Math.max(profiles.size(), json.path("total").asInt(0)), profiles);
    }

    ToldProfile profile(Access at, String remoteId) {
        return ToldProfile.of(json(signedIn(at, "GET", "/profiles/" + known(remoteId), BodyPublishers.noBody(), ANSWER, MOST_JSON), at))
            .orElseThrow(() -> odd(at));
    }

    /** {@return the whole file} */
    byte[] file(Access at, ToldProfile told) {
        return signedIn(at, "GET", "/profiles/" + known(told.id()) + "/file", BodyPublishers.noBody(), FILE, told.size()).body();
    }

    /** {@return some bytes of a file: from one on, up to before another; all of it from a neighbour that gives no pieces} */
    byte[] piece(Access at, String remoteId, int from, int to) {
        var answer = signedIn(at, "GET", "/profiles/" + known(remoteId) + "/file", BodyPublishers.noBody(), FILE, GdtfFile.MAX_BYTES,
                "Range", "bytes=" + from + "-" + (to - 1));
        if (answer.statusCode() == PARTIAL) {
            return answer.body();
        }
        var whole = answer.body();
        return from >= whole.length ? new byte[0] : Arrays.copyOfRange(whole, from, Math.min(to, whole.length));
    }

    /** @param upTo number of the last change that there is */
    record ChangesThere(int upTo, List<ToldProfile> profiles) {}

    ChangesThere changes(Access at, int since) {
        var json = json(signedIn(at, "GET", "/changes?since=" + since, BodyPublishers.noBody(), ANSWER, MOST_JSON), at);
        return new ChangesThere(json.path("upTo").asInt(since), ToldProfile.all(json.path("profiles")));
    }

    ToldProfile rate(Access at, String remoteId, int stars) {
        var said = BodyPublishers.ofString(JSON.writeValueAsString(Map.of("stars", stars)));
        return ToldProfile.of(json(signedIn(at, "PUT", "/profiles/" + known(remoteId) + "/rating", said, ANSWER, MOST_JSON), at))
            .orElseThrow(() -> odd(at));
    }

    ToldProfile offer(Access at, byte[] file, String note) {
        return ToldProfile
            .of(json(signedIn(at, "POST", "/offers?note=" + encoded(note), BodyPublishers.ofByteArray(file), FILE, MOST_JSON), at))
            .orElseThrow(() -> odd(at));
    }

    /** Proves that it is there and lets in who is told. */
    void signIn(Access at) {
        var said = BodyPublishers.ofString(JSON.writeValueAsString(Map.of("name", at.login(), "secret", at.secret())));
        var token = json(required(at, send(at, request(at, "POST", "/sign-in", said, ANSWER), ANSWER, MOST_JSON)), at)
            .path("token")
            .asString("");
        if (!token.matches("[\\x21-\\x7e]{1,500}")) {
            throw odd(at);
        }
        tokens.put(at.id(), token);
    }

    /** Forgets that somebody is signed in. */
    void signOut(String neighbourId) {
        tokens.remove(neighbourId);
    }

    private HttpResponse<byte[]> signedIn(Access at, String method, String path, BodyPublisher body, Duration time, int limit,
            String... headers) {
        if (!tokens.containsKey(at.id())) {
            signIn(at);
        }
        var answer = send(at, request(at, method, path, body, time, headers), time, limit);
        if (answer.statusCode() / 100 == 5 && method.equals("GET")) { // asking again changes nothing there
            answer = send(at, request(at, method, path, body, time, headers), time, limit);
        }
        if (answer.statusCode() == UNAUTHORIZED) { // its memory is its own affair
            signIn(at);
            answer = send(at, request(at, method, path, body, time, headers), time, limit);
        }
        return required(at, answer);
    }

    private HttpRequest request(Access at, String method, String path, BodyPublisher body, Duration time, String... headers) {
        var request = HttpRequest.newBuilder(URI.create(at.address() + "/v1" + path)).timeout(time).method(method, body);
        Optional.ofNullable(tokens.get(at.id())).ifPresent(token -> request.header("Authorization", "Bearer " + token));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return request.build();
    }

    /** The request's own limit ends where the answer's head is there; this one holds to its last byte. */
    private HttpResponse<byte[]> send(Access at, HttpRequest request, Duration time, int limit) {
        var coming = client.sendAsync(request, LimitedBody.upTo(limit));
        try {
            return coming.get(time.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            coming.cancel(true);
            throw new NeighbourTrouble(at.name() + " took longer than " + time.toSeconds() + " seconds to answer.", true);
        } catch (ExecutionException failed) {
            throw trouble(at, Objects.requireNonNullElse(failed.getCause(), failed), limit);
        } catch (InterruptedException stopped) {
            coming.cancel(true);
            Thread.currentThread().interrupt();
            throw new NeighbourTrouble("The question to " + at.name() + " was stopped.", false);
        }
    }

    private static NeighbourTrouble trouble(Access at, Throwable failed, int limit) {
        if (failed instanceof LimitedBody.TooLong || failed.getCause() instanceof LimitedBody.TooLong) {
            return new NeighbourTrouble(at.name() + " sent more than the " + Math.max(1, limit >> 10) + " kB that were to come.", false);
        }
        return failed instanceof IOException
                ? new NeighbourTrouble(at.name() + " cannot be reached at " + at.address() + ", or broke off.", true)
                : new NeighbourTrouble(at.name() + " gave no answer that can be read.", false);
    }

    private static HttpResponse<byte[]> required(Access at, HttpResponse<byte[]> answer) {
        int status = answer.statusCode();
        if (status / 100 == 2) {
            return answer;
        }
        var said = said(answer.body());
        var why = said.isEmpty() ? " answered with status " + status + "." : " says: " + said;
        throw new NeighbourTrouble(status == UNAUTHORIZED ? at.name() + " does not let " + at.login() + " in: name or secret is not right."
                : at.name() + why, status / 100 == 5);
    }

    private static String said(byte[] body) {
        try {
            return body.length > MOST_JSON / 8 ? "" : ToldProfile.line(JSON.readTree(body), "says", LONGEST_SAID);
        } catch (JacksonException none) {
            return "";
        }
    }

    private static JsonNode json(HttpResponse<byte[]> answer, Access at) {
        try {
            return JSON.readTree(answer.body());
        } catch (JacksonException none) {
            throw odd(at);
        }
    }

    private static NeighbourTrouble odd(Access at) {
        return new NeighbourTrouble(at.name() + " answered with something else than was asked for.", false);
    }

    /** Ids of theirs stand in addresses. */
    private static String known(String remoteId) {
        if (!ToldProfile.isId(remoteId)) {
            throw new NeighbourTrouble("No neighbour has a profile of this id.", false);
        }
        return remoteId;
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
