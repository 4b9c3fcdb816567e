package yellowkite.server.bench;

import java.util.List;
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
import yellowkite.core.bench.Fader;
import yellowkite.server.bench.HandsSessions.Session;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Controls that are moved elsewhere, over HTTP: who is heard, and which channel of a fixture in hand each moves. */
@RestController
class FaderController {
    private static final int LONGEST = 120;
    private final HandsSessions sessions;
    private final Controls controls;

    FaderController(HandsSessions sessions, Controls controls) {
        this.sessions = sessions;
        this.controls = controls;
    }

    /** @param heard what is moved elsewhere now. @param laid which of it moves which channel */
    record FadersView(Controls.HeardControls heard, List<Fader> laid) {}

    private FadersView faders(Session session) {
        return new FadersView(controls.state(), session.faders());
    }

    /** 200 with what is moved elsewhere, and which channels it moves. */
    @GetMapping("/api/hands/{id}/faders")
    FadersView faders(@PathVariable String id) {
        return faders(sessions.require(id));
    }

    /** 200; a control moves a channel from now on. 422 with what does not fit. */
    @PostMapping("/api/hands/{id}/faders")
    FadersView lay(@PathVariable String id, @RequestBody FaderRequest request) {
        var session = sessions.require(id);
        try {
            session.hands().with(request.channel(), 0); // refuses a channel that there is not
            session.lay(new Fader(Line.of("control", request.control(), LONGEST), request.channel(), request.from(), request.to(),
                    request.low(), request.high()));
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit("fader", String.valueOf(unfit.getMessage()));
        }
        return faders(session);
    }

    record FaderRequest(String control, int channel, double from, double to, double low, double high) {}

    /** 200; that control moves nothing any more. */
    @DeleteMapping("/api/hands/{id}/faders")
    FadersView lift(@PathVariable String id, @RequestParam String control) {
        var session = sessions.require(id);
        session.lift(control);
        return faders(session);
    }

    record OscRequest(int port) {}

    /** 200; this machine listens for OSC at a port. 422 if it is taken. */
    @PutMapping("/api/osc")
    Controls.HeardControls listen(@RequestBody OscRequest request) {
        controls.listen(request.port());
        return controls.state();
    }

    /** 204; nobody listens any more. */
    @DeleteMapping("/api/osc")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deafen() {
        controls.stop();
    }
}
