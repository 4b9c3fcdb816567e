package yellowkite.server.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.demo.DemoHouse;
import yellowkite.media.chart.ChartFile;
import yellowkite.server.RunningKite;

/** A DMX chart that this house printed, read as a manufacturer's chart: the same map. */
class PrintedAndReadBackTest {
    /** Fixtures whose channels are called by words that the standard's list knows, and that have no cells. */
    private static final List<String> LAMPS = List.of("Petrel Spot", "Petrel Wash", "Moth", "Sluice");

    @ParameterizedTest
    @ValueSource(strings = {"chart.csv", "chart.xlsx", "chart.pdf"})
    void theMapComesBack(String file) {
        var wrong = new ArrayList<String>();
        for (var fixture : DemoHouse.files()) {
            var type = fixture.description().type();
            if (!LAMPS.contains(type.name())) {
                continue;
            }
            var profile = RunningKite.takeIn(RunningKite.fresh(fixture));
            for (int mode = 0; mode < type.modes().size(); mode++) {
                var printed = get("/api/profiles/" + profile + "/revisions/1/modes/" + mode + "/" + file).body();
                var read = ChartReader.read(ChartFile.read(printed), type.manufacturer(), type.name());
                var expected = map(type, type.modes().get(mode));
                var found = read.modes().isEmpty() ? new TreeMap<Integer, String>() : map(read.modes().getFirst());
                if (!found.equals(expected)) {
                    wrong.add(type.name() + " " + type.modes().get(mode).name() + "\n  expected " + expected + "\n  found    " + found);
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void theFixturesOfTheTestAreThere() {
        assertThat(DemoHouse.files().stream().map(each -> each.description().type().name()).filter(LAMPS::contains)).hasSize(LAMPS.size());
    }

    /** {@return by first address how wide the channel is} */
    private static TreeMap<Integer, String> map(FixtureType type, Mode mode) {
        var map = new TreeMap<Integer, String>();
        AddressMap.of(type, mode)
            .channels()
            .stream()
            .filter(each -> !each.addresses().isEmpty())
            .forEach(each -> map.put(each.addresses().getFirst(), each.addresses() + " " + each.channel().attribute()));
        return map;
    }

    private static TreeMap<Integer, String> map(ModeProposal mode) {
        var map = new TreeMap<Integer, String>();
        mode.channels().forEach(each -> map.put(each.addresses().getFirst(), each.addresses() + " " + each.attribute()));
        return map;
    }
}
