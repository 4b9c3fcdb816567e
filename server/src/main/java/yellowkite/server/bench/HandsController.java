package yellowkite.server.bench;

import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.bench.Hands;
import yellowkite.core.colour.Wish;
import yellowkite.core.light.WantedColour;
import yellowkite.server.bench.HandsSessions.Session;
import yellowkite.server.bench.HandsView.HandsState;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.web.Author;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Hands on one fixture, over HTTP. */
@RestController
class HandsController {
    private static final int LONGEST = 100;
    private static final double LONGEST_FADE = 3_600;
    private static final double WHOLE = 100;
    private final HandsSessions sessions;
    private final LookRepository looks;
    private final RevisionReader reader;

    HandsController(HandsSessions sessions, LookRepository looks, RevisionReader reader) {
        this.sessions = sessions;
        this.looks = looks;
        this.reader = reader;
    }

    record HandsRequest(String pin, String mode, String destination, int universe, int address) {
        HandsRequest {
            Objects.requireNonNull(pin, "pin");
            Objects.requireNonNull(mode, "mode");
            Objects.requireNonNull(destination, "destination");
        }
    }

    /** 201 with the fixture at its start values; nothing goes out before it is live. 422 with the field that does not fit. */
    @PostMapping("/api/hands")
    @ResponseStatus(HttpStatus.CREATED)
    HandsView begin(@RequestBody HandsRequest request) {
        return view(sessions.begin(request.pin(), request.mode(), request.destination(), request.universe(), request.address()));
    }

    record UnitHandsRequest(String destination) {
        UnitHandsRequest {
            Objects.requireNonNull(destination, "destination");
        }
    }

    /** 201 with a unit of a rig at its start values; it goes live with its rig. 422 if it has no address, or no profile. */
    @PostMapping("/api/rigs/{rigId}/units/{uuid}/hands")
    @ResponseStatus(HttpStatus.CREATED)
    HandsView begin(@PathVariable String rigId, @PathVariable String uuid, @RequestBody UnitHandsRequest request) {
        return view(sessions.begin(rigId, uuid, request.destination()));
    }

    /** 200 with the fixture; 404 once it was let go. */
    @GetMapping("/api/hands/{id}")
    HandsView read(@PathVariable String id) {
        return view(sessions.require(id));
    }

    /** 200; it is let go, and stands at its start values. */
    @DeleteMapping("/api/hands/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable String id) {
        sessions.end(sessions.require(id));
    }

    record LiveRequest(boolean on) {}

    /** 200 with the fixture, live or not. */
    @PostMapping("/api/hands/{id}/live")
    HandsState live(@PathVariable String id, @RequestBody LiveRequest request, Author author) {
        var session = sessions.require(id);
        sessions.live(session, request.on(), author);
        return state(session);
    }

    /** @param raw of that channel; null where a physical value of a function is asked for */
    record HandsMove(int channel, @Nullable Long raw, @Nullable Integer function, @Nullable Double physical) {
        HandsMove {
            if (raw == null) {
                Objects.requireNonNull(function, "function");
                Objects.requireNonNull(physical, "physical");
            }
        }
    }

    record MovesRequest(List<HandsMove> moves, double seconds) {
        MovesRequest {
            moves = List.copyOf(moves);
        }
    }

    /** @param passed what the way there passes over. @param says a sentence on what was asked for; empty where there is nothing to say */
    record HandsMoved(HandsState state, List<Hands.Passed> passed, String says) {}

    /** 200 with what is reached; 422 for a value that there is not. */
    @PostMapping("/api/hands/{id}/moves")
    HandsMoved move(@PathVariable String id, @RequestBody MovesRequest request) {
        return changed(id, hands -> {
            var moved = hands;
            for (var each : request.moves()) {
                moved = each.raw() != null ? moved.with(each.channel(), each.raw())
                        : moved.near(each.channel(), Objects.requireNonNull(each.function(), "function"),
                                Objects.requireNonNull(each.physical(), "physical"));
            }
            return moved;
        }, request.seconds(), "");
    }

    /** 200 with all channels at their start values. */
    @PostMapping("/api/hands/{id}/start")
    HandsMoved start(@PathVariable String id) {
        return changed(id, hands -> Hands.atStart(hands.mode()), 0, "");
    }

