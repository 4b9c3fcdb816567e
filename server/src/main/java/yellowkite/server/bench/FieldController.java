package yellowkite.server.bench;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.field.Field;
import yellowkite.core.bench.field.Field.FieldCell;
import yellowkite.core.bench.field.Sampling;
import yellowkite.core.colour.Srgb;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gobo.Picture;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UnitPath;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Pictures and films onto cells, over HTTP. */
@RestController
class FieldController {
    private static final int MOST_SIDE = 160;
    private static final int MOST_FRAMES = 200;
    private static final int PIXEL = 4;
    private final FieldShow show;
    private final Modes modes;
    private final Addresses addresses;
    private final LiveOutput live;
    private final RigTaking rigs;
    private final RigShow rigShow;

    FieldController(FieldShow show, Modes modes, Addresses addresses, LiveOutput live, RigTaking rigs, RigShow rigShow) {
        this.show = show;
        this.modes = modes;
        this.addresses = addresses;
        this.live = live;
        this.rigs = rigs;
        this.rigShow = rigShow;
    }

    /**
     * @param pin of the fixtures, which stand one behind the other from that address on; of units it is the rig that says all this
     * @param rigId whose units they are; null for none. @param units in the order of the grid
     * @param frames each as Base64 of width times height pixels of red, green, blue and opacity; one of a picture
     * @param quarters turned clockwise by that many quarters. @param live whether it goes out, or is looked at alone
     */
    record FieldRequest(String pin, String mode, String destination, int universe, int address, @Nullable String rigId, List<String> units,
            int across, int down, Field.Order order,
            Sampling.Fit fit, int quarters, boolean mirrored, int width, int height, List<String> frames, double framesASecond,
            boolean live) {
        FieldRequest {
            Objects.requireNonNull(pin, "pin");
            Objects.requireNonNull(mode, "mode");
            Objects.requireNonNull(destination, "destination");
            Objects.requireNonNull(order, "order");
            Objects.requireNonNull(fit, "fit");
            units = List.copyOf(units);
            frames = List.copyOf(frames);
        }
    }

    /** @param left of the field, in [0, 1]; likewise the others. @param hex what falls on it in the first frame */
    record CellView(int fixture, double left, double top, double right, double bottom, String hex) {}

    /** @param aspect width of the field for its height */
    record FieldView(double aspect, List<CellView> cells) {}

    /** 200 with the cells as the first frame lights them; 422 with what does not fit. */
    @PostMapping("/api/field")
    FieldView show(@RequestBody FieldRequest request, Author author) {
        var asked = asked(request);
        var first = asked.sampling().of(asked.frames().getFirst(), asked.field());
        if (request.live()) {
            show.show(asked, author.name());
        }
        var cells = new ArrayList<CellView>();
        for (int i = 0; i < asked.field().cells().size(); i++) {
            cells.add(cell(asked.field().cells().get(i), first.get(i)));
        }
        return new FieldView(asked.field().aspect(), cells);
    }

    private static CellView cell(FieldCell cell, Srgb light) {
        return new CellView(cell.fixture(), cell.left(), cell.top(), cell.right(), cell.bottom(), light.hex());
    }

    private FieldShow.Asked asked(FieldRequest request) {
        if (request.width() < 1 || request.height() < 1 || request.width() > MOST_SIDE || request.height() > MOST_SIDE) {
            throw Refusal.unfit("frames", "A picture has from 1 to " + MOST_SIDE + " pixels on each side.");
        } else if (request.frames().isEmpty() || request.frames().size() > MOST_FRAMES) {
            throw Refusal.unfit("frames", "A film has from 1 to " + MOST_FRAMES + " pictures.");
        }
        var units = units(request);
        var mode = units.isEmpty() ? modes.mode(modes.revision(request.pin()), request.mode()) : mode(units.getFirst());
        try {
            var field = Field.of(mode, request.across(), request.down(), request.order());
            var frames = request.frames().stream().map(each -> picture(request, each)).toList();
            return new FieldShow.Asked(onto(request, units, mode), field,
                    new Sampling(request.fit(), request.quarters(), request.mirrored()), frames, request.framesASecond());
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit("field", String.valueOf(unfit.getMessage()));
        }
    }

    private FieldPlaces onto(FieldRequest request, List<Unit> units, CompiledMode mode) {
        int fixtures = request.across() * request.down();
        if (request.rigId() == null) {
            return new FieldPlaces.Straight(mode, fixtures, new At(request.universe(), request.address()), request.destination(), addresses,
                    live);
        } else if (units.size() != fixtures) {
            throw Refusal.unfit("field", "The grid has " + fixtures + " places, and there are " + units.size() + " units.");
        }
        return new FieldPlaces.InRig(request.rigId(), units,
                units.stream().map(each -> Hands.atStart(UnitPath.of(mode, each.adjustments()))).toList(), request.destination(), rigShow);
    }

    /** {@return the units of the grid, all alike; none where fixtures stand straight on} */
    private List<Unit> units(FieldRequest request) {
        if (request.rigId() == null) {
            return List.of();
        }
        var rig = rigs.require(request.rigId()).rig();
        var units = request.units()
            .stream()
            .map(each -> rig.find(each).orElseThrow(() -> Refusal.notFound("One of these units is not in the rig any more.")))
            .toList();
        if (units.isEmpty()) {
            throw Refusal.unfit("units", "Select the units that the picture goes onto.");
        }
        for (var each : units) {
            if (!each.found().equals(units.getFirst().found())) {
                throw Refusal.unfit("units", "Units " + units.getFirst().called() + " and " + each.called()
                        + " differ in fixture or mode: a picture goes onto units that are alike.");
            } else if (!each.hasAddress()) {
                throw Refusal.unfit("units", "Unit " + each.called() + " has no address.");
            }
        }
        return units;
    }

    private CompiledMode mode(Unit unit) {
        return rigs.compiled(unit.found())
            .orElseThrow(() -> Refusal.unfit("units", "Nobody knows what unit " + unit.called() + " is made of."));
    }

    private static Picture picture(FieldRequest request, String frame) {
        var bytes = Base64.getDecoder().decode(frame);
        if (bytes.length != PIXEL * request.width() * request.height()) {
            throw new IllegalArgumentException("A picture of " + request.width() + " by " + request.height() + " pixels has "
                    + PIXEL * request.width() * request.height() + " bytes.");
        }
        var pixels = new int[request.width() * request.height()];
        for (int i = 0; i < pixels.length; i++) {
            int at = PIXEL * i;
            pixels[i] = (bytes[at + 3] & 0xff) << 24 | (bytes[at] & 0xff) << 16 | (bytes[at + 1] & 0xff) << 8 | bytes[at + 2] & 0xff;
        }
        return new Picture(request.width(), request.height(), pixels);
    }

    record FieldState(boolean shown) {}

    /** 200 with whether a picture goes out. */
    @GetMapping("/api/field")
    FieldState state() {
        return new FieldState(show.isShown());
    }

    /** 204; it ends at the start values. */
    @DeleteMapping("/api/field")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop() {
        show.stop();
    }
}
