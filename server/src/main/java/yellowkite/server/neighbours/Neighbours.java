package yellowkite.server.neighbours;

import java.net.URI;
import java.net.URISyntaxException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.server.database.HouseClock;
import yellowkite.server.neighbours.NeighbourClient.Access;
import yellowkite.server.neighbours.NeighbourRepository.StoredNeighbour;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Who the neighbours are. One is added or changed only once it has let us in. */
@Service
class Neighbours {
    private static final int MOST = 50;
    private static final int LONGEST = 120;
    private static final int LONGEST_ADDRESS = 300;
    private static final int LONGEST_SECRET = 500;
    private final NeighbourRepository repository;
    private final NeighbourClient client;
    private final SecretBox box;
    private final HouseClock clock;

    Neighbours(NeighbourRepository repository, NeighbourClient client, SecretBox box, HouseClock clock) {
        this.repository = repository;
        this.client = client;
        this.box = box;
        this.clock = clock;
    }

    /** Without its secret. @param askedAt null until it was asked for news. @param trouble why it did not answer then; may be empty */
    record NeighbourLine(String id, int version, String name, String address, String login, String addedBy, @Nullable LocalDateTime askedAt,
            String trouble) {
        static NeighbourLine of(StoredNeighbour stored) {
            return new NeighbourLine(stored.id(), stored.version(), stored.name(), stored.address(), stored.login(), stored.addedBy(),
                    stored.askedAt(), stored.trouble());
        }
    }

    /** What somebody says of one. @param secret empty = the one that is kept */
    record NeighbourFacts(String name, String address, String login, String secret) {
        NeighbourFacts {
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(address, "address");
            Objects.requireNonNull(login, "login");
            Objects.requireNonNull(secret, "secret");
        }

        @Override
        public String toString() {
            return "neighbour " + name; // without its secret, wherever it is written
        }
    }

    List<NeighbourLine> list() {
        return repository.list().stream().map(NeighbourLine::of).toList();
    }

    /** {@return it; asked for again, it is the same one} */
    NeighbourLine add(NeighbourFacts facts, Change change) {
        var id = change.id() == null ? UUID.randomUUID().toString() : change.id();
        var known = repository.find(id);
        if (known.isPresent()) {
            return NeighbourLine.of(known.get());
        }
        if (repository.list().size() >= MOST) {
            throw Refusal.unfit("name", "The house has " + MOST + " neighbours already.");
        }
        var access = access(id, facts, facts.secret());
        repository.add(new StoredNeighbour(id, 0, access.name(), access.address(), access.login(), box.lock(access.secret()),
                change.author().name(), clock.now(), null, 0, ""));
        return NeighbourLine.of(require(id));
    }

    NeighbourLine change(String id, int seen, NeighbourFacts facts) {
        var before = require(id);
        boolean elsewhere = !Line.of("address", facts.address(), LONGEST_ADDRESS).replaceAll("/+$", "").equals(before.address());
        if (elsewhere && facts.secret().isEmpty()) { // a secret is not sent to whoever an address is changed to
            throw Refusal.unfit("secret", "Type the secret again: it is not sent to another address by itself.");
        }
        client.signOut(id);
        var access = access(id, facts, facts.secret().isEmpty() ? asking("secret", () -> box.open(before.secret())) : facts.secret());
        if (!repository.change(id, seen, access.name(), access.address(), access.login(), box.lock(access.secret()))) {
            throw Refusal.stale("Someone has changed this neighbour meanwhile. Look at it again.", Map.of());
        }
        return NeighbourLine.of(require(id));
    }

    /** Proves that what is said of it is so. */
    private Access access(String id, NeighbourFacts facts, String secret) {
        var name = Line.of("name", facts.name(), LONGEST);
        if (name.isEmpty()) {
            throw Refusal.unfit("name", "Say what to call this neighbour.");
        }
        var access = new Access(id, name, address(facts.address()), Line.of("login", facts.login(), LONGEST),
                Line.of("secret", secret, LONGEST_SECRET));
        return asking("address", () -> {
            client.signIn(access);
            return access;
        });
    }

    private static String address(String typed) {
        var text = Line.of("address", typed, LONGEST_ADDRESS).replaceAll("/+$", "");
        try {
            var uri = new URI(text);
            var scheme = Objects.requireNonNullElse(uri.getScheme(), "").toLowerCase(Locale.ROOT);
            boolean whole = uri.getHost() != null && uri.getUserInfo() == null && uri.getQuery() == null && uri.getFragment() == null;
            if (!whole || !scheme.equals("http") && !scheme.equals("https")) {
                throw Refusal.unfit("address", "An address looks like https://library.example.");
            }
            if (scheme.equals("http") && !isThisMachine(uri.getHost())) {
                throw Refusal.unfit("address",
                        "Over http anybody on the way could read the secret. Use the address that begins with https.");
            }
            return text;
        } catch (URISyntaxException none) {
            throw Refusal.unfit("address", "An address looks like https://library.example.");
        }
    }

    private static boolean isThisMachine(String host) {
        return host.equals("localhost") || host.equals("[::1]") || host.matches("127\\.\\d{1,3}\\.\\d{1,3}\\.\\d{1,3}");
    }

    void remove(String id) {
        client.signOut(id);
        repository.delete(id);
    }

    StoredNeighbour require(String id) {
        return repository.find(id).orElseThrow(() -> Refusal.notFound("This neighbour is not on the list any more."));
    }

    Access access(StoredNeighbour stored) {
        return new Access(stored.id(), stored.name(), stored.address(), stored.login(), box.open(stored.secret()));
    }

    /** {@return what a neighbour answers} @throws Refusal 404 if it is not on the list; 422 with the reason if it does not answer */
    <T> T ask(String id, Function<Access, T> question) {
        var stored = require(id);
        return asking("neighbour", () -> question.apply(access(stored)));
    }

    private static <T> T asking(String field, Supplier<T> question) {
        try {
            return question.get();
        } catch (NeighbourTrouble trouble) {
            throw Refusal.unfit(field, trouble.says());
        }
    }
}
