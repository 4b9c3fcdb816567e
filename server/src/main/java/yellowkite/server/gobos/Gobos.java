package yellowkite.server.gobos;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowkite.core.gobo.Outline;
import yellowkite.core.gobo.Picture;
import yellowkite.core.gobo.PictureRefused;
import yellowkite.core.rig.wheels.WheelPlan;
import yellowkite.media.PictureFile;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.gobos.GoboRepository.StoredGobo;
import yellowkite.server.web.Author;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** The gobo shelf: pictures stored once, under names of the house. */
@Service
public class Gobos {
    private static final int MOST = 10_000;
    private static final int LONGEST_FILE_NAME = 60;
    /** Corners that lie so near, in parts of the picture's side, to the line without them are left out of an outline. */
    static final double TOLERANCE = 0.001;
    private final GoboRepository repository;
    private final ContentStore contents;
    private final HouseClock clock;
    private final Transactions transactions;

    Gobos(GoboRepository repository, ContentStore contents, HouseClock clock, Transactions transactions) {
        this.repository = repository;
        this.contents = contents;
        this.clock = clock;
        this.transactions = transactions;
    }

    /**
     * What the house knows of a gobo.
     *
     * @param tags words parted by spaces
     * @param origin where it came from, and {@code rights} who allows what; each may be empty, as may the manufacturer
     */
    public record Facts(String name, String tags, String manufacturer, String manufacturerNumber, String origin, String rights) {
        public Facts {
            name = Objects.requireNonNullElse(name, "");
            tags = Objects.requireNonNullElse(tags, "");
            manufacturer = Objects.requireNonNullElse(manufacturer, "");
            manufacturerNumber = Objects.requireNonNullElse(manufacturerNumber, "");
            origin = Objects.requireNonNullElse(origin, "");
            rights = Objects.requireNonNullElse(rights, "");
        }

        Facts whole() {
            if (name.isBlank()) {
                throw Refusal.unfit("name", "A gobo needs a name.");
            }
            return new Facts(Line.of("name", name, 120), String.join(" ", words(Line.of("tags", tags, 300))),
                    Line.of("manufacturer", manufacturer, 120), Line.of("manufacturerNumber", manufacturerNumber, 60),
                    Line.of("origin", origin, 300), Line.of("rights", rights, 300));
        }
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.strip().split("[\\s,;]+")).filter(each -> !each.isEmpty()).distinct().limit(20).toList();
    }

    /** Puts a picture on the shelf as it is, unless it is there. */
    public void keepAsItIs(Facts facts, byte[] png, Author author) {
        keep(facts, png, author);
    }

    /**
     * {@return the gobo with that picture; the one that was there if the shelf holds this very picture} @param png as it is to be stored
     */
    StoredGobo keep(Facts facts, byte[] png, Author author) {
        var whole = facts.whole();
        if (repository.count() >= MOST) {
            throw Refusal.unfit("name", "The shelf holds " + MOST + " gobos already; remove some first.");
        }
        var picture = PictureFile.read("", png);
        return transactions.run(() -> {
            var sha = contents.put(png);
            var outline = contents.put(outline(picture).getBytes(StandardCharsets.UTF_8));
            var gobo = new StoredGobo(UUID.randomUUID().toString(), whole.name(), whole.tags(), whole.manufacturer(),
                    whole.manufacturerNumber(), whole.origin(), whole.rights(), sha, outline, picture.width(), author.name(),
                    clock.now(), 0);
            return repository.add(gobo) ? gobo : repository.findByPicture(sha).orElseThrow();
        });
    }

    private static String outline(Picture picture) {
        try {
            return Outline.trace(picture, TOLERANCE * picture.width()).svg();
        } catch (PictureRefused tooBusy) { // a picture in grey or colour may have no lines; its line view stays empty
            return new Outline(List.of(), picture.width()).svg();
        }
    }

    /** @throws Refusal 409 if someone else has described it since {@code seen} */
    StoredGobo describe(String id, int seen, Facts facts) {
        var whole = facts.whole();
        return transactions.run(() -> {
            boolean described = repository.describe(id, seen, whole.name(), whole.tags(), whole.manufacturer(), whole.manufacturerNumber(),
                    whole.origin(), whole.rights());
            var now = require(id);
            if (!described) {
                throw Refusal.stale("Someone has described '" + now.name()
                        + "' meanwhile. Yours was not saved; close it, look at theirs and try again.", Map.of());
            }
            return now;
        });
    }

    /** Takes a gobo from the shelf; the profiles that use its picture keep it. */
    void remove(String id) {
        if (!repository.delete(id)) {
            throw Refusal.notFound("This gobo is not on the shelf any more.");
        }
    }

    /** What a profile takes of a gobo. */
    public record Taken(String name, String sha256) {
        /** {@return the name as a slot can have it} */
        public String asSlot() {
            return name.replaceAll("[^\\p{L}\\p{Nd} \"#%'()*+\\-/:;<=>@_`]", " ").strip();
        }

        /** {@return a name for its entry in the archive} */
        public String fileName() {
            return Gobos.fileName(name, sha256);
        }
    }

    /** {@return a name for an entry of the archive, and in it: letters, digits and dashes, told apart by what it holds} */
    public static String fileName(String name, String sha256) {
        var plain = name.replaceAll("[^A-Za-z0-9]+", "-").replaceAll("^-|-$", "");
        return (plain.length() > LONGEST_FILE_NAME ? plain.substring(0, LONGEST_FILE_NAME) : plain) + "-" + sha256.substring(0, 8);
    }

    /** {@return all gobos, as sheets are laid out against them} */
    public List<WheelPlan.ShelfGobo> shelf() {
        return repository.search(List.of(), MOST)
            .stream()
            .map(each -> new WheelPlan.ShelfGobo(each.id(), each.name(), each.manufacturerNumber(), each.tags()))
            .toList();
    }

    /** {@return a gobo of the shelf} @throws Refusal 404 if it is gone */
    public Taken take(String id) {
        var gobo = require(id);
        return new Taken(gobo.name(), gobo.pictureSha256());
    }

    StoredGobo require(String id) {
        return repository.find(id).orElseThrow(() -> Refusal.notFound("This gobo is not on the shelf any more."));
    }

    /** {@return the names of all gobos} */
    public Set<String> names() {
        return repository.names();
    }

    List<StoredGobo> search(String text, int limit) {
        return repository.search(words(text), limit);
    }

    List<GoboRepository.Use> uses(String id) {
        return repository.uses(require(id).pictureSha256());
    }
}
