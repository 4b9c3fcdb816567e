package yellowkite.server.drafts;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.edit.BringFunction;
import yellowkite.core.edit.CellPlan;
import yellowkite.core.edit.MakeCells;
import yellowkite.server.web.Refusal;

/**
 * What writing a profile needs to know of the draft itself: twins of a function, who turns a wheel, how cells stand, which step reaches a
 * value. Reads only.
 */
@RestController
class AuthoringController {
    private final Drafts drafts;

    AuthoringController(Drafts drafts) {
        this.drafts = drafts;
    }

    /** A function of another mode that stands for the same thing. @param differs whether bringing would change it */
    record Twin(int mode, String modeName, String channel, boolean differs) {}

    /** 200 with the functions of other modes that this one can be brought to. */
    @GetMapping("/api/drafts/{draftId}/functions/{function}/twins")
    List<Twin> twins(@PathVariable String draftId, @PathVariable int function) {
        return BringFunction.twins(drafts.require(draftId).history().current(), function)
            .stream()
            .map(each -> new Twin(each.mode().id(), each.mode().name(), each.channel().name(), each.differs()))
            .toList();
    }

    /** @param first null = the usual one, as are {@code spacing} and {@code columns} */
    record CellsRequest(int mode, List<Integer> channels, String name, int count, @Nullable Integer first,
            @Nullable Integer spacing, @Nullable Integer columns, MakeCells.Order order,
            String pitch) {
        CellsRequest {
            channels = List.copyOf(channels);
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(pitch, "pitch");
            Objects.requireNonNull(order, "order");
        }
    }

    /** 200 with the block of cells as it would be laid; without cells if there is no such grid. */
    @PostMapping("/api/drafts/{draftId}/cells-preview")
    CellPlan cells(@PathVariable String draftId, @RequestBody CellsRequest asked) {
        return CellPlan.of(drafts.require(draftId).history().current(), asked.mode(), asked.channels(), asked.name(), asked.count(),
                asked.first(), asked.spacing(), asked.columns(), asked.order(), asked.pitch());
    }

    /** @param says one sentence with what was asked and what the step gives */
    record Reach(long raw, double got, String says) {}

    /** 200 with the step of a function that comes nearest to a physical value; 422 if it is out of reach, with what is not. */
    @GetMapping("/api/drafts/{draftId}/functions/{function}/reach")
    Reach reach(@PathVariable String draftId, @PathVariable int function, @RequestParam double value) {
        var type = drafts.require(draftId).history().current();
        var span = type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .filter(channel -> channel.findFunction(function).isPresent())
            .flatMap(channel -> Spans.of(type, channel).stream())
            .filter(each -> each.function().id() == function && each.from() <= each.to())
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("That function is not in this profile any more."));
        if (!Double.isFinite(value)) {
            throw Refusal.unfit("value", "A physical value is a number, such as 4200.");
        }
        var step = Wanted.nearest(span, value);
        var attribute = span.function().attribute();
        var unit = type.unitOf(attribute);
        if (!step.isInReach(value)) {
            throw Refusal.unfit("value", "'" + span.name() + "' reaches " + EndWords.of(attribute, step.low(), unit) + " to "
                    + EndWords.of(attribute, step.high(), unit) + ".");
        }
        return new Reach(step.raw(), step.got(),
                "Asked " + EndWords.of(attribute, value, unit) + ", reached " + EndWords.of(attribute, step.got(), unit) + ".");
    }
}
