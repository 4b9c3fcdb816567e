package yellowkite.server.library;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.SavedSearchRepository.SavedSearch;
import yellowkite.server.web.Author;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Searches that the house keeps. */
@RestController
class SavedSearchController {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_SEARCH = 2_000;
    private static final int MOST = 200;
    private final SavedSearchRepository searches;
    private final Transactions transactions;
    private final HouseClock clock;

    SavedSearchController(SavedSearchRepository searches, Transactions transactions, HouseClock clock) {
        this.searches = searches;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** 200 with all of them, by name. */
    @GetMapping("/api/searches")
    List<SavedSearch> list() {
        return searches.list();
    }

    /** @param search as the page's address has it behind the question mark */
    record SaveRequest(String name, String search) {
        SaveRequest {
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(search, "search");
        }
    }

    /** 200 with all of them; 422 with the {@code field} that does not fit, or if there are too many. */
    @PostMapping("/api/searches")
    List<SavedSearch> save(@RequestBody SaveRequest request, Author author) {
        var name = Line.of("name", request.name(), LONGEST_NAME);
        var search = Line.of("search", request.search(), LONGEST_SEARCH);
        if (name.isEmpty()) {
            throw Refusal.unfit("name", "Give the search a name.");
        }
        var saved = new SavedSearch(UUID.randomUUID().toString(), name, search, author.name());
        transactions.run(() -> {
            if (searches.list().size() >= MOST) {
                throw Refusal.unfit("name", "The house keeps " + MOST + " saved searches; delete one first.");
            }
            searches.add(saved, clock.now());
            return saved;
        });
        return searches.list();
    }

    /** 204, also if it is gone already. */
    @DeleteMapping("/api/searches/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable String id) {
        searches.delete(id);
    }
}