    /** 200 with the fixture lit: at its highlight values, or with its light let out. */
    @PostMapping("/api/hands/{id}/highlight")
    HandsMoved highlight(@PathVariable String id) {
        return changed(id, hands -> Hands.lit(hands.mode()), 0, "");
    }

    /** @param hex as {@code #rrggbb}; empty where kelvin is asked for. @param brightness percent, in (0, 100] */
    record HandsColour(String hex, @Nullable Double kelvin, double brightness, double seconds) {
        HandsColour {
            Objects.requireNonNull(hex, "hex");
        }
    }

    /** 200 with the values that make a colour, and how near it comes; 422 where the mode makes none. */
    @PostMapping("/api/hands/{id}/colour")
    HandsMoved colour(@PathVariable String id, @RequestBody HandsColour request) {
        if (!(request.brightness() > 0 && request.brightness() <= WHOLE)) {
            throw Refusal.unfit("brightness", "A brightness is more than 0 and at most 100 %.");
        }
        try {
            var wish = request.kelvin() != null ? Wish.white(request.kelvin(), 0) : Wish.screen(request.hex());
            return switch (sessions.require(id).hands().coloured(wish, request.brightness() / WHOLE)) {
                case WantedColour.Result.Impossible why -> throw Refusal.unfit("colour", why.reason());
                case WantedColour.Result.Found found -> changed(id, hands -> hands.with(found), request.seconds(), found.says());
            };
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit("colour", String.valueOf(unfit.getMessage()));
        }
    }

    /** @param id of a look. @param by who kept it */
    record LookLine(String id, String name, String by) {}

    /** 200 with the looks that are kept of this mode. */
    @GetMapping("/api/hands/{id}/looks")
    List<LookLine> looks(@PathVariable String id) {
        var session = sessions.require(id);
        return looks.list(session.revision().profileId(), session.place().mode().mode().name())
            .stream()
            .map(each -> new LookLine(each.id(), each.name(), each.author()))
            .toList();
    }

    record LookRequest(String name) {}

    /** 201; what the fixture shows is kept under a name; one of that name is replaced. */
    @PostMapping("/api/hands/{id}/looks")
    @ResponseStatus(HttpStatus.CREATED)
    List<LookLine> keep(@PathVariable String id, @RequestBody LookRequest request, Author author) {
        var session = sessions.require(id);
        var hands = session.hands();
        var name = Line.of("name", request.name(), LONGEST);
        if (name.isEmpty()) {
            throw Refusal.unfit("name", "A look needs a name.");
        }
        looks.put(session.revision().profileId(), hands.mode().mode().name(), name, hands.values(), author.name());
        return looks(id);
    }

    /** 200; the look is gone. */
    @DeleteMapping("/api/hands/{id}/looks/{look}")
    List<LookLine> forget(@PathVariable String id, @PathVariable String look) {
        looks.remove(look);
        return looks(id);
    }

    record FadeRequest(double seconds) {}

    /** 200 with the look, and what the fade to it passes over. Channels that the mode has no more stay. */
    @PostMapping("/api/hands/{id}/looks/{look}/send")
    HandsMoved send(@PathVariable String id, @PathVariable String look, @RequestBody FadeRequest request) {
        var values = looks.find(look).orElseThrow(() -> Refusal.notFound("This look is not here any more.")).values();
        return changed(id, hands -> hands.with(values), request.seconds(), "");
    }

    private HandsMoved changed(String id, UnaryOperator<Hands> change, double seconds, String says) {
        if (!(seconds >= 0 && seconds <= LONGEST_FADE)) {
            throw Refusal.unfit("seconds", "A fade takes from 0 to 3600 seconds.");
        }
        var session = sessions.require(id);
        var passed = sessions.change(session, change, seconds);
        return new HandsMoved(state(session), passed, says);
    }

    private HandsView view(Session session) {
        return HandsView.of(session, sessions.isLive(session), reader.entries(session.revision().id()));
    }

    private HandsState state(Session session) {
        return HandsView.state(session.hands(), sessions.isLive(session), reader.entries(session.revision().id()));
    }
}
