package yellowkite.output;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.wire.sacn.SacnPacket;
import static org.assertj.core.api.Assertions.assertThat;

/** With a clock that is told. */
class SenderTest {
    private static final long SECOND = 1_000_000_000L;
    private final List<SacnPacket> sent = new ArrayList<>();
    private final List<String> told = new ArrayList<>();
    private final Sender sender = new Sender(new UUID(0, 1), "Test",
            (datagram, to) -> sent.add(SacnPacket.read(ByteBuffer.wrap(datagram)).orElseThrow()),
            (universe, levels) -> told.add(universe + ": " + (levels[0] & 0xff)));

    private static byte[] levels(int first) {
        var levels = new byte[512];
        levels[0] = (byte) first;
        return levels;
    }

    private void open() {
        sender.open(3, List.of(Destination.parse("sacn 127.0.0.1:5568", 3).orElseThrow()), 100, levels(7), levels(0));
    }

    private List<Integer> firsts() {
        return sent.stream().map(each -> each.slots().at(0)).toList();
    }

    @Test
    void whatDoesNotChangeIsSentOnceInNineTenthsOfASecond() {
        open();
        for (long tick = 0; tick < 4 * 44; tick++) {
            sender.tick(tick * SECOND / 44);
        }

        assertThat(sent).hasSize(5); // at 0, and after 40 ticks each: the first that is not before 900 ms
        assertThat(firsts()).containsOnly(7);
    }

    @Test
    void aFadeIsSentWithEveryTickAndSequencesCountUp() {
        open();
        sender.tick(0);
        sender.aim(new Command.Levels(3, levels(255), 1, List.of(), List.of()), 0);
        for (long tick = 1; tick <= 44; tick++) {
            sender.tick(tick * SECOND / 44);
        }

        assertThat(sent).hasSize(45);
        assertThat(sent.getLast().slots().at(0)).isEqualTo(255);
        assertThat(firsts()).isSorted();
        assertThat(sent.stream().map(SacnPacket::sequence))
            .containsExactlyElementsOf(IntStream.range(0, 45).boxed().toList());
    }

    @Test
    void darkStopsAllLightUntilItIsLetOut() {
        open();
        sender.aim(new Command.Levels(3, levels(255)), 0);
        sender.tick(0);
        sender.dark(true);
        sender.tick(1);
        sender.aim(new Command.Levels(3, levels(200)), 2);
        sender.tick(3);
        sender.dark(false);
        sender.tick(4);

        assertThat(firsts()).containsExactly(255, 0, 200);
    }

    @Test
    void aUniverseEndsAtItsRestAndSaysSoThreeTimes() {
        open();
        sender.aim(new Command.Levels(3, levels(255)), 0);
        sender.tick(0);
        sender.end(1);
        sender.tick(2);

        assertThat(firsts()).containsExactly(255, 7, 7, 7, 7);
        assertThat(sent.stream().map(SacnPacket::terminated)).containsExactly(false, false, true, true, true);
        assertThat(sender.aim(new Command.Levels(3, levels(1)), 3)).isFalse();
    }

    @Test
    void aUniverseThatGoesElsewhereCountsOn() {
        open();
        sender.aim(new Command.Levels(3, levels(99)), 0);
        sender.tick(0);
        open();
        sender.tick(1);

        assertThat(firsts()).containsExactly(99, 99);
        assertThat(sent.stream().map(SacnPacket::sequence)).containsExactly(0, 1);
    }

    @Test
    void whatIsHeldStaysWhateverIsSentAndGoesOnlyWithDark() {
        open();
        assertThat(sender.hold(3, Map.of(1, 42))).isTrue();
        sender.aim(new Command.Levels(3, levels(255)), 0);
        sender.tick(0);
        sender.dark(true);
        sender.tick(1);
        sender.dark(false);
        sender.hold(3, Map.of());
        sender.tick(2);

        assertThat(firsts()).containsExactly(42, 0, 255);
        assertThat(sender.hold(4, Map.of())).isFalse();
        sender.hold(3, Map.of(1, 42));
        sender.end(3);
        assertThat(firsts()).as("it ends at its rest, held or not").endsWith(7, 7, 7, 7);
    }

