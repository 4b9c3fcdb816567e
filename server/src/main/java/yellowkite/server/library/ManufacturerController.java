package yellowkite.server.library;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.library.ManufacturerFacts;
import yellowkite.core.text.HexId;
import yellowkite.server.database.Transactions;
import yellowkite.server.web.Refusal;

/** What the house knows of manufacturers, over HTTP. */
@RestController
class ManufacturerController {
    private final ManufacturerRepository manufacturers;
    private final Transactions transactions;

    ManufacturerController(ManufacturerRepository manufacturers, Transactions transactions) {
        this.manufacturers = manufacturers;
        this.transactions = transactions;
    }

    /** @param rdmId four hexadecimal digits; empty = unknown */
    record FactsView(String shortName, String rdmId, String website, String contact) {
        FactsView {
            Objects.requireNonNull(shortName, "shortName");
            Objects.requireNonNull(rdmId, "rdmId");
            Objects.requireNonNull(website, "website");
            Objects.requireNonNull(contact, "contact");
        }

        static FactsView of(ManufacturerFacts facts) {
            return new FactsView(facts.shortName(), facts.rdmId() == null ? "" : HexId.of(facts.rdmId()), facts.website(), facts.contact());
        }

        /** {@return the facts; an id that is none is out of its range} */
        ManufacturerFacts read() {
            return new ManufacturerFacts(shortName.strip(), rdmId.isBlank() ? null : HexId.read(rdmId).orElse(0), website.strip(),
                    contact.strip());
        }
    }

    /** @param version to be named with the next change. @param spellings other names that count as this manufacturer */
    record ManufacturerView(String name, int version, FactsView facts, List<String> spellings) {}

    /** 200; 404 for a manufacturer that is not in the library. */
    @GetMapping("/api/manufacturer")
    ManufacturerView manufacturer(@RequestParam String name) {
        var id = require(name);
        var stored = manufacturers.facts(id);
        return new ManufacturerView(name, stored.version(), FactsView.of(stored.facts()), manufacturers.spellings(id));
    }

    record ManufacturerRequest(String name, int version, FactsView facts) {
        ManufacturerRequest {
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(facts, "facts");
        }
    }

    /** 200; 409 if someone else has changed them since that version; 422 with the {@code field} that does not fit. */
    @PutMapping("/api/manufacturer")
    ManufacturerView change(@RequestBody ManufacturerRequest request) {
        var facts = request.facts().read();
        facts.unfit().ifPresent(unfit -> {
            throw Refusal.unfit(unfit.field(), unfit.reason());
        });
        var id = require(request.name());
        if (!transactions.run(() -> manufacturers.putFacts(id, request.version(), facts))) {
            throw Refusal.stale("Someone has changed what is known of " + request.name()
                    + " meanwhile. Yours was not saved; look at theirs and try again.", Map.of());
        }
        return manufacturer(request.name());
    }

    /** @param name that is wrong. @param into of the manufacturer that it stands for */
    record MergeRequest(String name, String into) {
        MergeRequest {
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(into, "into");
        }
    }

    /** @param moved how many profiles came over */
    record Merged(ManufacturerView manufacturer, int moved) {}

    /**
     * 200; from now on whatever comes in under that name belongs to the other manufacturer. 404 if one of the two is not in the library,
     * 422 if they are one.
     */
    @PostMapping("/api/manufacturer/merge")
    Merged merge(@RequestBody MergeRequest request) {
        var moved = transactions.run(() -> {
            var from = require(request.name());
            var into = require(request.into());
            if (from.equals(into)) {
                throw Refusal.unfit("into", "'" + request.into() + "' is that manufacturer already.");
            }
            return manufacturers.merge(from, request.name(), into);
        });
        return new Merged(manufacturer(request.into()), moved);
    }

    private String require(String name) {
        return manufacturers.find(name).orElseThrow(() -> Refusal.notFound("'" + name + "' is not in the library."));
    }
}
