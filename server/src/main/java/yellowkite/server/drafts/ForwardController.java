package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.edit.AxisCures;
import yellowkite.core.edit.Edit;
import yellowkite.core.pose.Forward;
import yellowkite.core.pose.Heading;
import yellowkite.server.web.Refusal;

/** Which way a draft's fixture looks over HTTP, and what is wrong where a real one looks elsewhere. Reads only. */
@RestController
class ForwardController {
    private final Drafts drafts;

    ForwardController(Drafts drafts) {
        this.drafts = drafts;
    }

    /** @param pan how pan turns; null without it; likewise tilt. @param steps of the test */
    record ForwardView(Forward.@Nullable Sense pan, Forward.@Nullable Sense tilt, List<StepLine> steps) {}

    /**
     * @param pan degrees, as is tilt. @param sent what a fixture is sent for them. @param expected where the profile says that the light
     * looks then; and in words
     */
    record StepLine(double pan, double tilt, List<Forward.Sent> sent, Heading expected, String says) {}

    /** 200 with which way is forward. */
    @GetMapping("/api/drafts/{draftId}/forward")
    ForwardView forward(@PathVariable String draftId, @RequestParam int mode) {
        var forward = Forward.of(compiled(draftId, mode));
        return new ForwardView(forward.pan(), forward.tilt(),
                forward.steps()
                    .stream()
                    .map(each -> new StepLine(each.pan(), each.tilt(), each.sent(), each.expected(), each.expected().words()))
                    .toList());
    }

    /** @param at where the fixture looked; null = not told */
    record Seen(@Nullable Heading at) {}

    /** @param seen for each step */
    record SeenRequest(int mode, List<Seen> seen) {
        SeenRequest {
            seen = List.copyOf(seen);
        }
    }

    /** @param agrees whether the fixture does what the profile says. @param explanations each a way to explain what was seen */
    record ForwardAnswer(boolean agrees, List<Explanation> explanations) {}

    /** @param wrong all of what is wrong, together. @param edit that mends it */
    record Explanation(List<AxisCure> wrong, Edit edit) {}

    /** @param says what is wrong. @param changes what its cure changes */
    record AxisCure(String says, String changes) {}

    /** 200 with what is wrong where a fixture looked elsewhere, each statement with its cure. */
    @PostMapping("/api/drafts/{draftId}/forward")
    ForwardAnswer explain(@PathVariable String draftId, @RequestBody SeenRequest request) {
        var compiled = compiled(draftId, request.mode());
        var forward = Forward.of(compiled);
        if (request.seen().size() != forward.steps().size()) {
            throw Refusal.unfit("seen", "The test has " + forward.steps().size() + " steps.");
        }
        var seen = new ArrayList<@Nullable Heading>();
        request.seen().forEach(each -> seen.add(each.at()));
        var answers = Forward.explain(compiled, seen);
        return new ForwardAnswer(answers.stream().anyMatch(each -> each.wrong().isEmpty()), answers.stream()
            .filter(each -> !each.wrong().isEmpty())
            .map(each -> explanation(AxisCures.of(compiled.type(), forward, each)))
            .toList());
    }

    private static Explanation explanation(List<AxisCures.Cure> cures) {
        return new Explanation(cures.stream().map(each -> new AxisCure(each.says(), each.changes())).toList(), AxisCures.together(cures));
    }

    private CompiledMode compiled(String draftId, int mode) {
        var type = drafts.require(draftId).history().current();
        return CompiledModes.of(type, BodyController.mode(type, mode));
    }
}