    @Test
    void framesThatDifferAreToldWhileSomebodyWatches() {
        open();
        sender.tick(0);
        sender.watch(3, true);
        sender.tick(1);
        sender.tick(SECOND);
        sender.aim(new Command.Levels(3, levels(9)), SECOND);
        sender.tick(SECOND + 1);
        sender.watch(3, false);
        sender.aim(new Command.Levels(3, levels(10)), SECOND + 2);
        sender.tick(SECOND + 3);

        assertThat(told).containsExactly("3: 7", "3: 9");
        assertThat(sender.watch(4, true)).isFalse();
    }

    @Test
    void aNetworkThatIsAwayIsTriedAgain() {
        var calls = new int[1];
        var away = new Sender(new UUID(0, 1), "Test", (datagram, to) -> {
            calls[0]++;
            throw new java.io.IOException("away");
        }, (universe, levels) -> told.add("nothing"));
        away.open(1, List.of(Destination.parse("sacn 127.0.0.1:5568", 1).orElseThrow()), 100, levels(0), levels(0));
        away.tick(0);
        away.tick(SECOND);

        assertThat(calls[0]).isEqualTo(2);
        assertThat(away.failed()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({"sacn 127.0.0.1:5568, 3", "artnet 10.0.0.7:6454 32767, 3", "artnet 127.0.0.1:6454 0, 3", "sacn multicast, 3"})
    void destinationsAreReadAsTheyAreWritten(String text, int universe) {
        assertThat(Destination.parse(text, universe).orElseThrow()).hasToString(text);
        assertThat(Destination.parse("artnet 127.0.0.1:6454", 3).orElseThrow()).hasToString("artnet 127.0.0.1:6454 2");
        assertThat(Destination.parse("sacn multicast", 258).orElseThrow().address().getAddress().getHostAddress()).isEqualTo("239.255.1.2");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "sacn", "sacn example.com:1", "sacn 127.0.0.1", "sacn 127.0.0.1:0", "sacn 127.0.0.1:70000",
            "sacn 999.0.0.1:1",
            "artnet multicast", "artnet 127.0.0.1:1 40000", "osc 127.0.0.1:1", "sacn 127.0.0.1:1 2"})
    void whatIsNoDestinationIsNone(String text) {
        assertThat(Destination.parse(text, 1)).isEmpty();
    }

    @Test
    void commandsAreReadAsTheyAreWritten() {
        for (var command : List.of(new Command.Close(3), new Command.Hold(3, Map.of(512, 255)), new Command.Watch(3, false),
                new Command.Dark(true), new Command.Alive(), new Command.End())) {
            assertThat(CommandJson.read(CommandJson.write(command))).contains(command);
        }
        var open = (Command.Open) CommandJson
            .read(CommandJson.write(new Command.Open(3, List.of("sacn multicast"), 120, levels(1), levels(2))))
            .orElseThrow();
        assertThat(open.to() + " " + open.priority() + " " + open.rest()[0] + " " + open.dark()[0]).isEqualTo("[sacn multicast] 120 1 2");
        var aim = (Command.Levels) CommandJson
            .read(CommandJson.write(new Command.Levels(3, levels(9), 1.5, List.of(List.of(0, 1)), List.of(7))))
            .orElseThrow();
        assertThat(aim.levels()[0] + " " + aim.seconds() + " " + aim.wide() + " " + aim.jumps()).isEqualTo("9 1.5 [[0, 1]] [7]");
        for (var wrong : List.of("", "{", "[]", "{\"do\":\"fly\"}", "{\"do\":\"levels\",\"levels\":\"AA==\"}",
                "{\"do\":\"levels\",\"levels\":\"%\"}", "{\"do\":\"hold\",\"values\":{\"513\":1}}",
                "{\"do\":\"hold\",\"values\":{\"1\":256}}", "{\"do\":\"hold\",\"values\":{\"x\":1}}")) {
            assertThat(CommandJson.read(wrong)).as(wrong).isEmpty();
        }
    }
}
