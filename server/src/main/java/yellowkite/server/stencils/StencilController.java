package yellowkite.server.stencils;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.edit.Stencil;
import yellowkite.server.database.HouseClock;
import yellowkite.server.stencils.StencilRepository.StoredStencil;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Author;
import yellowkite.server.web.EditJson;
import yellowkite.server.web.Refusal;

/** Stencils over HTTP. They are laid by an edit that carries them, so that a draft never waits for one that is gone. */
@RestController
class StencilController {
    private static final int MOST = 500;
    private static final int LONGEST = 120;
    private static final int LONGEST_ORIGIN = 400;
    private static final int LONGEST_ATTRIBUTE = 200;
    private final StencilRepository stencils;
    private final HouseClock clock;

    StencilController(StencilRepository stencils, HouseClock clock) {
        this.stencils = stencils;
        this.clock = clock;
    }

    record StencilLine(String id, String name, String origin, String author, Stencil stencil) {}

    /** 200 with the house's stencils by name. */
    @GetMapping("/api/stencils")
    List<StencilLine> list() {
        return stencils.list(MOST).stream().flatMap(each -> readable(each).stream()).toList();
    }

    /** One that cannot be read keeps nobody from the others. */
    private Optional<StencilLine> readable(StoredStencil each) {
        try {
            return Optional.of(line(each));
        } catch (StoredForm.Unreadable damaged) {
            return Optional.empty();
        }
    }

    private StencilLine line(StoredStencil each) {
        return new StencilLine(each.id(), each.name(), each.origin(), each.author(), StoredForms.STENCIL.read(each.functions()));
    }

    record KeepRequest(String name, String origin, Stencil stencil) {
        KeepRequest {
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(origin, "origin");
            Objects.requireNonNull(stencil, "stencil");
            EditJson.requireWhole(stencil);
        }
    }

    /** 201 with the stencil; 422 with the {@code field} that does not fit. */
    @PostMapping("/api/stencils")
    @ResponseStatus(HttpStatus.CREATED)
    StencilLine keep(@RequestBody KeepRequest request, Author author) {
        var name = request.name().strip();
        if (name.isEmpty() || name.length() > LONGEST || name.codePoints().anyMatch(Character::isISOControl)) {
            throw Refusal.unfit("name", "A stencil needs a name of one line, at most " + LONGEST + " letters.");
        }
        if (request.stencil().functions().isEmpty() || !request.stencil().fitsItsWidth()) {
            throw Refusal.unfit("stencil", "This channel has no function that can be saved.");
        }
        if (request.stencil().attribute().length() > LONGEST_ATTRIBUTE) {
            throw Refusal.unfit("stencil", "The name of this channel's attribute has more than " + LONGEST_ATTRIBUTE + " letters.");
        }
        if (stencils.count() >= MOST) {
            throw Refusal.unfit("name", "The house keeps " + MOST + " stencils already; remove one first.");
        }
        var origin = request.origin().length() <= LONGEST_ORIGIN ? request.origin() : request.origin().substring(0, LONGEST_ORIGIN);
        var kept = new StoredStencil(UUID.randomUUID().toString(), name, request.stencil().attribute(), origin, author.name(),
                clock.now(),
                StoredForms.STENCIL.write(request.stencil()));
        stencils.add(kept);
        return line(kept);
    }

    /** 204; 404 if someone else has removed it. */
    @DeleteMapping("/api/stencils/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id) {
        if (!stencils.delete(id)) {
            throw Refusal.notFound("This stencil is gone already.");
        }
    }
}
