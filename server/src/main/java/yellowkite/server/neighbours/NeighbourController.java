package yellowkite.server.neighbours;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Sha256;
import yellowkite.server.compare.Looking;
import yellowkite.server.neighbours.Neighbours.NeighbourFacts;
import yellowkite.server.neighbours.Neighbours.NeighbourLine;
import yellowkite.server.neighbours.WatchRepository.Watch;
import yellowkite.server.neighbours.WatchRepository.WishHit;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Neighbours and what they have, over HTTP. One that does not answer is 422 with the reason, or told beside what was found. */
@RestController
class NeighbourController {
    private static final int LISTED = 50;
    private static final int MOST_HITS = 500;
    private static final int LONGEST_WORDS = 200;
    private static final int LONGEST_NOTE = 500;
    private static final int MOST_STARS = 5;
    private static final long MOST_LOOKED_AT = 32L << 20;
    private final Neighbours neighbours;
    private final NeighbourClient client;
    private final NeighbourWatching watching;
    private final WatchRepository watches;
    private final Looking looking;
    private final RevisionReader reader;
    private final Cache<String, byte[]> lookedAt = Caffeine.newBuilder()
        .maximumWeight(MOST_LOOKED_AT)
        .weigher((String sha, byte[] file) -> file.length)
        .expireAfterWrite(Duration.ofMinutes(10))
        .build();

    NeighbourController(Neighbours neighbours, NeighbourClient client, NeighbourWatching watching, WatchRepository watches, Looking looking,
            RevisionReader reader) {
        this.neighbours = neighbours;
        this.client = client;
        this.watching = watching;
        this.watches = watches;
        this.looking = looking;
        this.reader = reader;
    }

    /** 200 with all of them, by name. */
    @GetMapping("/api/neighbours")
    List<NeighbourLine> list() {
        return neighbours.list();
    }

    /** 201 once it has let us in; 422 with the field that does not fit, or why it does not. */
    @PostMapping("/api/neighbours")
    @ResponseStatus(HttpStatus.CREATED)
    NeighbourLine add(@RequestBody NeighbourFacts facts, Change change) {
        return neighbours.add(facts, change);
    }

    record ChangeNeighbourRequest(int version, NeighbourFacts facts) {
        ChangeNeighbourRequest {
            Objects.requireNonNull(facts, "facts");
        }
    }

    /** 200 once it has let us in; 409 if someone has changed it since {@code version}. */
    @PutMapping("/api/neighbours/{id}")
    NeighbourLine change(@PathVariable String id, @RequestBody ChangeNeighbourRequest request) {
        return neighbours.change(id, request.version(), request.facts());
    }

    /** 204; what was taken from it stays. */
    @DeleteMapping("/api/neighbours/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id) {
        neighbours.remove(id);
    }

    /** 200 with it, after it was asked what is new. */
    @PostMapping("/api/neighbours/{id}/ask")
    NeighbourLine ask(@PathVariable String id) {
        return NeighbourLine.of(watching.askNow(id));
    }

    /** @param trouble why it did not answer; null if it did */
    record NeighbourFound(int total, List<ToldProfile> profiles, @Nullable String trouble) {}

    /** 200 with what some words find there. */
    @GetMapping("/api/neighbours/{id}/search")
    NeighbourFound search(@PathVariable String id, @RequestParam(defaultValue = "") String words) {
        var wanted = Line.of("words", words, LONGEST_WORDS);
        try {
            var found = client.list(neighbours.access(neighbours.require(id)), wanted, LISTED);
            return new NeighbourFound(found.total(), found.profiles(), null);
        } catch (NeighbourTrouble trouble) {
            return new NeighbourFound(0, List.of(), trouble.says());
        }
    }

    /** 200 with what is in a profile of theirs, beside ours; nothing is stored. 422 if it is refused, or is not what they told of. */
    @GetMapping("/api/neighbours/{id}/profiles/{remoteId}/look")
    Looking.LookView look(@PathVariable String id, @PathVariable String remoteId) {
        return neighbours.ask(id, at -> {
            var told = client.profile(at, remoteId);
            var known = lookedAt.getIfPresent(told.sha256());
            var file = known == null ? client.file(at, told) : known;
            if (!Sha256.of(file).equals(told.sha256())) {
                throw new NeighbourTrouble("What " + at.name() + " sent is not the file that it told of: its hash is another.", false);
            }
            lookedAt.put(told.sha256(), file);
            var name = told.manufacturer() + "@" + told.model() + ".gdtf";
            try {
                return looking.look(name, file);
            } catch (FormatException refused) {
                throw Refusal.unfit("file", refused.sentence(name));
            }
        });
    }

    record RatingRequest(int stars) {}

    /** 200 with the profile and its mean; 422 unless it is one to five stars. */
    @PutMapping("/api/neighbours/{id}/profiles/{remoteId}/rating")
    ToldProfile rate(@PathVariable String id, @PathVariable String remoteId, @RequestBody RatingRequest request) {
        if (request.stars() < 1 || request.stars() > MOST_STARS) {
            throw Refusal.unfit("stars", "One to five stars.");
        }
        return neighbours.ask(id, at -> client.rate(at, remoteId, request.stars()));
    }

    /** 200 with all that is watched, what has a newer revision first. */
    @GetMapping("/api/watches")
    List<Watch> watches() {
        return watches.list();
    }

    /** 200 with all that is watched then. */
    @PutMapping("/api/neighbours/{id}/profiles/{remoteId}/watch")
    List<Watch> watch(@PathVariable String id, @PathVariable String remoteId) {
        var told = neighbours.ask(id, at -> client.profile(at, remoteId));
        watches.put(
                new Watch(id, "", told.id(), told.manufacturer(), told.model(), told.revision(), told.revision(), told.note(), null, null));
        return watches.list();
    }

    /** 200 with all that is watched then. */
    @DeleteMapping("/api/neighbours/{id}/profiles/{remoteId}/watch")
    List<Watch> leave(@PathVariable String id, @PathVariable String remoteId) {
        watches.remove(id, remoteId);
        return watches.list();
    }

    /** 200; nobody is told of that revision again. */
    @PostMapping("/api/neighbours/{id}/profiles/{remoteId}/read")
    List<Watch> read(@PathVariable String id, @PathVariable String remoteId) {
        watches.read(id, remoteId);
        return watches.list();
    }

    /** 200 with what neighbours have of what colleagues wish for. */
    @GetMapping("/api/wish-hits")
    List<WishHit> hits() {
        return watches.hits(MOST_HITS);
    }

    record OfferRequest(String profileId, int revision, String note) {
        OfferRequest {
            Objects.requireNonNull(profileId, "profileId");
            Objects.requireNonNull(note, "note");
        }
    }

    /** 200 with the profile as it is there then; 404 if we have no such revision. */
    @PostMapping("/api/neighbours/{id}/offers")
    ToldProfile offer(@PathVariable String id, @RequestBody OfferRequest request) {
        var revision = reader.require(request.profileId(), request.revision());
        var note = Line.of("note", request.note(), LONGEST_NOTE);
        return neighbours.ask(id, at -> client.offer(at, reader.file(revision), note));
    }
}
