package yellowkite.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.furnishing.FirstHouse.FirstRig;
import yellowkite.core.furnishing.FirstHouse.Modes;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.UniverseFacts;
import yellowkite.core.rig.edit.AddUnits;
import yellowkite.core.rig.edit.AdjustChannel;
import yellowkite.core.rig.edit.PutUnit;
import yellowkite.core.rig.edit.PutUniverse;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.core.rig.edit.SetRigFacts;

/** The rigs of the demo house, each with something to find. */
final class DemoRigs {
    private static final String TOUR = "5a1f0c4e-7a10-4f0e-9a41-1c0de5a50011";
    private static final String BALL = "5a1f0c4e-7a10-4f0e-9a41-1c0de5a50012";
    private static final String MOORING = "5a1f0c4e-7a10-4f0e-9a41-1c0de5a50013";

    private DemoRigs() {}

    /** Its candles have had two revisions since. */
    static List<FirstRig> earlier() {
        return List.of(new FirstRig(MOORING, "Winter mooring", "The Marigold", DemoRigs::mooring));
    }

    static List<FirstRig> all() {
        return List.of(new FirstRig(BALL, "Lock-keeper's ball", "Lock-keepers' guild", DemoRigs::ball),
                new FirstRig(TOUR, "Marigold summer tour", "The Marigold", DemoRigs::tour));
    }

    private static String seed(String rig, int step) {
        return UUID.nameUUIDFromBytes((rig + "/" + step).getBytes(StandardCharsets.UTF_8)).toString();
    }

    /** {@return the uuid of a unit that a step has added} */
    private static String unit(String seed, int index) {
        return UUID.nameUUIDFromBytes((seed + "/" + index).getBytes(StandardCharsets.UTF_8)).toString();
    }

    private static AddUnits add(String seed, Found fixture, int count, @Nullable String at, String id, String name, String layer,
            String position) {
        return new AddUnits(seed, fixture, count, at, id, name, layer, List.of(), position, null, false);
    }

    private static PutUniverse universe(int universe, String name, String place, int port) {
        return new PutUniverse(new UniverseFacts(universe, name, place, new Output(Output.Kind.ART_NET, String.valueOf(port)), ""));
    }

    /** Two of its pars were moved by hand, onto a third. */
    private static List<RigEdit> tour(Modes modes) {
        var spot = modes.find("Tidewick", "Petrel Spot", "Extended");
        var wash = modes.find("Tidewick", "Petrel Wash", "Extended");
        var moth = modes.find("Lumbrook", "Moth", "Nine");
        var batten = modes.find("Osier & Vane", "Reedline 10", "Cells");
        var pars = seed(TOUR, 3);
        return List.of(
                new SetRigFacts("Marigold summer tour", "The Marigold", LocalDate.of(2026, 6, 6), LocalDate.of(2026, 9, 12),
                        "Every lock from Weirbridge to the sea.", 8),
                add(seed(TOUR, 1), spot, 8, "1.1", "101", "Rail 1", "Overhead", "Front rail"),
                add(seed(TOUR, 2), wash, 6, null, "201", "Wash 1", "Overhead", "Mid bridge"),
                add(pars, moth, 12, "2.1", "301", "Deck 1", "Floor", "Deck"),
                add(seed(TOUR, 4), batten, 4, "3.1", "401", "Batten 1", "Overhead", "Back rail"),
                add(seed(TOUR, 5), modes.find("Lumbrook", "Candle", "Dimmer"), 6, "2.201", "501", "Candle 1", "House", "Saloon"),
                add(seed(TOUR, 6), modes.find("Brinewell", "Fen", "Haze and fan"), 1, "2.301", "901", "Haze", "Floor", "Hold"),
                universe(1, "Rails", "Front rail", 0), universe(2, "Deck", "Deck box", 1), universe(3, "Battens", "Back rail", 2),
                new PutUnit(unit(pars, 3), null, "2.50"));
    }

    /** The second and the fourth hang the other way round, and say so; so does a wash, whose profile runs that way round as well. */
    private static List<RigEdit> ball(Modes modes) {
        var spots = seed(BALL, 1);
        var washes = seed(BALL, 3);
        var turned = List.of(unit(spots, 1), unit(spots, 3));
        return List.of(
                add(spots, modes.find("Tidewick", "Petrel Spot", "Extended"), 4, "1.1", "1", "Gate 1", "", "Lock gate"),
                add(seed(BALL, 2), modes.find("Cobbler's Row", "Thrum", "Four"), 2, null, "21", "Thrum 1", "", "Lock gate"),
                new AdjustChannel(turned, "Pan", ChannelAdjustment.NONE.withInvert(true)),
                add(washes, modes.find("Tidewick", "Petrel Wash", "Basic"), 2, null, "11", "Tender 1", "", "Tender"),
                new AdjustChannel(List.of(unit(washes, 1)), "Pan", ChannelAdjustment.NONE.withInvert(true)));
    }

    private static List<RigEdit> mooring(Modes modes) {
        var candle = modes.find("Lumbrook", "Candle", "Dimmer");
        return IntStream.range(0, 2)
            .<RigEdit>mapToObj(deck -> add(seed(MOORING, deck), candle, 12, (deck + 1) + ".1", String.valueOf(100 * (deck + 1) + 1),
                    (deck == 0 ? "Saloon" : "Cabin") + " 1", "", deck == 0 ? "Saloon" : "Cabins"))
            .toList();
    }
}
